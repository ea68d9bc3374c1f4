import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useMemo, useRef, useState, type KeyboardEvent, type ReactNode } from 'react';
import type { BenchRecord, FindingRecord, FindingsRecord } from '@/api/types';
import { keys as names } from '@/api/keys';
import { counted } from '@/parts/counted';
import { Select } from '@/parts/Select';
import { selectionText, useBench } from '@/work/state';
import { trying } from '@/work/trial';
import type { Acts } from '@/work/useActs';
import { FindingCard } from './FindingCard';
import { filtered, grouped, places, SEVERITIES, type Filter } from './list';

/** Cards of a group that are shown at once. */
const SHOWN = 40;

const isWrong = (some: FindingRecord[]) => some[0]?.severity === 'wrong';

/** Brings the place of a finding into sight. */
function show(finding: FindingRecord) {
    const { sheet, open, select, selection } = useBench.getState();
    if (sheet !== finding.number) open(finding.number);
    const ranges = places(finding);
    if (ranges.length > 0 && (sheet !== finding.number || selectionText(selection) !== selectionText(ranges))) select(ranges);
}

/** What was found, and beside it the sheet with the place of what is chosen. */
export function FindingsView({
    bench,
    acts,
    found,
    sheet,
    children,
    onBench,
    report,
}: {
    bench: BenchRecord;
    acts: Acts;
    found: FindingsRecord & { stamp: string; settled: boolean };
    /** Name of the sheet that is in sight. */
    sheet: string;
    /** The sheet that is in sight. */
    children: ReactNode;
    onBench: () => void;
    report: ReactNode;
}) {
    const [filter, setFilter] = useState<Filter>({ sheet: 0, severity: 'worth a look', show: 'all', subject: '' });
    const [chosen, setChosen] = useState('');
    const [leaving, setLeaving] = useState('');
    const [closed, setClosed] = useState<Record<string, boolean>>({});
    const [more, setMore] = useState<Record<string, number>>({});
    /** What was mended or left is gone from sight at once, until the next look says what there is. */
    const [gone, setGone] = useState<{ stamp: string; keys: string[] }>({ stamp: '', keys: [] });
    const client = useQueryClient();
    const list = useRef<HTMLDivElement>(null);
    const all = useMemo(
        () => found.findings.filter((one) => !(gone.keys.includes(one.key) && (!found.settled || gone.stamp === found.stamp))),
        [found.findings, found.settled, found.stamp, gone],
    );
    const shown = useMemo(() => filtered(all, filter), [all, filter]);
    const groups = useMemo(() => grouped(shown), [shown]);
    const ordered = useMemo(() => groups.filter(([name]) => !closed[name]).flatMap(([, some]) => some), [groups, closed]);
    const mendable = shown.filter((one) => one.changes === 'looks').map((one) => one.key);
    const left = all.filter((one) => one.left !== null).length;
    const at = Math.max(
        0,
        ordered.findIndex((one) => one.key === chosen),
    );
    const current = ordered[at];

    const choose = (one: FindingRecord | undefined) => {
        if (!one) return;
        setChosen(one.key);
        show(one);
    };
    // Something is always chosen: first the worst, then what comes after that which is done.
    useEffect(() => {
        if (current) show(current);
    }, [current]);
    const done = (keys: string[]) => {
        const next =
            ordered.slice(at).find((one) => !keys.includes(one.key)) ?? ordered.findLast((one) => !keys.includes(one.key));
        setGone({ stamp: found.stamp, keys: [...(gone.stamp === found.stamp ? gone.keys : []), ...keys] });
        useBench.getState().tryOn(null);
        choose(next);
        list.current?.focus();
    };
    /** What was refused stands in the list again; what was done is gone until the next look says what there is. */
    const unlessRefused = (keys: string[], stamp: string) => () => {
        if (client.getQueryData<BenchRecord>(names.bench(bench.id))?.stamp === stamp)
            setGone((now) => ({ ...now, keys: now.keys.filter((key) => !keys.includes(key)) }));
    };
    const mend = (keys: string[]) => {
        void acts.act('mend', { keys }).then(unlessRefused(keys, bench.stamp));
        done(keys);
    };
    const leave = (one: FindingRecord, reason: string | null) => {
        void acts.act('leave', { keys: [one.key], reason }).then(unlessRefused([one.key], bench.stamp));
        done([one.key]);
    };
    const alike = (one: FindingRecord) =>
        shown.filter((other) => other.check === one.check && other.mend !== null).map((other) => other.key);
    const onKeyDown = (event: KeyboardEvent) => {
        const target = event.target as HTMLElement;
        if (event.ctrlKey || event.metaKey || event.altKey || target.closest('input, select, [role=dialog]')) return;
        const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
        if (step) {
            choose(ordered[Math.max(0, Math.min(ordered.length - 1, at + step))]);
            list.current?.focus();
        } else if (event.key === 'Enter' && target === list.current && current?.mend)
            mend(event.shiftKey ? alike(current) : [current.key]);
        else if (event.key.toLowerCase() === 'l' && current?.left === null) setLeaving(current.key);
        else if (event.key.toLowerCase() === 'b') onBench();
        else return;
        event.preventDefault();
    };
    const looking = found.looked < found.sheets;
    const trial = useBench((state) => state.trial?.words);
    return (
        <>
            <div
                className={`grid min-h-0 grid-cols-[minmax(300px,468px)_minmax(0,1fr)]
                    max-[1100px]:grid-cols-[380px_minmax(0,1fr)] max-[820px]:grid-cols-1
                    max-[820px]:grid-rows-[minmax(0,3fr)_minmax(0,2fr)]`}
            >
                <section
                    aria-label="Findings"
                    className="grid min-h-0 grid-rows-[auto_minmax(0,1fr)] border-r border-hair"
                    onKeyDown={onKeyDown}
                >
                    <div className="border-b border-hair bg-panel px-3.5 py-2.5">
                        <h2 className="text-[15px] font-semibold">
                            {counted(shown.length, 'finding')} on {counted(bench.sheets.length, 'sheet')}
                        </h2>
                        <p className="text-[12px] text-quiet" role="status">
                            {looking && `Looking: ${Math.max(0, found.looked)} of ${found.sheets} sheets · `}
                            {mendable.length} can be mended without changing a value
                            {left > 0 && ` · ${left} left with a reason`}
                        </p>
                        {looking && (
                            <progress
                                className="mt-1 h-1 w-full accent-damson"
                                max={found.sheets}
                                value={Math.max(0, found.looked)}
                                aria-label="Sheets that are looked over"
                            />
                        )}
                        <div className="mt-1.5 flex flex-wrap items-center gap-1.5">
                            <Select
                                label="Sheets"
                                value={String(filter.sheet)}
                                choices={[['0', 'All sheets'], ...bench.sheets.map((one) => [String(one.number), one.name])]}
                                onChange={(value) => setFilter({ ...filter, sheet: Number(value) })}
                            />
                            <Select
                                label="How much they matter"
                                value={filter.severity}
                                choices={SEVERITIES}
                                onChange={(severity) => setFilter({ ...filter, severity })}
                            />
                            <Select
                                label="Kinds"
                                value={filter.subject}
                                choices={[['', 'All kinds'], ...grouped(all).map(([name]) => [name, name])]}
                                onChange={(subject) => setFilter({ ...filter, subject })}
                            />
                            <Select
                                label="Which"
                                value={filter.show}
                                choices={[
                                    ['all', 'All open'],
                                    ['mendable', 'That can be mended'],
                                    ['left', 'That were left'],
                                ]}
                                onChange={(show) => setFilter({ ...filter, show })}
                            />
                            {mendable.length > 0 && filter.show !== 'left' && (
                                <button
                                    type="button"
                                    className="btn ml-auto h-7"
                                    title="All that change nothing but looks"
                                    onClick={() => mend(mendable)}
                                    {...trying({ act: 'mend', args: { keys: mendable }, words: `${mendable.length} mends` })}
                                >
                                    Mend all {mendable.length}
                                </button>
                            )}
                        </div>
                    </div>
                    <div
                        ref={list}
                        tabIndex={0}
                        role="group"
                        aria-label="Arrows go through the findings, Enter mends the chosen one"
                        className="relative overflow-y-auto bg-ground px-3 pb-4 outline-offset-[-2px]!"
                    >
                        {groups.map(([name, some]) => (
                            <section key={name} aria-label={name}>
                                <h3 className="flex items-center gap-1.5 py-2 font-semibold">
                                    {name}
                                    <span
                                        className={`rounded-full border px-1.5 text-[11px] font-normal
                                                ${isWrong(some) ? 'border-caution text-caution' : 'border-hair text-quiet'}`}
                                    >
                                        {some.length}
                                    </span>
                                    <button
                                        type="button"
                                        className="ml-auto text-[12px] font-normal text-quiet hover:underline"
                                        aria-expanded={!closed[name]}
                                        aria-label={`${closed[name] ? 'Show' : 'Close'} ${name}`}
                                        onClick={() => setClosed({ ...closed, [name]: !closed[name] })}
                                    >
                                        {closed[name] ? 'show' : 'close'}
                                    </button>
                                </h3>
                                {!closed[name] && (
                                    <ul className="grid gap-2">
                                        {some.slice(0, more[name] ?? SHOWN).map((one) => (
                                            <FindingCard
                                                key={one.key}
                                                finding={one}
                                                alike={one === current ? alike(one) : []}
                                                chosen={one === current}
                                                leaving={leaving === one.key}
                                                onChoose={() => choose(one)}
                                                onMend={mend}
                                                onLeave={(reason) => leave(one, reason)}
                                                onAgain={() => leave(one, null)}
                                                onLeaving={(open) => setLeaving(open ? one.key : '')}
                                            />
                                        ))}
                                    </ul>
                                )}
                                {!closed[name] && some.length > (more[name] ?? SHOWN) && (
                                    <button
                                        type="button"
                                        className="btn mt-2 h-7"
                                        onClick={() => setMore({ ...more, [name]: (more[name] ?? SHOWN) + 200 })}
                                    >
                                        Show more of {some.length}
                                    </button>
                                )}
                            </section>
                        ))}
                        {shown.length === 0 && (
                            <p className="pt-6 text-center text-quiet">
                                {looking
                                    ? 'Looking the sheets over…'
                                    : filter.show === 'left'
                                      ? 'Nothing was left.'
                                      : 'Nothing is found.'}
                            </p>
                        )}
                    </div>
                </section>
                <section aria-label="The place" className="grid min-h-0 min-w-0 grid-rows-[38px_minmax(0,1fr)]">
                    <div className="flex items-center gap-3 border-b border-hair bg-ground px-3.5">
                        <h2 className="font-semibold">{sheet}</h2>
                        <span className="truncate text-[12px] text-quiet">
                            the place of the finding, as it is · rest on Mend to see it mended
                        </span>
                        <span className="ml-auto" />
                        {report}
                        <button type="button" className="btn h-7" onClick={onBench}>
                            To the Bench
                        </button>
                    </div>
                    {children}
                </section>
            </div>
            <footer
                className={`flex min-w-0 items-center gap-4.5 overflow-hidden border-t border-hair bg-ground px-3
                    text-[11.5px] whitespace-nowrap text-quiet`}
            >
                {current && <span className="font-mono">{current.range.split(', ')[0] || current.sheet}</span>}
                <span>
                    {ordered.length === 0 ? 0 : at + 1} of {ordered.length}
                </span>
                <span className="max-[820px]:hidden">
                    ↑ ↓ go through · Enter mends · Shift+Enter mends all of its kind · L leaves · B to the Bench
                </span>
                <span className="flex-1" />
                {trial && <span className="font-semibold text-caution">Trying on {trial}, not kept</span>}
                <span>{looking ? 'Looking the sheets over…' : 'Looked over'}</span>
            </footer>
        </>
    );
}
