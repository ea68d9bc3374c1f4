import { memo, useRef } from 'react';
import type { Rect } from '@/api/client';
import type { SheetDetail } from '@/api/types';
import { letters } from '@/grid/address';
import type { Axis } from '@/grid/geometry';
import { span } from '@/grid/selection';
import { Edge } from './Edge';
import { HeaderMenu } from './HeaderMenu';
import { ColumnBrackets } from './PartMargin';
import type { Acts } from '@/work/useActs';
import type { Handlers } from './useGridPointer';
import { LEFT, TOP } from './useGridView';
import { useHeadKeys } from './useHeadKeys';

/** Column letters with the brackets of the reading above them. Going down the rows changes nothing of them. */
export const ColumnHeads = memo(function ColumnHeads({
    detail,
    columns,
    frozen,
    left,
    right,
    stop,
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
    /** The column whose letter the Tab key stops at. */
    stop: number;
    zoom: number;
    selection: Rect[];
    row: number;
    handlers: Handlers;
    acts: Acts;
}) {
    const box = useRef<HTMLDivElement>(null);
    const onKeyDown = useHeadKeys('columns', box, left);
    const chosen = (column: number) => selection.some((rect) => column >= rect.left && column <= rect.right);
    const heads = (from: number, to: number) => (
        <>
            <ColumnBrackets
                tables={detail.tables}
                columns={columns}
                view={{ top: 1, left: from, bottom: 1, right: to }}
                active={row}
            />
            {span(from, to).map((column) => (
                <div
                    key={column}
                    role="columnheader"
                    aria-colindex={column}
                    aria-selected={chosen(column)}
                    data-head={column}
                    tabIndex={column === stop ? 0 : -1}
                    className={`absolute grid h-5 place-items-center border-r border-b border-hair font-mono text-[11px]
                            outline-offset-[-2px]! ${chosen(column) ? 'bg-[#eadfe8] font-medium text-damson' : 'bg-ground text-quiet'}`}
                    style={{ top: 14, left: columns.start(column), width: columns.sizeOf(column) }}
                >
                    <span className="unmirrored">{letters(column)}</span>
                    <Edge axis="columns" index={column} size={columns.sizeOf(column)} zoom={zoom} acts={acts} />
                </div>
            ))}
        </>
    );
    return (
        <HeaderMenu axis="columns" acts={acts}>
            <div ref={box} role="presentation" className="h-full" onKeyDown={onKeyDown}>
                <div role="row" className="absolute" style={{ left: LEFT }} {...handlers('columns')}>
                    {heads(left, right)}
                </div>
                {frozen > 0 && (
                    // What stays in sight keeps its letters.
                    <div role="presentation" className="sticky z-[2] w-0" style={{ left: LEFT, height: TOP }}>
                        <div
                            role="row"
                            className="absolute overflow-hidden bg-ground"
                            style={{ width: columns.start(frozen + 1), height: TOP }}
                            {...handlers('columns')}
                        >
                            {heads(1, frozen)}
                        </div>
                    </div>
                )}
            </div>
        </HeaderMenu>
    );
});
