import type { Rect } from '@/api/client';
import { COLUMNS, ROWS } from '@/api/types';

export { COLUMNS, ROWS };

/** "A" for 1, "AA" for 27. */
export function letters(column: number): string {
    let name = '';
    for (let left = column; left > 0; left = Math.floor((left - 1) / 26))
        name = String.fromCharCode(65 + ((left - 1) % 26)) + name;
    return name;
}

function number(name: string): number {
    return [...name.toUpperCase()].reduce((sum, letter) => sum * 26 + letter.charCodeAt(0) - 64, 0);
}

/** How a range is written; whole columns and rows as C:D and 2:7. */
export function write(range: Rect): string {
    if (range.top === 1 && range.bottom === ROWS) return `${letters(range.left)}:${letters(range.right)}`;
    if (range.left === 1 && range.right === COLUMNS) return `${range.top}:${range.bottom}`;
    const first = letters(range.left) + range.top;
    const last = letters(range.right) + range.bottom;
    return first === last ? first : `${first}:${last}`;
}

/** Reads what {@link write} writes; null for anything else. */
export function parse(text: string): Rect | null {
    const clean = text.replaceAll('$', '').trim().toUpperCase();
    const columns = /^([A-Z]{1,3}):([A-Z]{1,3})$/.exec(clean);
    const rows = /^(\d+):(\d+)$/.exec(clean);
    const cells = /^([A-Z]{1,3})(\d+)(?::([A-Z]{1,3})(\d+))?$/.exec(clean);
    const box = columns
        ? [1, number(columns[1] ?? ''), ROWS, number(columns[2] ?? '')]
        : rows
          ? [Number(rows[1]), 1, Number(rows[2]), COLUMNS]
          : cells
            ? [Number(cells[2]), number(cells[1] ?? ''), Number(cells[4] ?? cells[2]), number(cells[3] ?? cells[1] ?? '')]
            : null;
    if (!box) return null;
    const [a = 0, b = 0, c = 0, d = 0] = box;
    const range = { top: Math.min(a, c), left: Math.min(b, d), bottom: Math.max(a, c), right: Math.max(b, d) };
    return range.top >= 1 && range.bottom <= ROWS && range.left >= 1 && range.right <= COLUMNS ? range : null;
}
