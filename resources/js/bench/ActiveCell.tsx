import { useEffect } from 'react';
import { KINDS, type ColumnKind, type SheetDetail } from '@/api/types';
import { COLUMNS, ROWS, letters, write } from '@/grid/address';
import type { Axis } from '@/grid/geometry';
import type { Tile } from '@/grid/useTiles';
import { announce } from '@/parts/announce';
import { counted } from '@/parts/counted';
import { useBench } from '@/work/state';

/**
 * The active cell as those hear it who do not see the grid (ARIA Authoring Practices, grid): there also where the cell is
 * blank, with its text, its kind and its part.
 */
export function ActiveCell({ detail, tiles, rows, columns }: { detail: SheetDetail; tiles: Tile[]; rows: Axis; columns: Axis }) {
    const { row, column } = useBench((state) => state.active);
    const selection = useBench((state) => state.selection);
    const said = selection.map(words).join(' and ');
    const cells = selection.reduce((sum, rect) => sum + (rect.bottom - rect.top + 1) * (rect.right - rect.left + 1), 0);
    useEffect(() => {
        if (cells <= 1) return;
        const quiet = setTimeout(() => announce(`${said} chosen`), 400);
        return () => clearTimeout(quiet);
    }, [said, cells]);
    return (
        <div
            role="row"
            aria-rowindex={row}
            className="pointer-events-none absolute"
            style={{ top: rows.start(Math.min(row, rows.count)), left: columns.start(Math.min(column, columns.count)) }}
        >
            <div
                role="gridcell"
                id="active-cell"
                aria-colindex={column}
                aria-selected="true"
                aria-label={[
                    `${letters(column)}${row}`,
                    textAt(tiles, row, column) || 'blank',
                    ...meaning(detail, row, column),
                ].join(', ')}
                style={{ width: columns.sizeOf(Math.min(column, columns.count)), height: rows.sizeOf(Math.min(row, rows.count)) }}
            />
        </div>
    );
}

function textAt(tiles: Tile[], row: number, column: number): string {
    for (const { window } of tiles) {
        const cell = window?.cells.find((each) => each.row === row && each.column === column);
        if (cell) return `${cell.edge ?? ''}${cell.text}`.replace(/\uF8F0./gsu, '').trim();
    }
    return '';
}

/** What the cell is: the kind of its column and the part of its row. */
function meaning(detail: SheetDetail, row: number, column: number): string[] {
    const table = detail.tables.find((t) => row >= t.top && row <= t.bottom && column >= t.left && column <= t.right);
    const part = table?.runs.find((run) => row >= run.first && row <= run.last && run.part !== null);
    if (!table || !part) return [];
    const kind = table.columns.find((each) => each.column === column)?.kind;
    return [...(part.part === 'body' && kind ? [KINDS[kind as ColumnKind].words] : []), part.words];
}

function words(rect: { top: number; left: number; bottom: number; right: number }): string {
    if (rect.top === 1 && rect.bottom === ROWS && rect.left === 1 && rect.right === COLUMNS) return 'The whole sheet';
    if (rect.top === 1 && rect.bottom === ROWS)
        return `Columns ${letters(rect.left)}${rect.right > rect.left ? ` to ${letters(rect.right)}` : ''}`;
    if (rect.left === 1 && rect.right === COLUMNS) return `Rows ${rect.top}${rect.bottom > rect.top ? ` to ${rect.bottom}` : ''}`;
    const cells = (rect.bottom - rect.top + 1) * (rect.right - rect.left + 1);
    return `${write(rect).replace(':', ' to ')}, ${counted(cells, 'cell')}`;
}
