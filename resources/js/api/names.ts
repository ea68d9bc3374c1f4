/** A name that nothing else has: what goes by it is done once, however often it is asked for. */
export const newName = () => Array.from(crypto.getRandomValues(new Uint32Array(4)), (part) => part.toString(36)).join('-');

const named = new WeakMap<File, string>();

/** The name that a file is sent under. Tried again, the same file goes by the same name; chosen anew, it is another one. */
export function nameOfFile(file: File): string {
    const name = named.get(file) ?? newName();
    named.set(file, name);
    return name;
}
