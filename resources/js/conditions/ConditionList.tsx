import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Plus } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import { api } from '@/api/client';
import type { BenchRecord, ConditionRecord, PiecesRecord, SheetDetail } from '@/api/types';
import { parse } from '@/grid/address';
import { RowMenu, RowMenuItem } from '@/parts/RowMenu';
import { counted } from '@/parts/counted';
import { useBench } from '@/work/state';
import type { Acts } from '@/work/useActs';
import { useQuiet } from '@/work/useQuiet';
import { change, useDrafts } from './draft';
import { Sample, sampleOf } from './Sample';

/** The looks that cells wear while something is true, in their order: of the sheet in view, or of the workbook. */
export function ConditionList({
    bench,
    detail,
    acts,
    onBegin,
    ofStylebook = false,
}: {
    bench: BenchRecord;
    detail: SheetDetail;
    acts: Acts;
    onBegin: () => void;
    /** Only the rules of a stylebook, on its own screen. */
    ofStylebook?: boolean;
}) {
    const { number } = detail;
    const [all, setAll] = useState(false);
    const stamp = useQuiet(bench.stamp, 300);
    const list = useQuery({
        queryKey: ['conditions', bench.id, all ? 0 : number, stamp],
        queryFn: () => api.conditions(bench.id, all ? null : number),
        placeholderData: keepPreviousData,
        enabled: number > 0,
        staleTime: Infinity,
    });
    const found = list.data?.conditions.filter((one) => !ofStylebook || one.ofStylebook) ?? [];
    const [dragged, setDragged] = useState<ConditionRecord | null>(null);
    const move = (one: ConditionRecord, to: number) => {
        const own = found.filter((other) => other.sheet === one.sheet && other.ofStylebook === one.ofStylebook);
        const first = own[0]?.place ?? 1;
        arrange(acts, one, 'move', Math.max(0, to - first + 1));
    };
    return (
        <section aria-label="Looks while something is true">
            <div className="mt-1.5 flex items-center justify-between pt-1.5 pr-1 pb-1 pl-3 text-[11px] font-semibold text-quiet">
                <h2>Looks while something is true</h2>
                <span className="flex items-center gap-0.5">
                    {found.length > 0 && found.length + (list.data?.more ?? 0)}
                    <button
                        type="button"
                        className="icon-btn -my-1.5"
                        aria-label="A new look while something is true"
                        title="A new look while something is true"
                        onClick={onBegin}
                    >
                        <Plus size={13} />
                    </button>
                </span>
            </div>
            {list.isError && <p className="px-3 pb-1 text-[11.5px] text-danger">{list.error.message}</p>}
            {!ofStylebook && bench.sheets.length > 1 && (found.length > 0 || all) && (
                <label className="flex items-center gap-1.5 px-3 pb-1 text-[11.5px] text-quiet">
                    <input
                        type="checkbox"
                        className="accent-damson"
                        checked={all}
                        onChange={(event) => setAll(event.target.checked)}
                    />
                    of all sheets
                </label>
            )}
            <ol>
                {found.map((one) => (
                    <Row
                        key={`${one.sheet}.${one.ofStylebook ? 's' : ''}${one.id}`}
                        one={one}
                        named={all}
                        acts={acts}
                        detail={detail}
                        last={
                            found.filter((other) => other.sheet === one.sheet && other.ofStylebook === one.ofStylebook).at(-1)
                                ?.place ?? 1
                        }
                        onMove={move}
                        dragged={dragged}
                        onDrag={setDragged}
                    />
                ))}
            </ol>
            {found.length === 0 && list.data && (
                <p className="px-3 pb-1 text-[11.5px] text-quiet">
                    None yet. Cells can stand out by themselves: late, below nought, missing.
                </p>
            )}
            {(list.data?.more ?? 0) > 0 && (
                <p className="px-3 py-1 text-[11.5px] text-quiet">and {(list.data?.more ?? 0).toLocaleString('en')} more</p>
            )}
            {(list.data?.kept ?? 0) > 0 && (
                <p className="px-3 py-1 text-[11.5px] text-quiet">
                    {counted(list.data?.kept ?? 0, 'rule')} of the file cannot be read here, and stay in it as they are.
                </p>
            )}
            {!ofStylebook &&
                list.data?.pieces.map((pieces) => <Pieces key={pieces.sheet} pieces={pieces} acts={acts} named={all} />)}
            {!ofStylebook && <Idle found={found} acts={acts} />}
        </section>
    );
}

/** What a person does with one: on its sheet, or in the stylebook. */
function arrange(acts: Acts, one: ConditionRecord, what: 'drop' | 'on' | 'off' | 'move', to?: number) {
    if (one.ofStylebook) return void acts.revise('arrangeCondition', { id: one.id, what, to });
    if (useBench.getState().sheet !== one.sheet) useBench.getState().open(one.sheet);
    void acts.act('arrangeConditions', { ids: [one.id], what, to });
}

