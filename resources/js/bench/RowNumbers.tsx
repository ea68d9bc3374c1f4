import type { Rect } from '@/api/client';
import type { Axis } from '@/grid/geometry';
import { span } from '@/grid/selection';
import { Edge } from './Edge';
import type { Acts } from '@/work/useActs';

/** The numbers of the rows in sight; those of the selection stand out. */
export function RowNumbers({
    rows,
    view,
    stop,
    selection,
    zoom,
    acts,
}: {
    rows: Axis;
    view: Rect;
    /** The row whose number the Tab key stops at. */
    stop: number;
    selection: Rect[];
    zoom: number;
    acts: Acts;
}) {
    return span(view.top, view.bottom).map((row) => {
        const isChosen = selection.some((rect) => row >= rect.top && row <= rect.bottom);
        return (
            <div
                key={row}
                role="row"
                aria-rowindex={row}
                className="absolute"
                style={{ left: 14, width: 38, top: rows.start(row), height: rows.sizeOf(row) }}
            >
                <div
                    role="rowheader"
                    aria-selected={isChosen}
                    data-head={row}
                    tabIndex={row === stop ? 0 : -1}
                    className={`grid h-full place-items-center border-r border-b border-hair font-mono text-[11px] outline-offset-[-2px]!
                            ${isChosen ? 'bg-[#eadfe8] font-medium text-damson' : 'text-quiet'}`}
                >
                    <span className="unmirrored max-h-full overflow-hidden">{row}</span>
                    <Edge axis="rows" index={row} size={rows.sizeOf(row)} zoom={zoom} acts={acts} />
                </div>
            </div>
        );
    });
}
