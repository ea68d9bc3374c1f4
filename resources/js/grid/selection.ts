import type { Rect } from '@/api/client';
import { COLUMNS, ROWS } from './address';

export interface Place {
    row: number;
    column: number;
}

export function between(a: Place, b: Place): Rect {
    return {
        top: Math.min(a.row, b.row),
        left: Math.min(a.column, b.column),
        bottom: Math.max(a.row, b.row),
        right: Math.max(a.column, b.column),
    };
}

export const wholeRows = (a: number, b: number): Rect => ({
    top: Math.min(a, b),
    left: 1,
    bottom: Math.max(a, b),
    right: COLUMNS,
});
export const wholeColumns = (a: number, b: number): Rect => ({
    top: 1,
    left: Math.min(a, b),
    bottom: ROWS,
    right: Math.max(a, b),
});

export function contains(ranges: Rect[], place: Place): boolean {
    return ranges.some(
        (range) =>
            place.row >= range.top && place.row <= range.bottom && place.column >= range.left && place.column <= range.right,
    );
}

/** Takes a rectangle away; what is left of each range are up to four pieces. */
export function without(ranges: Rect[], hole: Rect): Rect[] {
    return ranges.flatMap((range) => {
        const cut = {
            top: Math.max(range.top, hole.top),
            left: Math.max(range.left, hole.left),
            bottom: Math.min(range.bottom, hole.bottom),
            right: Math.min(range.right, hole.right),
        };
        if (cut.top > cut.bottom || cut.left > cut.right) return [range];
        const pieces: Rect[] = [];
        if (cut.top > range.top) pieces.push({ ...range, bottom: cut.top - 1 });
        if (cut.bottom < range.bottom) pieces.push({ ...range, top: cut.bottom + 1 });
        if (cut.left > range.left) pieces.push({ top: cut.top, bottom: cut.bottom, left: range.left, right: cut.left - 1 });
        if (cut.right < range.right) pieces.push({ top: cut.top, bottom: cut.bottom, left: cut.right + 1, right: range.right });
        return pieces;
    });
}

/** What a drag makes of a selection: replaces it, adds to it, or takes away from it. */
export function dragged(before: Rect[], rect: Rect, mode: 'replace' | 'add' | 'take'): Rect[] {
    if (mode === 'replace') return [rect];
    const rest = without(before, rect);
    if (mode === 'add') return [...rest, rect];
    return rest.length > 0 ? rest : [rect];
}

/** The whole numbers from..to. */
export function span(from: number, to: number): number[] {
    return to < from ? [] : Array.from({ length: to - from + 1 }, (_, index) => from + index);
}
