import type { Rect } from '@/api/client';
import type { Axis } from '@/grid/geometry';
import { span } from '@/grid/selection';

/** Thin lines between cells, where the sheet shows them. */
export function GridLines({ rows, columns, view }: { rows: Axis; columns: Axis; view: Rect }) {
    const top = rows.start(view.top);
    const left = columns.start(view.left);
    const height = rows.end(view.bottom) - top;
    const width = columns.end(view.right) - left;
    return (
        <>
            {span(view.top, view.bottom).map((row) => (
                <div
                    key={`r${row}`}
                    role="presentation"
                    className="absolute h-px bg-[#ece6dc]"
                    style={{ top: rows.end(row) - 1, left, width }}
                />
            ))}
            {span(view.left, view.right).map((column) => (
                <div
                    key={`c${column}`}
                    role="presentation"
                    className="absolute w-px bg-[#ece6dc]"
                    style={{ left: columns.end(column) - 1, top, height }}
                />
            ))}
        </>
    );
}
