import { useQuery, keepPreviousData } from '@tanstack/react-query';
import { Plus } from 'lucide-react';
import { api } from '@/api/client';
import { ROLES, type BenchRecord, type CellPartRecord, type EntryRecord, type SheetDetail } from '@/api/types';
import { parse } from '@/grid/address';
import { counted } from '@/parts/counted';
import { RowMenu, RowMenuItem } from '@/parts/RowMenu';
import { Select } from '@/parts/Select';
import { useBench } from '@/work/state';
import type { Acts } from '@/work/useActs';
import { useQuiet } from '@/work/useQuiet';
import { beginEntry, changeEntry } from './draft';
import { GuardMenu } from './GuardMenu';
import { lift } from './lift';
import { useProtecting } from './ProtectDialog';

/** What a sheet is for, what is entered, chosen and worked out on it, and how that is guarded. */
export function GuardList({ bench, detail, acts }: { bench: BenchRecord; detail: SheetDetail; acts: Acts }) {
    const { number } = detail;
    const stamp = useQuiet(bench.stamp, 300);
    const guard = useQuery({
        queryKey: ['guard', bench.id, number, stamp],
        queryFn: () => api.guard(bench.id, number),
        placeholderData: keepPreviousData,
        enabled: number > 0,
        staleTime: Infinity,
    });
    const record = guard.data?.sheet === number ? guard.data : undefined;
    return (
        <section aria-label="Entry and guard">
            <div className="mt-1.5 flex items-center justify-between pt-1.5 pr-1 pb-1 pl-3 text-[11px] font-semibold text-quiet">
                <h2>Entry and guard</h2>
                <span className="flex items-center">
                    <button
                        type="button"
                        className="icon-btn -my-1.5"
                        aria-label="Say what the chosen cells take"
                        title="Say what the chosen cells take"
                        onClick={() => {
                            // Where they are under a check already, that one is changed.
                            const { row, column } = useBench.getState().active;
                            const here = record?.checks.find((check) => isWithin(check.ranges, row, column));
                            return here ? changeEntry(here) : beginEntry(detail);
                        }}
                    >
                        <Plus size={13} />
                    </button>
                    <GuardMenu detail={detail} record={record} acts={acts} />
                </span>
            </div>
            {record && (
                <>
                    <div className="flex items-center gap-2 px-3 pb-1" title={record.why}>
                        <span className="text-quiet">Sheet for</span>
                        <Select
                            label="What the sheet is for"
                            value={record.isSaid ? record.role : ''}
                            choices={[
                                ['', `${wordsOf(record.isSaid ? '' : record.role) || 'as it is'} (read)`],
                                ...ROLES.map(([name, words]) => [name, words]),
                            ]}
                            onChange={(role) => void acts.act('role', { role: role || null, sheets: [number] })}
                        />
                    </div>
                    <ul>
                        {record.parts
                            .filter((part) => part.count > 0)
                            .map((part) => (
                                <CellPart key={part.part} part={part} acts={acts} wears={detail.wears} />
                            ))}
                    </ul>
                    <Walk
                        at={record.constantsAt}
                        words={`${counted(record.constants, 'cell')} without a formula in a column of them`}
                    />
                    <Walk
                        at={record.againstAt}
                        words={`${counted(record.against, 'value')}${record.isAll ? '' : ' or more'} against the check`}
                    />
                    <ul>
                        {record.checks.map((check) => (
                            <Check key={`${check.ofStylebook ? 's' : ''}${check.id}`} check={check} acts={acts} />
                        ))}
                    </ul>
                    {record.more > 0 && (
                        <p className="px-3 py-1 text-[11.5px] text-quiet">and {record.more.toLocaleString('en')} more checks</p>
                    )}
                    {record.kept > 0 && (
                        <p className="px-3 py-1 text-[11.5px] text-quiet">
                            {counted(record.kept, 'check')} of the file cannot be read here, and stay in it as they are.
                        </p>
                    )}
                    <p className="px-3 py-0.5 text-[11.5px] text-quiet">
                        {record.isProtected
                            ? `Protected${record.hasPassword ? ' by a password' : ''}: locked cells take nothing.`
                            : 'Not protected.'}{' '}
                        <button
                            type="button"
                            className="underline underline-offset-2"
                            onClick={() =>
                                record.isProtected
                                    ? void lift(acts, detail.name, record.hasPassword)
                                    : useProtecting.setState({ sheet: { name: detail.name, allowed: record.allowed } })
                            }
                        >
                            {record.isProtected ? 'Lift it' : 'Protect it…'}
                        </button>
                    </p>
                </>
            )}
        </section>
    );
}

