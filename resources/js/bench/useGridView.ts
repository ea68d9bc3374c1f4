import { useCallback, useEffect, useEffectEvent, useLayoutEffect, useMemo, useRef, useState } from 'react';
import type { Rect } from '@/api/client';
import type { SheetDetail } from '@/api/types';
import { COLUMNS, ROWS } from '@/grid/address';
import { Axis } from '@/grid/geometry';
import { useBench } from '@/work/state';

/** Part margin and row numbers; column brackets and letters. */
export const LEFT = 52;
export const TOP = 34;
/** Blank rows and columns that are shown beyond the data, and as many more as fill the room. */
const BEYOND_ROWS = 40;
const BEYOND_COLUMNS = 12;

/** The share of the room that frozen parts may take; in a small window fewer of them stay in sight. */
const FROZEN = 0.6;

function whatFits(axis: Axis, frozen: number, room: number): number {
    let last = frozen;
    while (last > 0 && axis.start(last + 1) > room) last--;
    return last;
}

/** Where rows and columns stand, which of them are in sight, and scrolling to what is revealed. */
export function useGridView(detail: SheetDetail, onView: (view: Rect) => void) {
    const scroller = useRef<HTMLDivElement>(null);
    const reveal = useBench((state) => state.reveal);
    const [view, setView] = useState<Rect>({ top: 1, left: 1, bottom: 40, right: 20 });
    const [room, setRoom] = useState({ width: window.innerWidth, height: window.innerHeight });
    const zoom = detail.zoom / 100;
    const tall = Math.ceil(room.height / (detail.height * zoom)) + 1;
    const lastRow = Math.min(ROWS, detail.rows + Math.max(BEYOND_ROWS, tall));
    const widths = detail.widths.slice(0, detail.columns);
    const filled = widths.reduce((sum, px) => sum + px, 0) + (detail.columns - widths.length) * detail.width;
    const wide = Math.ceil((room.width / zoom - filled) / detail.width);
    const lastColumn = Math.min(COLUMNS, detail.columns + Math.max(BEYOND_COLUMNS, wide));
    const rows = useMemo(
        () =>
            new Axis(
                lastRow,
                detail.height * zoom,
                detail.heights.map(([first = 0, last = 0, px = 0]) => [first, last, px * zoom]),
            ),
        [lastRow, detail.height, detail.heights, zoom],
    );
    const columns = useMemo(
        () =>
            Axis.ofSizes(
                detail.widths.map((px) => px * zoom),
                lastColumn,
                detail.width * zoom,
            ),
        [lastColumn, detail.widths, detail.width, zoom],
    );
    const frozen = {
        row: whatFits(rows, Math.min(detail.freezeRow, lastRow), (room.height - TOP) * FROZEN),
        column: whatFits(columns, Math.min(detail.freezeColumn, lastColumn), (room.width - LEFT) * FROZEN),
    };
    const frozenHeight = rows.start(frozen.row + 1);
    const frozenWidth = columns.start(frozen.column + 1);

    const look = useCallback(() => {
        const box = scroller.current;
        if (!box) return;
        const next = {
            top: rows.at(box.scrollTop + frozenHeight),
            left: columns.at(box.scrollLeft + frozenWidth),
            bottom: Math.min(lastRow, rows.at(box.scrollTop + box.clientHeight) + 2),
            right: Math.min(lastColumn, columns.at(box.scrollLeft + box.clientWidth) + 1),
        };
        setView((old) =>
            old.top === next.top && old.left === next.left && old.bottom === next.bottom && old.right === next.right ? old : next,
        );
    }, [rows, columns, frozenHeight, frozenWidth, lastRow, lastColumn]);
    useLayoutEffect(() => look(), [look]);
    const looking = useEffectEvent(look);
    // Scrolling answers with a promise in newer browsers, and what an effect gives back is called in the end.
    const openThere = useEffectEvent(() => {
        scroller.current?.scrollTo({
            top: rows.start(Math.max(detail.firstRow, frozen.row + 1)) - frozenHeight,
            left: columns.start(Math.max(detail.firstColumn, frozen.column + 1)) - frozenWidth,
        });
    });
    // A sheet opens at the cell that it is set to open at, once.
    useLayoutEffect(() => openThere(), [detail.number]);
    useEffect(() => {
        const box = scroller.current;
        if (!box) return;
        const watcher = new ResizeObserver(() => {
            const { clientWidth: width, clientHeight: height } = box;
            setRoom((old) => (old.width === width && old.height === height ? old : { width, height }));
            looking();
        });
        watcher.observe(box);
        return () => watcher.disconnect();
    }, []);
    useEffect(
        () => onView({ top: 1, left: 1, bottom: Math.min(view.bottom, view.top + 150), right: view.right }),
        [view, onView],
    );

    const bringInSight = useEffectEvent(({ row, column }: { row: number; column: number }) => {
        const box = scroller.current;
        if (!box) return;
        const top = rows.start(Math.min(row, lastRow));
        const bottom = rows.end(Math.min(row, lastRow));
        const left = columns.start(Math.min(column, lastColumn));
        const right = columns.end(Math.min(column, lastColumn));
        if (row > frozen.row) {
            if (top - frozenHeight < box.scrollTop) box.scrollTo({ top: top - frozenHeight });
            else if (bottom > box.scrollTop + box.clientHeight - TOP - 16)
                box.scrollTo({ top: bottom - box.clientHeight + TOP + 16 });
        }
        if (column > frozen.column) {
            if (left - frozenWidth < box.scrollLeft) box.scrollTo({ left: left - frozenWidth });
            else if (right > box.scrollLeft + box.clientWidth - LEFT) box.scrollTo({ left: right - box.clientWidth + LEFT });
        }
    });
    // Only a new reveal scrolls; sizes that change under a selection must not.
    useEffect(() => {
        if (reveal) bringInSight(reveal);
    }, [reveal]);

    return { scroller, view, look, rows, columns, lastRow, lastColumn, frozen, frozenHeight, frozenWidth };
}
