import { memo } from 'react';
import type { Rect } from '@/api/client';
import type { SheetDetail } from '@/api/types';
import { letters } from '@/grid/address';
import type { Axis } from '@/grid/geometry';
import { span } from '@/grid/selection';
import { Edge } from './Edge';
import { HeaderMenu } from './HeaderMenu';
import { ColumnBrackets } from './PartMargin';
import type { Acts } from './useActs';
import type { Handlers } from './useGridPointer';
import { LEFT } from './useGridView';

/** Column letters with the brackets of the reading above them. Going down the rows changes nothing of them. */
export const ColumnHeads = memo(function ColumnHeads({
    detail,
    columns,
    frozen,
    left,
    right,
    zoom,
    selection,
    row,
    handlers,
    acts,
}: {
    detail: SheetDetail;
    columns: Axis;
    frozen: number;
    left: number;
    right: number;
    zoom: number;
    selection: Rect[];
    row: number;
    handlers: Handlers;
    acts: Acts;
}) {
    const chosen = (column: number) => selection.some((rect) => column >= rect.left && column <= rect.right);
    return (
        <HeaderMenu axis="columns" acts={acts}>
            <div role="row" className="absolute" style={{ left: LEFT }} {...handlers('columns')}>
                <ColumnBrackets tables={detail.tables} columns={columns} view={{ top: 1, left, bottom: 1, right }} active={row} />
                {[...span(1, frozen), ...span(left, right)].map((column, index) => (
                    <div
                        key={`${column}.${index < frozen}`}
                        role="columnheader"
                        className={`absolute grid h-5 place-items-center border-r border-b border-hair font-mono text-[11px] ${chosen(column) ? 'bg-[#eadfe8] font-medium text-damson' : 'bg-ground text-quiet'}`}
                        style={{
                            top: 14,
                            left: columns.start(column),
                            width: columns.sizeOf(column),
                            ...(index < frozen ? { position: 'absolute', zIndex: 2 } : {}),
                        }}
                    >
                        {letters(column)}
                        <Edge axis="columns" index={column} size={columns.sizeOf(column)} zoom={zoom} acts={acts} />
                    </div>
                ))}
            </div>
        </HeaderMenu>
    );
});
