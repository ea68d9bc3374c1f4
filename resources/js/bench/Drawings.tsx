import { useQuery } from '@tanstack/react-query';
import { BarChart3, Image, Shapes } from 'lucide-react';
import { api, type Rect } from '@/api/client';
import type { DrawingRecord } from '@/api/types';
import type { Axis } from '@/grid/geometry';

const ICONS = { chart: BarChart3, picture: Image } as const;
const NONE: DrawingRecord[] = [];

/** What lies over the cells of the file: pictures as themselves, all else as a quiet box that says what it is. */
export function useDrawings(id: number, sheet: number, revision: number): DrawingRecord[] {
    return (
        useQuery({
            queryKey: ['drawings', id, sheet, revision],
            queryFn: () => api.drawings(id, sheet),
            staleTime: Infinity,
            placeholderData: (old) => old,
        }).data ?? NONE
    );
}

export function Drawings({
    id,
    sheet,
    drawings,
    rows,
    columns,
    view,
}: {
    id: number;
    sheet: number;
    drawings: DrawingRecord[];
    rows: Axis;
    columns: Axis;
    view: Rect;
}) {
    return drawings.map((drawing, index) => {
        const [row = 1, column = 1, down = 0, across = 0] = drawing.from;
        const top = rows.start(row) + Math.min(down, rows.sizeOf(row));
        const left = columns.start(column) + Math.min(across, columns.sizeOf(column));
        const [lastRow, lastColumn, lastDown = 0, lastAcross = 0] = drawing.to;
        const bottom =
            lastRow === undefined ? top + (drawing.size[1] ?? 0) : rows.start(lastRow) + Math.min(lastDown, rows.sizeOf(lastRow));
        const right =
            lastColumn === undefined
                ? left + (drawing.size[0] ?? 0)
                : columns.start(lastColumn) + Math.min(lastAcross, columns.sizeOf(lastColumn));
        if (
            bottom < rows.start(view.top) ||
            top > rows.end(view.bottom) ||
            right < columns.start(view.left) ||
            left > columns.end(view.right)
        )
            return null;
        const Icon = ICONS[drawing.kind as keyof typeof ICONS] ?? Shapes;
        const words = `${drawing.kind === 'other' ? 'drawing' : drawing.kind} of the file${drawing.name ? `: ${drawing.name}` : ''}`;
        return (
            <div
                key={index}
                role="img"
                aria-label={words}
                className="unmirrored pointer-events-none absolute z-[2] overflow-hidden border border-dashed border-quiet/60 bg-white/70"
                style={{ top, left, width: Math.max(8, right - left), height: Math.max(8, bottom - top) }}
            >
                {drawing.isPicture ? (
                    <img
                        alt=""
                        className="h-full w-full object-fill"
                        src={`/api/workbooks/${id}/sheets/${sheet}/drawings/${index}`}
                    />
                ) : (
                    <span className="flex items-center gap-1 p-1 text-[11px] text-quiet">
                        <Icon size={13} aria-hidden="true" /> <span className="truncate">{words}, kept as it is</span>
                    </span>
                )}
            </div>
        );
    });
}
