import { useQuery } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { api, type Rect, type Side } from '@/api/client';
import type { BenchRecord, Difference } from '@/api/types';
import { parse } from '@/grid/address';
import { counted } from '@/parts/counted';
import { Select } from '@/parts/Select';
import { across } from './match';
import { SheetPane, type Pane, type Stand } from './SheetPane';
import { SideChoice, useSides } from './SideChoice';

const FACETS: Record<string, string> = {
    type: 'Type',
    number: 'Number',
    place: 'Place',
    fill: 'Fill',
    borders: 'Borders',
    guard: 'Guard',
    values: 'Values',
    formulas: 'Formulas',
    widths: 'Widths',
    heights: 'Heights',
    opening: 'Opening',
    merges: 'Merges',
    conditions: 'Conditional looks',
};

/** Two sheets that scroll and are chosen in together, with what differs between them. */
export function SideView({ bench, sheet }: { bench: BenchRecord; sheet: number }) {
    const [left, setLeft] = useState<Side>({ workbook: bench.id, sheet, at: 0 });
    const [right, setRight] = useState<Side>({ workbook: bench.id, sheet, at: null });
    const [zoom, setZoom] = useState(1);
    const [wipe, setWipe] = useState<number | null>(null);
    const [step, setStep] = useState<{ one: number; place: number }>({ one: -1, place: 0 });
    const [chosen, setChosen] = useState<{ left: Rect | null; right: Rect | null }>({ left: null, right: null });
    const panes = { left: useRef<Pane>(null), right: useRef<Pane>(null) };
    const names = useSides(bench);
    const compared = useQuery({
        queryKey: ['side', left, right, bench.stamp],
        queryFn: () => api.compareSides(left, right),
        staleTime: Infinity,
        placeholderData: (old) => old,
    });
    const rows = compared.data?.rows ?? [];
    const columns = compared.data?.columns ?? [];
    const all = compared.data?.differences ?? [];
    const follow =
        (fromLeft: boolean) =>
        ({ row, part, column, along }: Stand) =>
            panes[fromLeft ? 'right' : 'left'].current?.goTo({
                row: across(rows, row, fromLeft),
                part,
                column: across(columns, column, fromLeft),
                along,
            });
    const choose = (fromLeft: boolean) => (row: number, column: number) => {
        const own = { top: row, bottom: row, left: column, right: column };
        const [down, along] = [across(rows, row, fromLeft), across(columns, column, fromLeft)];
        const other = { top: down, bottom: down, left: along, right: along };
        setChosen(fromLeft ? { left: own, right: other } : { left: other, right: own });
    };
    /** Goes to a place of a difference, on both sides. */
    const goTo = (one: number, place: number) => {
        const difference = all[one];
        if (!difference) return;
        setStep({ one, place });
        const [here, there] = [difference.left[place] ?? '', difference.right[place] ?? ''];
        setChosen({ left: parse(here), right: parse(there) });
        panes.right.current?.reveal(there);
    };
    const next = (way: 1 | -1) => {
        const now = all[step.one];
        const place = step.place + way;
        if (now && place >= 0 && place < now.right.length) return goTo(step.one, place);
        const one = step.one < 0 && way < 0 ? all.length - 1 : step.one + way;
        const to = all[(one + all.length) % Math.max(1, all.length)];
        if (to) goTo((one + all.length) % all.length, way > 0 ? 0 : to.right.length - 1);
    };
    const pane = (isLeft: boolean) => {
        const side = isLeft ? left : right;
        return (
            <SheetPane
                ref={isLeft ? panes.left : panes.right}
                label={isLeft ? 'Left sheet' : 'Right sheet'}
                side={side}
                stamp={side.workbook === bench.id ? bench.stamp : ''}
                zoom={zoom}
                chosen={isLeft ? chosen.left : chosen.right}
                rows={rows}
                isLeft={isLeft}
                onStand={follow(isLeft)}
                onChoose={choose(isLeft)}
            />
        );
    };
    return (
        <>
            <div
                className={`grid min-h-0 grid-cols-[minmax(0,1fr)_250px] max-[820px]:grid-cols-1
                    max-[820px]:grid-rows-[minmax(0,3fr)_minmax(0,1fr)]`}
            >
                <div className="grid min-h-0 min-w-0 grid-rows-[auto_minmax(0,1fr)]">
                    <div className="grid grid-cols-2 border-b border-hair bg-ground">
                        <SideChoice label="Left" side={left} names={names} onChange={setLeft} />
                        <SideChoice label="Right" side={right} names={names} onChange={setRight} />
                    </div>
                    {wipe === null ? (
                        <div className="grid min-h-0 grid-cols-2 gap-px bg-hair">
                            {pane(true)}
                            {pane(false)}
                        </div>
                    ) : (
                        <div className="relative grid min-h-0 grid-rows-[minmax(0,1fr)_26px]">
                            <div className="relative min-h-0 overflow-hidden">
                                <div className="absolute inset-0 isolate grid">{pane(true)}</div>
                                <div
                                    className="absolute inset-0 isolate grid bg-white"
                                    style={{ clipPath: `inset(0 0 0 ${wipe}%)` }}
                                >
                                    {pane(false)}
                                </div>
                                <div
                                    className="pointer-events-none absolute inset-y-0 z-10 w-0.5 bg-damson"
                                    style={{ left: `${wipe}%` }}
                                />
                            </div>
                            <input
                                type="range"
                                aria-label="How much of the left sheet is laid open"
                                className="mx-2 accent-damson"
                                min={0}
                                max={100}
                                value={wipe}
                                onChange={(event) => setWipe(Number(event.target.value))}
                            />
                        </div>
                    )}
                </div>
                <section
                    aria-label="What differs"
                    className="grid min-h-0 grid-rows-[auto_minmax(0,1fr)_auto] border-l border-hair bg-panel"
                >
                    <div className="border-b border-hair px-3 py-2">
                        <h2 className="font-semibold">What differs</h2>
                        <p className="text-[12px] text-quiet" role="status">
                            {compared.isFetching ? 'Comparing…' : said(compared.data)}
                        </p>
                    </div>
                    <ul className="overflow-y-auto px-2 py-2">
                        {all.map((one, index) => (
                            <li key={`${one.facet}.${one.part}`}>
                                <button
                                    type="button"
                                    className={`flex w-full gap-2 rounded px-2 py-1 text-left
                                            ${index === step.one ? 'bg-damson-soft text-damson' : 'hover:bg-ground'}`}
                                    aria-current={index === step.one || undefined}
                                    onClick={() => goTo(index, 0)}
                                >
                                    <span className="flex-1">
                                        {FACETS[one.facet] ?? one.facet}
                                        <span className="text-quiet">{partOf(one)}</span>
                                    </span>
                                    <span className="text-quiet">{one.words}</span>
                                </button>
                            </li>
                        ))}
                        {compared.error && <li className="text-danger">{compared.error.message}</li>}
                    </ul>
                    <div className="grid gap-1.5 border-t border-hair px-3 py-2">
                        <div className="flex items-center gap-1.5">
                            <button type="button" className="btn h-7" disabled={all.length === 0} onClick={() => next(-1)}>
                                Before
                            </button>
                            <button
                                type="button"
                                className="btn btn-primary h-7"
                                disabled={all.length === 0}
                                onClick={() => next(1)}
                            >
                                Next
                            </button>
                            <span className="text-[12px] text-quiet">{where(all, step)}</span>
                        </div>
                        <label className="flex items-center gap-2 text-[12.5px]">
                            <input
                                type="checkbox"
                                checked={wipe !== null}
                                onChange={(event) => setWipe(event.target.checked ? 50 : null)}
                            />
                            Lay one over the other
                        </label>
                        <div className="flex items-center gap-2">
                            <Select
                                label="Zoom"
                                value={String(zoom)}
                                choices={[
                                    ['0.6', '60%'],
                                    ['0.75', '75%'],
                                    ['1', '100%'],
                                    ['1.5', '150%'],
                                ]}
                                onChange={(value) => setZoom(Number(value))}
                            />
                            <a
                                className="btn h-7"
                                href={api.sideFile(left, right, names.words(left), names.words(right))}
                                download
                            >
                                Save as one page
                            </a>
                        </div>
                    </div>
                </section>
            </div>
            <footer
                className={`flex min-w-0 items-center gap-4.5 overflow-hidden border-t border-hair bg-ground px-3
                    text-[11.5px] whitespace-nowrap text-quiet`}
            >
                <span>Both scroll together; press a cell to see it on both sides.</span>
            </footer>
        </>
    );
}