const isWithin = (ranges: string, row: number, column: number) =>
    ranges
        .split(' ')
        .flatMap((text) => (text ? (parse(text) ?? []) : []))
        .some((one) => row >= one.top && row <= one.bottom && column >= one.left && column <= one.right);

const wordsOf = (role: string) => ROLES.find(([name]) => name === role)?.[1] ?? '';

function CellPart({ part, acts, wears }: { part: CellPartRecord; acts: Acts; wears: string | null }) {
    const number = useBench((state) => state.sheet);
    const name = part.part as 'entry_cell' | 'choice_cell' | 'formula_cell';
    return (
        <li className="group flex h-6 items-center hover:bg-ground">
            <button
                type="button"
                className="flex h-full min-w-0 flex-1 items-center gap-2 pl-3 text-left"
                onClick={() => {
                    const ranges = part.ranges.flatMap((text) => parse(text) ?? []);
                    if (ranges.length === 0) return;
                    useBench.getState().select(ranges.slice(0, 200));
                    useBench.setState({ scope: 'here', meant: part.part });
                }}
            >
                <span className={`part-letter part-${part.part}`} aria-hidden="true">
                    {part.letter}
                </span>
                <span className="flex-1">{part.words}</span>
                <span className="text-[11.5px] text-quiet">{part.count.toLocaleString('en')}</span>
            </button>
            <label
                className="flex items-center gap-1 px-2 text-[11.5px] text-quiet"
                title={part.byStylebook ? `${wears ?? ''} marks them on every sheet` : 'Their look is seen on this sheet'}
            >
                <input
                    type="checkbox"
                    className="accent-damson"
                    aria-label={`Mark the ${part.words.toLowerCase()}`}
                    checked={part.isMarked}
                    disabled={part.byStylebook}
                    onChange={(event) => void acts.act('mark', { part: name, on: event.target.checked, sheets: [number] })}
                />
                marked
            </label>
        </li>
    );
}

function Walk({ at, words }: { at: string[]; words: string }) {
    const active = useBench((state) => state.active);
    if (at.length === 0) return null;
    const step = () => {
        const cells = at.flatMap((text) => parse(text) ?? []);
        const next = cells.findIndex((cell) => cell.top === active.row && cell.left === active.column) + 1;
        const cell = cells[next % cells.length];
        if (cell) useBench.getState().select([cell]);
    };
    return (
        <p className="px-3 py-0.5 text-[11.5px] text-caution">
            {words}{' '}
            <button type="button" className="underline underline-offset-2" onClick={step}>
                Go to the next
            </button>
        </p>
    );
}

function Check({ check, acts }: { check: EntryRecord; acts: Acts }) {
    const drop = () =>
        void (check.ofStylebook ? acts.revise('dropEntry', { id: check.id }) : acts.act('dropEntries', { ids: [check.id] }));
    const show = () => {
        const ranges = check.ranges.split(' ').flatMap((text) => (text ? (parse(text) ?? []) : []));
        if (ranges.length > 0) useBench.getState().select(ranges.slice(0, 200));
    };
    return (
        <li className="group flex items-start hover:bg-ground">
            <button
                type="button"
                className="min-w-0 flex-1 py-1 pl-3 text-left"
                title={check.sentence}
                onClick={() => {
                    show();
                    changeEntry(check);
                }}
            >
                <span className="block truncate">{check.sentence}</span>
                <span className="block truncate text-[11px] text-quiet">
                    {check.ofStylebook ? 'by the stylebook, ' : ''}
                    {check.ranges || 'nowhere on this sheet'}
                </span>
                {check.wrong && <span className="block text-[11px] text-caution">{check.wrong}</span>}
            </button>
            <RowMenu label={`More for ${check.sentence}`} className="mt-1">
                <RowMenuItem onSelect={() => changeEntry(check)}>Change it</RowMenuItem>
                <RowMenuItem onSelect={show}>Choose its cells</RowMenuItem>
                <RowMenuItem danger onSelect={drop}>
                    Take it out
                </RowMenuItem>
            </RowMenu>
        </li>
    );
}
