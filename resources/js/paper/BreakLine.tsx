import { useEffect, useEffectEvent, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { PageEndRecord } from '@/api/types';
import { nearest } from './layers';

const ALONG = 'h-3.5 w-full cursor-row-resize items-center';
const UPRIGHT = 'h-full w-3.5 cursor-col-resize justify-center';
const NOTE = 'absolute w-[350px] max-w-[60vw] rounded-md border border-hair bg-white px-3 py-2 text-[12.5px] shadow-lg';

/** ms after the last key until the end is moved: several steps are one act. */
const REST = 400;
/** ms after the answer until the line goes back, where the end was not moved. */
const BACK = 1_500;

/** Where a page ends: a line that says why, that is dragged, and moved by arrow keys. */
export function BreakLine({
    end,
    along,
    zoom,
    length,
    onMove,
    onDrop,
}: {
    end: PageEndRecord;
    /** The line lies along rows, and ends the page below them. */
    along: boolean;
    zoom: number;
    /** Of the page across the line, px on paper. */
    length: number;
    onMove: (to: number) => Promise<unknown>;
    /** Takes a break out that somebody made. */
    onDrop: () => void;
}) {
    const [dragged, setDragged] = useState<number | null>(null);
    /** Where arrow keys went to, or that the break is to be taken out. */
    const [stepped, setStepped] = useState<number | 'out' | null>(null);
    /** Where it was put, until the page that ends there is known. */
    const [put, setPut] = useState<{ before: number; to: number } | null>(null);
    const [open, setOpen] = useState(false);
    const start = useRef({ at: 0, from: 0 });
    if (put?.to === end.last) setPut(null);
    const waits = put?.before === end.last;
    const shown = typeof stepped === 'number' ? stepped : waits ? put.to : end.last;
    const index = dragged ?? Math.max(0, end.lines.indexOf(shown));
    const place = end.places[index] ?? 0;
    const last = end.lines[index] ?? end.last;
    const words = along ? `row ${last}` : `column ${last}`;
    const move = (next: number | undefined) => {
        if (next === undefined || next === end.last) return;
        const mine = { before: end.last, to: next };
        setPut(mine);
        void onMove(next).finally(() => setTimeout(() => setPut((now) => (now === mine ? null : now)), BACK));
    };
    /** What it was moved to before is answered first, as the next is counted from there. */
    const flush = () => {
        if (stepped === null || waits) return;
        if (typeof stepped === 'number') move(stepped);
        else if (end.made) onDrop();
        setStepped(null);
    };
    const settle = useEffectEvent(flush);
    useEffect(() => {
        if (stepped === null || waits) return;
        const timer = setTimeout(settle, stepped === 'out' ? 0 : REST);
        return () => clearTimeout(timer);
    }, [stepped, waits]);
    const onPointerDown = (event: PointerEvent<HTMLDivElement>) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        start.current = { at: along ? event.clientY : event.clientX, from: place };
        setDragged(index);
        setOpen(true);
    };
    const onPointerMove = (event: PointerEvent<HTMLDivElement>) => {
        if (dragged === null) return;
        const moved = ((along ? event.clientY : event.clientX) - start.current.at) / zoom;
        setDragged(nearest(end.places, start.current.from + moved));
    };
    const onPointerUp = () => {
        if (dragged !== null && waits) setStepped(end.lines[dragged] ?? null);
        else if (dragged !== null) move(end.lines[dragged]);
        setDragged(null);
    };
    const onKeyDown = (event: KeyboardEvent<HTMLDivElement>) => {
        const step = { ArrowUp: -1, ArrowLeft: -1, ArrowDown: 1, ArrowRight: 1 }[event.key];
        if (step) setStepped(end.lines[Math.max(0, Math.min(end.lines.length - 1, index + step))] ?? null);
        else if ((event.key === 'Delete' || event.key === 'Backspace') && (end.made || waits)) setStepped('out');
        else return;
        event.preventDefault();
        event.stopPropagation();
    };
    const at = place * zoom;
    return (
        <div
            className={`absolute ${open ? 'z-20' : 'z-10'}`}
            style={
                along
                    ? { left: -20, top: at - 7, width: length * zoom + 40 }
                    : { top: -20, left: at - 7, height: length * zoom + 40 }
            }
            onMouseEnter={() => setOpen(true)}
            onMouseLeave={() => setOpen(false)}
        >
            <div
                role="slider"
                tabIndex={0}
                aria-label={along ? 'Where the page ends' : 'Where the page ends at its side'}
                aria-orientation={along ? 'vertical' : 'horizontal'}
                aria-valuemin={end.lines[0] ?? end.last}
                aria-valuemax={end.lines.at(-1) ?? end.last}
                aria-valuenow={last}
                aria-valuetext={`after ${words}. ${end.words}`}
                className={`flex touch-none outline-offset-2 ${along ? ALONG : UPRIGHT}`}
                onPointerDown={onPointerDown}
                onPointerMove={onPointerMove}
                onPointerUp={onPointerUp}
                onPointerCancel={() => setDragged(null)}
                onKeyDown={onKeyDown}
                onFocus={() => setOpen(true)}
                onBlur={(event) => {
                    if (!event.currentTarget.parentElement?.contains(event.relatedTarget)) setOpen(false);
                    flush();
                }}
            >
                <span
                    className={
                        along
                            ? 'w-full border-t-2 border-dashed border-caution'
                            : 'h-full border-l-2 border-dashed border-caution'
                    }
                />
            </div>
            {open && (
                <div className={`${NOTE} ${along ? 'top-3.5 right-0' : 'top-6 left-3.5'}`}>
                    {dragged !== null || stepped !== null ? (
                        <p>
                            <b>The page would end after {words}.</b>
                        </p>
                    ) : (
                        <>
                            <p>{end.words}</p>
                            <p className="mt-0.5 text-quiet">{end.hint}</p>
                            <p className="mt-1.5 flex gap-1.5 empty:hidden">
                                {end.full > end.last && (
                                    <button type="button" className="btn h-6 text-[12px]" onClick={() => void onMove(end.full)}>
                                        Let it fall where it may
                                    </button>
                                )}
                                {end.made && (
                                    <button type="button" className="btn h-6 text-[12px]" onClick={onDrop}>
                                        Take the break out
                                    </button>
                                )}
                            </p>
                        </>
                    )}
                </div>
            )}
        </div>
    );
}
