import { useMemo } from 'react';
import type { Rect } from '@/api/client';
import type { Axis } from '@/grid/geometry';
import { rangesOf } from './ChoiceBox';

/** Marks that one screen shows at most. */
const MOST = 400;

/** A quiet mark at the end of each cell that offers choices. */
export function ChoiceMarks({ choices, rows, columns, view }: { choices: string[]; rows: Axis; columns: Axis; view: Rect }) {
    const ranges = useMemo(() => rangesOf(choices), [choices]);
    const cells: [number, number][] = [];
    for (const range of ranges) {
        for (let row = Math.max(range.top, view.top); row <= Math.min(range.bottom, view.bottom) && cells.length < MOST; row++)
            for (let column = Math.max(range.left, view.left); column <= Math.min(range.right, view.right); column++)
                cells.push([row, column]);
    }
    return (
        <>
            {cells.map(([row, column]) => (
                <i
                    key={`${row}.${column}`}
                    role="presentation"
                    className="pointer-events-none absolute h-0 w-0 border-x-[3.5px] border-t-[4px] border-x-transparent border-t-[#8e5a8a]"
                    style={{ left: columns.end(column) - 10, top: rows.end(row) - 8 }}
                />
            ))}
        </>
    );
}
