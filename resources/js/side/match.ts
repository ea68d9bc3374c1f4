/** Runs of lines that stand for each other: first at the left, first at the right, how many. */
export type Runs = number[][];

/** The line of the other side that stands for one; where none does, the one that would come next. */
export function across(runs: Runs, line: number, fromLeft: boolean): number {
    const [own, other] = fromLeft ? [0, 1] : [1, 0];
    let last = line;
    for (const run of runs) {
        const [first = 0, beside = 0, count = 0] = [run[own], run[other], run[2]];
        if (line < first) return beside;
        last = beside + (line - first);
        if (line < first + count) return last;
        last = beside + count;
    }
    return last;
}

/** Whether a line has one that stands for it. */
export function isMatched(runs: Runs, line: number, fromLeft: boolean): boolean {
    const own = fromLeft ? 0 : 1;
    return runs.some((run) => line >= (run[own] ?? 0) && line < (run[own] ?? 0) + (run[2] ?? 0));
}
