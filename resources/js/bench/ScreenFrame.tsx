import type { FirstScreen } from '@/api/types';
import type { Axis } from '@/grid/geometry';
import { counted } from '@/parts/counted';

/** A frame around what a reader sees before scrolling; what stands outside of it is said at its corner. */
export function ScreenFrame({
    screen,
    rows,
    columns,
    left,
}: {
    screen: FirstScreen;
    rows: Axis;
    columns: Axis;
    /** Where cells begin that scroll along, px. */
    left: number;
}) {
    const outside = [
        screen.columnsOutside > 0 && counted(screen.columnsOutside, 'column'),
        screen.rowsOutside > 0 && counted(screen.rowsOutside, 'row'),
    ].filter(Boolean);
    return (
        <div
            role="presentation"
            data-screen={screen.name}
            className="pointer-events-none absolute top-0 left-0 z-[7] flex items-end border-r-2 border-b-2 border-dashed border-brass"
            style={{ width: columns.end(screen.column), height: rows.end(screen.row) }}
        >
            <span
                className="sticky mb-1 rounded bg-brass px-1.5 py-0.5 text-[11px] whitespace-nowrap text-white"
                style={{ left: left + 6 }}
            >
                {screen.name}, {screen.width} × {screen.height}
                {outside.length > 0 ? `: ${outside.join(' and ')} outside` : ': all of it in sight'}
            </span>
        </div>
    );
}
