import type { Window } from '@/api/types';
import { useInSight } from '@/parts/useInSight';
import { Axis } from './geometry';
import { Paint } from './Paint';

/** A window drawn whole, from its own corner. */
export function Whole({ window, style }: { window: Window; style?: React.CSSProperties }) {
    const columns = Axis.ofSizes(window.widths, window.widths.length, 64);
    const rows = Axis.ofSizes(window.heights, window.heights.length, 20);
    return (
        <div className="sheet relative" style={{ width: columns.total, height: rows.total, ...style }}>
            <Paint
                window={window}
                rows={rows}
                columns={columns}
                top={1}
                bottom={window.heights.length}
                left={1}
                right={window.widths.length}
            />
        </div>
    );
}

/** A window drawn small, as a picture of its sheet, once it comes in sight: a shelf may hold hundreds. */
export function Picture({ window, width, height }: { window: Window; width: number; height: number }) {
    const [frame, seen] = useInSight<HTMLDivElement>();
    const columns = Axis.ofSizes(window.widths, window.widths.length, 64);
    const rows = Axis.ofSizes(window.heights, window.heights.length, 20);
    const scale = Math.min(
        (width - 24) / Math.max(columns.total, 1),
        0.8,
        Math.max((height - 20) / Math.max(rows.total, 1), 0.4),
    );
    return (
        <div ref={frame} className="overflow-hidden bg-white" style={{ width: '100%', height }} aria-hidden="true">
            {seen && (
                <Whole window={window} style={{ transform: `translate(12px, 10px) scale(${scale})`, transformOrigin: '0 0' }} />
            )}
        </div>
    );
}
