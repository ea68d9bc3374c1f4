import type { Rect } from './client';

/** What is asked for under which key: what is in sight when something is done comes along with the answer to it. */
export const keys = {
    bench: (id: number) => ['bench', id],
    sheet: (id: number, sheet: number, stamp: string) => ['sheet', id, sheet, stamp],
    window: (id: number, sheet: number, { top, left, bottom, right }: Rect, seen: string) => [
        'window',
        id,
        sheet,
        `${top}.${left}`,
        bottom,
        right,
        seen,
    ],
    inspection: (id: number, sheet: number, stamp: string, ranges: string, row: number, column: number) => [
        'inspection',
        id,
        sheet,
        stamp,
        ranges,
        row,
        column,
    ],
    number: (id: number, sheet: number, stamp: string, row: number, column: number, alike: boolean) => [
        'number',
        id,
        sheet,
        stamp,
        row,
        column,
        alike,
    ],
    figures: (id: number, sheet: number, data: number, ranges: string) => ['figures', id, sheet, data, ranges],
};
