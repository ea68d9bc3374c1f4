import type { Rect } from '@/api/client';
import type { Axis } from '@/grid/geometry';
import type { Place } from '@/grid/selection';

/** Quiet lines at the right edge of cells that there is a note on. */
export function NoteMarks({ ranges, rows, columns, view }: { ranges: Rect[]; rows: Axis; columns: Axis; view: Rect }) {
    return ranges.map((rect) => {
        const top = Math.max(rect.top, view.top);
        const bottom = Math.min(rect.bottom, view.bottom, rows.count);
        if (top > bottom || rect.right < view.left || rect.right > view.right) return null;
        return (
            <div
                key={`${rect.top}.${rect.left}`}
                role="presentation"
                data-note=""
                className="pointer-events-none absolute z-[3] border-r-2 border-dotted border-brass"
                style={{
                    top: rows.start(top) + 2,
                    left: columns.end(rect.right) - 4,
                    width: 2,
                    height: rows.end(bottom) - rows.start(top) - 4,
                }}
            />
        );
    });
}

/** The selected ranges and the active cell, drawn over the cells. */
export function SelectionMarks({
    selection,
    active,
    rows,
    columns,
    view,
}: {
    selection: Rect[];
    active: Place;
    rows: Axis;
    columns: Axis;
    view: Rect;
}) {
    return (
        <>
            {selection.map((rect) => {
                const top = Math.max(rect.top, view.top);
                const bottom = Math.min(rect.bottom, view.bottom, rows.count);
                const left = Math.max(rect.left, view.left);
                const right = Math.min(rect.right, view.right, columns.count);
                if (top > bottom || left > right) return null;
                const y = rows.start(top);
                const x = columns.start(left);
                return (
                    <div
                        key={`${rect.top}.${rect.left}.${rect.bottom}.${rect.right}`}
                        role="presentation"
                        data-selected=""
                        className="pointer-events-none absolute z-[3] border-2 border-damson bg-damson/7"
                        style={{
                            top: y - 1,
                            left: x - 1,
                            width: columns.end(right) - x + 1,
                            height: rows.end(bottom) - y + 1,
                            borderTopWidth: top === rect.top ? 2 : 0,
                            borderBottomWidth: bottom === rect.bottom ? 2 : 0,
                            borderLeftWidth: left === rect.left ? 2 : 0,
                            borderRightWidth: right === rect.right ? 2 : 0,
                        }}
                    >
                        {/* A light line inside of the ring, which is seen on a dark fill as well. */}
                        <div
                            className="h-full w-full border-white/90"
                            style={{
                                borderTopWidth: top === rect.top ? 1 : 0,
                                borderBottomWidth: bottom === rect.bottom ? 1 : 0,
                                borderLeftWidth: left === rect.left ? 1 : 0,
                                borderRightWidth: right === rect.right ? 1 : 0,
                            }}
                        />
                    </div>
                );
            })}
            {active.row >= view.top && active.row <= view.bottom && active.column >= view.left && active.column <= view.right && (
                <div
                    role="presentation"
                    className="pointer-events-none absolute z-[3] outline-1 outline-offset-[-2px]! outline-damson/60"
                    style={{
                        boxShadow: 'inset 0 0 0 3px rgb(255 255 255 / 0.75)',
                        top: rows.start(active.row),
                        left: columns.start(active.column),
                        width: columns.sizeOf(active.column),
                        height: rows.sizeOf(active.row),
                    }}
                />
            )}
        </>
    );
}
