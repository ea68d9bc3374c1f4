/** A number of things in words: "1 sheet", "1,204 sheets"; of what has no plain plural both forms are given. */
export function counted(count: number, one: string, many = `${one}s`): string {
    return `${count.toLocaleString('en')} ${count === 1 ? one : many}`;
}