function Row({
    one,
    named,
    acts,
    detail,
    last,
    onMove,
    dragged,
    onDrag,
}: {
    one: ConditionRecord;
    named: boolean;
    acts: Acts;
    detail: SheetDetail;
    last: number;
    onMove: (one: ConditionRecord, to: number) => void;
    dragged: ConditionRecord | null;
    onDrag: (one: ConditionRecord | null) => void;
}) {
    const written = useDrafts((state) => state.draft?.from);
    const isWritten = written?.id === one.id && written.sheet === one.sheet;
    const fits = dragged !== null && dragged !== one && dragged.sheet === one.sheet && dragged.ofStylebook === one.ofStylebook;
    const show = () => {
        if (useBench.getState().sheet !== one.sheet) useBench.getState().open(one.sheet);
        const ranges = one.cells.split(' ').flatMap((text) => (text ? (parse(text) ?? []) : []));
        if (ranges.length > 0) useBench.getState().select(ranges.slice(0, 200));
    };
    return (
        <li
            className={`group flex items-start border-t border-transparent ${isWritten ? 'bg-brass-soft' : 'hover:bg-ground'}
                    ${fits ? 'data-[over=true]:border-damson' : ''}`}
            draggable
            onDragStart={() => onDrag(one)}
            onDragEnd={() => onDrag(null)}
            onDragOver={(event) => {
                if (!fits) return;
                event.preventDefault();
                event.currentTarget.dataset.over = 'true';
            }}
            onDragLeave={(event) => (event.currentTarget.dataset.over = 'false')}
            onDrop={(event) => {
                event.currentTarget.dataset.over = 'false';
                if (fits && dragged) onMove(dragged, one.place - 1);
            }}
        >
            <button
                type="button"
                className="flex min-w-0 flex-1 items-start gap-2 py-1 pl-3 text-left"
                title={`${one.sentence}; ${one.cost}`}
                onClick={() => {
                    show();
                    change(one, detail, detail.wears);
                }}
            >
                <span className="w-[14px] flex-none text-right text-[11.5px] text-quiet">{one.place}</span>
                <span className={`min-w-0 flex-1 ${one.on ? '' : 'text-quiet line-through'}`}>
                    <span className="block truncate">{one.sentence}</span>
                    <span className="block truncate text-[11px] text-quiet">
                        {named ? `${one.name}, ` : ''}
                        {one.where},{' '}
                        {one.on
                            ? `${one.worn.toLocaleString('en')}${one.counted ? '' : ' or more'} ${one.worn === 1 ? 'cell' : 'cells'}`
                            : 'off'}
                    </span>
                    {!one.told && one.on && !one.trouble && (
                        <span className="block text-[11px] text-caution">by its colour alone</span>
                    )}
                    {one.trouble && <span className="block text-[11px] text-caution">{one.trouble}</span>}
                </span>
                <Sample {...sampleOf(one)} />
            </button>
            <RowMenu label={`More for ${one.sentence}`} className="mt-1">
                <DropdownMenu.Label className="menu-label">{one.cost}</DropdownMenu.Label>
                <RowMenuItem onSelect={show}>Show its cells</RowMenuItem>
                <RowMenuItem onSelect={() => arrange(acts, one, one.on ? 'off' : 'on')}>
                    Turn it {one.on ? 'off' : 'on'}
                </RowMenuItem>
                <RowMenuItem disabled={one.place <= 1} onSelect={() => onMove(one, one.place - 2)}>
                    Before the one above
                </RowMenuItem>
                <RowMenuItem disabled={one.place >= last} onSelect={() => onMove(one, one.place)}>
                    After the one below
                </RowMenuItem>
                <RowMenuItem danger onSelect={() => arrange(acts, one, 'drop')}>
                    Take it out
                </RowMenuItem>
            </RowMenu>
        </li>
    );
}

function Pieces({ pieces, acts, named }: { pieces: PiecesRecord; acts: Acts; named: boolean }) {
    const count = (number: number) => number.toLocaleString('en');
    return (
        <div className="mx-3 mt-2 rounded-md border border-[#e3d3b4] bg-brass-soft p-2 text-[11.5px]">
            <p>
                {count(pieces.pieces)} pieces{named ? ` on ${pieces.name}` : ''} say what{' '}
                {pieces.rules === 1 ? 'one rule does' : `${count(pieces.rules)} rules do`}.
            </p>
            <button
                type="button"
                className="mt-0.5 font-semibold text-damson underline-offset-2 hover:underline"
                onClick={() => void acts.act('gatherConditions', { sheets: [pieces.sheet] })}
            >
                Gather them into {count(pieces.rules)}
            </button>
            <span className="text-quiet"> · no cell looks otherwise</span>
        </div>
    );
}

/** Those that nobody can see. */
function Idle({ found, acts }: { found: ConditionRecord[]; acts: Acts }) {
    const number = useBench((state) => state.sheet);
    const idle = found.filter((one) => one.idle && one.sheet === number && !one.ofStylebook);
    if (idle.length < 2) return null;
    return (
        <div className="mx-3 mt-2 rounded-md border border-hair p-2 text-[11.5px]">
            <p>{idle.length} of these change nothing that is seen.</p>
            <button
                type="button"
                className="font-semibold text-damson underline-offset-2 hover:underline"
                onClick={() => void acts.act('arrangeConditions', { ids: idle.map((one) => one.id), what: 'drop' })}
            >
                Take them out
            </button>
        </div>
    );
}
