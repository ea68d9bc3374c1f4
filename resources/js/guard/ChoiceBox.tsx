import { useQuery } from '@tanstack/react-query';
import { ChevronDown } from 'lucide-react';
import { useEffect, useId, useLayoutEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { createPortal } from 'react-dom';
import { create } from 'zustand';
import { api, type Rect } from '@/api/client';
import type { CellEntryRecord, SheetDetail } from '@/api/types';
import { parse } from '@/grid/address';
import type { Axis } from '@/grid/geometry';
import { useBench } from '@/work/state';
import type { Acts } from '@/work/useActs';
import { useReader } from './reader';

/** Whether the choices of the active cell are open, and whether it is locked on a sheet that is guarded. */
export const useChoices = create<{ open: boolean; locked: boolean }>(() => ({ open: false, locked: false }));

const holds = (ranges: Rect[], row: number, column: number) =>
    ranges.some((one) => row >= one.top && row <= one.bottom && column >= one.left && column <= one.right);

export const rangesOf = (texts: string[]) => texts.flatMap((text) => parse(text) ?? []);

/** Whether the active cell offers choices. */
export const offersChoices = (detail: SheetDetail, row: number, column: number) => holds(rangesOf(detail.choices), row, column);

/** What is told of the active cell: its prompt, and its choices, which open by key or press and narrow as one types. */
export function ChoiceBox({
    id,
    detail,
    stamp,
    acts,
    rows,
    columns,
    isGuarded,
    held,
}: {
    id: number;
    detail: SheetDetail;
    /** Another one when anything of the sheet has changed. */
    stamp: string;
    acts: Acts;
    rows: Axis;
    columns: Axis;
    /** What is locked takes nothing. */
    isGuarded: boolean;
    held: Held;
}) {
    const { row, column } = useBench((state) => state.active);
    const reader = useReader((state) => state.on);
    const open = useChoices((state) => state.open);
    const checked = useMemo(() => rangesOf(detail.checked), [detail.checked]);
    const isChecked = holds(checked, row, column);
    const entry = useQuery({
        queryKey: ['entry', id, detail.number, stamp, row, column],
        queryFn: () => api.entry(id, detail.number, row, column),
        enabled: isChecked || isGuarded,
        staleTime: Infinity,
    });
    useEffect(() => useChoices.setState({ open: false }), [row, column]);
    const isLocked = isGuarded && entry.data?.isLocked === true;
    useEffect(() => useChoices.setState({ locked: isLocked }), [isLocked]);
    const record = isChecked ? entry.data : undefined;
    if (!record) return null;
    const close = () => {
        useChoices.setState({ open: false });
        document.querySelector<HTMLElement>('[role="grid"]')?.focus({ preventScroll: true });
    };
    const across = columns.sizeOf(Math.min(column, columns.count));
    const down = rows.sizeOf(Math.min(row, rows.count));
    return (
        <Beside
            top={rows.start(Math.min(row, rows.count))}
            left={columns.start(Math.min(column, columns.count))}
            width={across}
            height={down}
            held={held}
        >
            {record.choices.length > 0 && !isLocked && (
                <button
                    type="button"
                    tabIndex={-1}
                    aria-label="Open the choices"
                    title="Choices (Alt+↓)"
                    className="icon-btn pointer-events-auto absolute border border-hair bg-panel text-damson"
                    style={{ left: across + 1, top: Math.min(0, down - 24) }}
                    onPointerDown={(event) => event.stopPropagation()}
                    onClick={() => useChoices.setState({ open: !open })}
                >
                    <ChevronDown size={13} />
                </button>
            )}
            {!open && (record.prompt !== '' || record.promptTitle !== '' || !record.isAllowed) && (
                <Told key={`${row}.${column}`} record={record} top={down + 4} />
            )}
            {open && record.choices.length > 0 && (
                <Choices
                    key={`${row}.${column}`}
                    choices={record.choices}
                    top={down}
                    width={Math.max(140, across)}
                    onChoose={(choice) => {
                        close();
                        void acts.type(row, column, choice, undefined, reader);
                    }}
                    onClose={close}
                />
            )}
        </Beside>
    );
}

/** Whether the cell is kept in sight, in a row or a column that does not scroll. */
interface Held {
    row: boolean;
    column: boolean;
}

/** Stands at a cell, and beside the grid: what is no cell is no child of a grid (ARIA 1.2, grid). */
function Beside({
    top,
    left,
    width,
    height,
    held,
    children,
}: {
    top: number;
    left: number;
    width: number;
    height: number;
    held: Held;
    children: ReactNode;
}) {
    const anchor = useRef<HTMLDivElement>(null);
    const [at, setAt] = useState<{ top: number; left: number } | null>(null);
    useLayoutEffect(() => {
        const scroller = anchor.current?.closest('[role="grid"]');
        const place = () => {
            const along = held.column ? (scroller?.scrollLeft ?? 0) : 0;
            const down = held.row ? (scroller?.scrollTop ?? 0) : 0;
            if (anchor.current) anchor.current.style.translate = `${along}px ${down}px`;
            const box = anchor.current?.getBoundingClientRect();
            const frame = scroller?.getBoundingClientRect();
            const isSeen =
                box &&
                frame &&
                box.bottom > frame.top &&
                box.top < frame.bottom &&
                box.right > frame.left &&
                box.left < frame.right;
            setAt(isSeen ? { top: box.top, left: box.left } : null);
        };
        place();
        scroller?.addEventListener('scroll', place, { passive: true });
        window.addEventListener('resize', place);
        return () => {
            scroller?.removeEventListener('scroll', place);
            window.removeEventListener('resize', place);
        };
    }, [top, left, width, height, held.row, held.column]);
    return (
        <>
            <div ref={anchor} role="presentation" className="pointer-events-none absolute" style={{ top, left, width, height }} />
            {at &&
                createPortal(
                    <div className="pointer-events-none fixed z-[35]" style={at}>
                        {children}
                    </div>,
                    document.body,
                )}
        </>
    );
}

/** Whether a box below its cell would reach beyond the window: then it stands above the cell. */
function useAbove() {
    const box = useRef<HTMLDivElement>(null);
    const [isAbove, setAbove] = useState(false);
    useLayoutEffect(() => setAbove((box.current?.getBoundingClientRect().bottom ?? 0) > window.innerHeight), []);
    return [box, isAbove] as const;
}

function Told({ record, top }: { record: CellEntryRecord; top: number }) {
    const [box, isAbove] = useAbove();
    return (
        <div
            ref={box}
            role="note"
            className="absolute w-max max-w-[240px] rounded-md border border-hair bg-brass-soft px-2 py-1 text-[12px] shadow-sm"
            style={isAbove ? { bottom: 4 } : { top }}
        >
            {record.promptTitle !== '' && <b className="block">{record.promptTitle}</b>}
            {record.prompt !== '' && <span className="whitespace-pre-wrap">{record.prompt}</span>}
            {!record.isAllowed && <span className="block text-caution">Not allowed: wanted is {record.wanted}.</span>}
        </div>
    );
}

/** A list that narrows as one types (ARIA Authoring Practices, combobox with a list). */
function Choices({
    choices,
    top,
    width,
    onChoose,
    onClose,
}: {
    choices: string[];
    /** px below the upper edge of the cell */
    top: number;
    width: number;
    onChoose: (choice: string) => void;
    onClose: () => void;
}) {
    const id = useId();
    const [text, setText] = useState('');
    const [at, setAt] = useState(0);
    const list = useRef<HTMLUListElement>(null);
    const [box, isAbove] = useAbove();
    const wanted = text.trim().toLocaleLowerCase();
    const found = choices.filter((choice) => choice.toLocaleLowerCase().includes(wanted)).slice(0, 200);
    const current = Math.min(at, Math.max(0, found.length - 1));
    useEffect(() => {
        list.current?.children[current]?.scrollIntoView({ block: 'nearest' });
    }, [current]);
    return (
        <div
            ref={box}
            className="pointer-events-auto absolute rounded-md border border-hair bg-panel p-1 shadow-md"
            style={isAbove ? { width, bottom: 1 } : { width, top: top + 1 }}
            onPointerDown={(event) => event.stopPropagation()}
            onBlur={(event) => !event.currentTarget.contains(event.relatedTarget) && onClose()}
        >
            <input
                autoFocus
                role="combobox"
                aria-expanded="true"
                aria-controls={id}
                aria-activedescendant={found.length > 0 ? `${id}-${current}` : undefined}
                aria-label="Choose, or type to narrow the list"
                className="field w-full text-[13px]"
                value={text}
                onChange={(event) => {
                    setText(event.target.value);
                    setAt(0);
                }}
                onKeyDown={(event) => {
                    event.stopPropagation();
                    if (event.key === 'Escape') onClose();
                    else if (event.key === 'ArrowDown') setAt(Math.min(found.length - 1, current + 1));
                    else if (event.key === 'ArrowUp') setAt(Math.max(0, current - 1));
                    else if (event.key === 'Enter' && found[current] !== undefined) onChoose(found[current]);
                    else return;
                    event.preventDefault();
                }}
            />
            <ul ref={list} id={id} role="listbox" aria-label="Choices" className="mt-1 max-h-[180px] overflow-auto text-[13px]">
                {found.map((choice, index) => (
                    <li
                        key={`${choice}.${index}`}
                        id={`${id}-${index}`}
                        role="option"
                        aria-selected={index === current}
                        className={`cursor-default truncate rounded-[4px] px-2 py-[3px] ${index === current ? 'bg-brass-soft' : ''}`}
                        onPointerEnter={() => setAt(index)}
                        onPointerDown={(event) => {
                            event.preventDefault();
                            onChoose(choice);
                        }}
                    >
                        {choice}
                    </li>
                ))}
            </ul>
            {found.length === 0 && <p className="px-2 py-1 text-[12px] text-quiet">None of them reads like that.</p>}
        </div>
    );
}
