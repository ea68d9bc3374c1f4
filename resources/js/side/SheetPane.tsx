import { useQueries, useQuery } from '@tanstack/react-query';
import { useEffect, useImperativeHandle, useLayoutEffect, useMemo, useRef, useState, type Ref } from 'react';
import { api, sideText, type Rect, type Side } from '@/api/client';
import { letters, parse } from '@/grid/address';
import { Axis } from '@/grid/geometry';
import { bandsOf, Paint } from '@/grid/Paint';
import { isMatched, type Runs } from './match';

const TILE = 24;
const LEFT = 46;
const TOP = 20;

/** Where a pane stands: its first row, with how much of it is scrolled by, and its first column. */
export interface Stand {
    row: number;
    part: number;
    column: number;
    along: number;
}

export interface Pane {
    goTo: (stand: Stand) => void;
    reveal: (place: string) => void;
}

/** One of two sheets, to be looked at. */
export function SheetPane({
    ref,
    label,
    side,
    stamp,
    zoom,
    chosen,
    rows: matched,
    isLeft,
    onStand,
    onChoose,
}: {
    ref: Ref<Pane>;
    label: string;
    side: Side;
    /** Another one when the sheet has changed. */
    stamp: string;
    /** 1 for 100 %. */
    zoom: number;
    chosen: Rect | null;
    rows: Runs;
    isLeft: boolean;
    onStand: (stand: Stand) => void;
    onChoose: (row: number, column: number) => void;
}) {
    const box = useRef<HTMLDivElement>(null);
    const name = sideText(side);
    const detail = useQuery({
        queryKey: ['side sheet', name, stamp],
        queryFn: () => api.sideSheet(side),
        staleTime: Infinity,
        placeholderData: (old) => old,
    });
    const sheet = detail.data;
    const [view, setView] = useState<Rect>({ top: 1, left: 1, bottom: 40, right: 20 });
    const lastRow = (sheet?.rows ?? 0) + 10;
    const lastColumn = (sheet?.columns ?? 0) + 4;
    const [rows, columns] = useMemo(() => {
        const heights = sheet?.heights ?? [];
        return [
            new Axis(
                lastRow,
                (sheet?.height ?? 20) * zoom,
                heights.map(([first = 0, last = 0, px = 0]) => [first, last, px * zoom]),
            ),
            Axis.ofSizes(
                (sheet?.widths ?? []).map((px) => px * zoom),
                lastColumn,
                (sheet?.width ?? 64) * zoom,
            ),
        ];
    }, [sheet, lastRow, lastColumn, zoom]);
    /** Where another pane made it go: that is not told back to it. */
    const sent = useRef<{ top: number; left: number } | null>(null);
    const see = () => {
        const at = box.current;
        if (!at) return;
        const next = {
            top: rows.at(at.scrollTop),
            left: columns.at(at.scrollLeft),
            bottom: Math.min(lastRow, rows.at(at.scrollTop + at.clientHeight) + 1),
            right: Math.min(lastColumn, columns.at(at.scrollLeft + at.clientWidth) + 1),
        };
        setView((old) =>
            old.top === next.top && old.left === next.left && old.bottom === next.bottom && old.right === next.right ? old : next,
        );
    };
    const tell = () => {
        const at = box.current;
        if (!at) return;
        see();
        if (sent.current && Math.abs(at.scrollTop - sent.current.top) < 1 && Math.abs(at.scrollLeft - sent.current.left) < 1)
            return;
        sent.current = null;
        const [row, column] = [rows.at(at.scrollTop), columns.at(at.scrollLeft)];
        onStand({
            row,
            part: (at.scrollTop - rows.start(row)) / Math.max(1, rows.sizeOf(row)),
            column,
            along: (at.scrollLeft - columns.start(column)) / Math.max(1, columns.sizeOf(column)),
        });
    };
    const seeing = useRef(see);
    useLayoutEffect(() => {
        seeing.current = see;
    });
    useLayoutEffect(() => seeing.current(), [rows, columns, lastRow, lastColumn]);
    useEffect(() => {
        const at = box.current;
        if (!at) return;
        // Another size is another view; nobody has scrolled.
        const watcher = new ResizeObserver(() => seeing.current());
        watcher.observe(at);
        return () => watcher.disconnect();
    }, []);
    useImperativeHandle(ref, () => ({
        goTo: ({ row, part, column, along }) => {
            const at = box.current;
            if (!at) return;
            const top = Math.round(rows.start(Math.min(row, lastRow)) + part * rows.sizeOf(row));
            const left = Math.round(columns.start(Math.min(column, lastColumn)) + along * columns.sizeOf(column));
            if (Math.abs(at.scrollTop - top) < 1 && Math.abs(at.scrollLeft - left) < 1) return;
            at.scrollTo({ top, left });
            sent.current = { top: at.scrollTop, left: at.scrollLeft };
        },
        reveal: (place) => {
            const range = parse(place);
            const at = box.current;
            if (!range || !at) return;
            const [top, left] = [rows.start(Math.min(range.top, lastRow)), columns.start(Math.min(range.left, lastColumn))];
            const isSeen =
                top >= at.scrollTop &&
                top + TOP + 24 <= at.scrollTop + at.clientHeight &&
                left >= at.scrollLeft &&
                left + LEFT + 24 <= at.scrollLeft + at.clientWidth;
            if (isSeen) return;
            at.scrollTo({ top: Math.max(0, top - at.clientHeight / 3), left: Math.max(0, left - at.clientWidth / 3) });
        },
    }));
    const tiles: Rect[] = [];
    const first = (at: number) => Math.floor((at - 1) / TILE) * TILE + 1;
    for (let top = first(view.top); top <= Math.min(view.bottom, lastRow); top += TILE)
        for (let left = first(view.left); left <= Math.min(view.right, lastColumn); left += TILE)
            tiles.push({ top, left, bottom: Math.min(top + TILE - 1, lastRow), right: Math.min(left + TILE - 1, lastColumn) });
    const windows = useQueries({
        queries: tiles.map((tile) => ({
            queryKey: ['side window', name, stamp, tile.top, tile.left, tile.bottom, tile.right],
            queryFn: ({ signal }: { signal: AbortSignal }) => api.sideWindow(side, tile, signal),
            enabled: sheet !== undefined,
            staleTime: Infinity,
            gcTime: 30_000,
            structuralSharing: false,
        })),
    });
    if (detail.error) return <p className="p-4 text-danger">{detail.error.message}</p>;
    const inView = (from: number, to: number) => Array.from({ length: Math.max(0, to - from + 1) }, (_, index) => from + index);
    const clip = { top: 1, left: 1, bottom: lastRow, right: lastColumn };
    return (
        <div
            ref={box}
            tabIndex={0}
            role="region"
            aria-label={label}
            className="relative min-h-0 min-w-0 overflow-auto bg-white outline-offset-[-2px]!"
            onScroll={tell}
            onClick={(event) => {
                const at = box.current?.getBoundingClientRect();
                if (!at || !box.current) return;
                const x = event.clientX - at.left - LEFT + box.current.scrollLeft;
                const y = event.clientY - at.top - TOP + box.current.scrollTop;
                if (x >= 0 && y >= 0) onChoose(rows.at(y), columns.at(x));
            }}
        >
            <div className="relative" style={{ width: columns.total + LEFT, height: rows.total + TOP }}>
                <div className="sheet absolute" style={{ left: LEFT, top: TOP, width: columns.total, height: rows.total }}>
                    {inView(view.top, view.bottom).map(
                        (row) =>
                            row <= (sheet?.rows ?? 0) &&
                            matched.length > 0 &&
                            !isMatched(matched, row, isLeft) && (
                                <div
                                    key={row}
                                    className="absolute bg-brass-soft"
                                    style={{ top: rows.start(row), height: rows.sizeOf(row), width: columns.total }}
                                />
                            ),
                    )}
                    {windows.map(
                        ({ data }, index) =>
                            data && (
                                <div key={`${tiles[index]?.top}.${tiles[index]?.left}`}>
                                    {bandsOf(data, clip, view).map((band) => (
                                        <Paint key={band.top} window={data} rows={rows} columns={columns} zoom={zoom} {...band} />
                                    ))}
                                </div>
                            ),
                    )}
                    {chosen && chosen.top <= lastRow && chosen.left <= lastColumn && (
                        <div
                            className="pointer-events-none absolute z-[3] border-2 border-damson"
                            style={{
                                top: rows.start(chosen.top) - 1,
                                left: columns.start(chosen.left) - 1,
                                height: rows.end(Math.min(chosen.bottom, lastRow)) - rows.start(chosen.top) + 1,
                                width: columns.end(Math.min(chosen.right, lastColumn)) - columns.start(chosen.left) + 1,
                            }}
                        />
                    )}
                </div>
                <div
                    className="sticky top-0 z-[5] bg-ground"
                    style={{ height: TOP, width: columns.total + LEFT }}
                    aria-hidden="true"
                >
                    <span className="sticky left-0 z-[1] block bg-ground" style={{ width: LEFT, height: TOP }} />
                    {inView(view.left, view.right).map((column) => (
                        <span
                            key={column}
                            className="absolute border-r border-hair text-center font-mono text-[11px] leading-5 text-quiet"
                            style={{ top: 0, left: LEFT + columns.start(column), width: columns.sizeOf(column), height: TOP }}
                        >
                            {letters(column)}
                        </span>
                    ))}
                </div>
                <div className="sticky left-0 z-[4] w-0" style={{ marginTop: 0 }} aria-hidden="true">
                    <div className="absolute bg-ground" style={{ width: LEFT, height: rows.total }}>
                        {inView(view.top, view.bottom).map((row) => (
                            <span
                                key={row}
                                className="absolute border-b border-hair text-center font-mono text-[11px] text-quiet"
                                style={{
                                    top: rows.start(row),
                                    height: rows.sizeOf(row),
                                    width: LEFT,
                                    lineHeight: `${rows.sizeOf(row)}px`,
                                }}
                            >
                                {row}
                            </span>
                        ))}
                    </div>
                </div>
            </div>
        </div>
    );
}