const OF_CELLS = ['type', 'number', 'place', 'fill', 'borders', 'guard'];

const partOf = ({ facet, part }: Difference) => (part !== '' ? `, ${part}` : OF_CELLS.includes(facet) ? ', around tables' : '');

function where(all: Difference[], step: { one: number; place: number }): string {
    const now = all[step.one];
    return now ? `${now.right[step.place] ?? ''} · ${step.place + 1} of ${now.count.toLocaleString('en')}` : '';
}

function said(
    of:
        | {
              leftRows: number;
              rightRows: number;
              leftColumns: number;
              rightColumns: number;
              isPart: boolean;
              differences: Difference[];
          }
        | undefined,
) {
    if (!of) return '';
    const values = of.differences.find((one) => one.facet === 'values')?.count ?? 0;
    const words = [`${counted(values, 'value differs', 'values differ')}`];
    if (of.rightRows > 0) words.push(`${counted(of.rightRows, 'row')} more at the right`);
    if (of.leftRows > 0) words.push(`${counted(of.leftRows, 'row')} only at the left`);
    if (of.rightColumns > 0) words.push(`${counted(of.rightColumns, 'column')} more at the right`);
    if (of.leftColumns > 0) words.push(`${counted(of.leftColumns, 'column')} only at the left`);
    if (of.isPart) words.push('the sheets are so large that not all cells were compared');
    return words.join(' · ');
}
