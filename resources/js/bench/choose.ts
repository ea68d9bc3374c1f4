import type { Rect } from '@/api/client';
import { useBench } from '@/work/state';

/** Selects what was pressed; with Ctrl it is added, with Shift all from the last to it. Says whether it was added. */
export function choose(ranges: Rect[], event: { ctrlKey: boolean; metaKey: boolean; shiftKey: boolean }): boolean {
    const { select, selection } = useBench.getState();
    const first = ranges[0];
    if (!first) return false;
    if (event.ctrlKey || event.metaKey) select([...selection, ...ranges], { row: first.top, column: first.left }, false);
    else if (event.shiftKey) {
        const all = [selection[0] ?? first, ...ranges];
        select([
            {
                top: Math.min(...all.map((range) => range.top)),
                left: Math.min(...all.map((range) => range.left)),
                bottom: Math.max(...all.map((range) => range.bottom)),
                right: Math.max(...all.map((range) => range.right)),
            },
        ]);
    } else {
        select(ranges);
        return false;
    }
    return true;
}

/** Whether two selections are the same ranges, in the same order. */
export function sameRanges(a: { top: number; left: number; bottom: number; right: number }[], b: typeof a): boolean {
    return (
        a.length === b.length &&
        a.every(
            (range, i) =>
                JSON.stringify(range) ===
                JSON.stringify({ top: b[i]?.top, left: b[i]?.left, bottom: b[i]?.bottom, right: b[i]?.right }),
        )
    );
}
