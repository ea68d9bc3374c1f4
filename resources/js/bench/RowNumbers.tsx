import type { Rect } from '@/api/client';
import type { Axis } from '@/grid/geometry';
import { span } from '@/grid/selection';
import { Edge } from './Edge';
import type { Acts } from './useActs';

/** The numbers of the rows in sight; those of the selection stand out. */
export function RowNumbers({
    rows,
    view,
    selection,
    zoom,
    acts,
}: {
    rows: Axis;
    view: Rect;
    selection: Rect[];
    zoom: number;
    acts: Acts;
}) {
    return span(view.top, view.bottom).map((row) => (
        <div
            key={row}
            role="rowheader"
            className={`absolute grid place-items-center border-r border-b border-hair font-mono text-[11px] ${selection.some((rect) => row >= rect.top && row <= rect.bottom) ? 'bg-[#eadfe8] font-medium text-damson' : 'text-quiet'}`}
            style={{ left: 14, width: 38, top: rows.start(row), height: rows.sizeOf(row) }}
        >
            <span className="max-h-full overflow-hidden">{row}</span>
            <Edge axis="rows" index={row} size={rows.sizeOf(row)} zoom={zoom} acts={acts} />
        </div>
    ));
}
