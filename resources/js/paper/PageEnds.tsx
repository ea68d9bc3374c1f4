import type { Axis } from '@/grid/geometry';
import type { Rect } from '@/api/client';
import { usePages } from './usePages';

/** Quiet lines on the sheet where pages end on paper. */
export function PageEnds({
    id,
    sheet,
    seen,
    rows,
    columns,
    view,
}: {
    id: number;
    sheet: number;
    seen: string;
    rows: Axis;
    columns: Axis;
    /** Rows and columns in sight. */
    view: Rect;
}) {
    const pages = usePages(id, sheet, seen).data;
    if (!pages) return null;
    const across = pages.rowEnds.filter((row) => row >= view.top - 1 && row <= view.bottom);
    const down = pages.columnEnds.filter((column) => column >= view.left - 1 && column <= view.right);
    const [left, right] = [columns.start(Math.max(1, view.left)), columns.end(view.right)];
    const [top, bottom] = [rows.start(Math.max(1, view.top)), rows.end(view.bottom)];
    return (
        <div role="presentation" data-page-ends className="pointer-events-none absolute top-0 left-0 z-[6]">
            {across.map((row) => (
                <div
                    key={`r${row}`}
                    data-end={`row ${row}`}
                    className="absolute border-t border-dashed border-caution"
                    style={{ top: rows.end(row) - 1, left, width: right - left }}
                />
            ))}
            {down.map((column) => (
                <div
                    key={`c${column}`}
                    data-end={`column ${column}`}
                    className="absolute border-l border-dashed border-caution"
                    style={{ left: columns.end(column) - 1, top, height: bottom - top }}
                />
            ))}
        </div>
    );
}
