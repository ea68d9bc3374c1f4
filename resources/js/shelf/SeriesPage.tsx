import { useQueries, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useEffectEvent, useMemo, useRef, useState } from 'react';
import { api } from '@/api/client';
import type { FindingRecord } from '@/api/types';
import { filtered, grouped, places, SEVERITIES, shortly } from '@/findings/list';
import { Mark } from '@/parts/Mark';
import { announce } from '@/parts/announce';
import { counted } from '@/parts/counted';
import { tell } from '@/parts/Messages';
import { go } from '@/parts/path';
import { Select } from '@/parts/Select';
import { SheetPane, type Pane } from '@/side/SheetPane';

interface Found extends FindingRecord {
    workbook: number;
    name: string;
    /** It was found in the sheets of several workbooks beside each other. */
    beside: boolean;
}

/** Found within one workbook too, but told of all of them together here. */
const OF_SERIES = ['sheets-differ', 'not-wearing'];

/** What is found in several workbooks: first where they are of no one mind. */
export function SeriesPage() {
    const ids = useMemo(
        () =>
            [...new Set((new URLSearchParams(location.search).get('workbooks') ?? '').split(',').map(Number))].filter(
                (id) => id > 0,
            ),
        [],
    );
    const client = useQueryClient();
    const [severity, setSeverity] = useState('worth a look');
    const [chosen, setChosen] = useState('');
    const [busy, setBusy] = useState<string | null>(null);
    const pane = useRef<Pane>(null);
    const series = useQuery({ queryKey: ['series', ids], queryFn: () => api.series(ids), enabled: ids.length > 0 });
    const each = useQueries({
        queries: ids.map((id) => ({
            queryKey: ['series of', id],
            queryFn: () => api.findings(id, 0),
            refetchInterval: ({ state }: { state: { data?: { looked: number; sheets: number } } }) =>
                state.data && state.data.looked < state.data.sheets ? (100 as const) : (false as const),
        })),
    });
    useEffect(() => {
        document.title = 'Findings · Rilvet';
    }, []);
    const names = new Map((series.data ?? []).map(({ id, name }) => [id, name]));
    const all: Found[] = [
        ...(series.data ?? []).flatMap(({ id, name, findings }) =>
            findings.map((one) => ({ ...one, workbook: id, name, beside: true })),
        ),
        ...each.flatMap(({ data }, index) =>
            (data?.findings ?? [])
                .filter((one) => !OF_SERIES.includes(one.check))
                .map((one) => ({
                    ...one,
                    workbook: ids[index] ?? 0,
                    name: names.get(ids[index] ?? 0) ?? '',
                    beside: false,
                })),
        ),
    ];
    const shown = filtered(all, { sheet: 0, severity, show: 'all', subject: '' }) as Found[];
    const groups = grouped(shown)
        .map(([name, some]) => [name, some as Found[]] as const)
        .sort(([one], [other]) => Number(other === 'Consistency') - Number(one === 'Consistency'));
    const key = (one: Found) => `${one.workbook}.${one.key}`;
    const current = shown.find((one) => key(one) === chosen) ?? groups[0]?.[1][0];
    const done = each.filter(({ data }) => data && data.looked >= data.sheets).length;
    const place = current && places(current)[0];
    const reveal = useEffectEvent(() => {
        if (current) pane.current?.reveal(current.range.split(', ')[0] ?? '');
    });
    // Another place only with another finding.
    useEffect(() => reveal(), [chosen]);

    /** Workbook by workbook, each as one step of its own history. */
    const mend = async (some: Found[]) => {
        const books = [...new Set(some.map((one) => one.workbook))];
        for (const [index, id] of books.entries()) {
            setBusy(`Mending ${index + 1} of ${books.length} workbooks…`);
            const own = some.filter((one) => one.workbook === id);
            try {
                const { revision } = await api.bench(id);
                const answer = await api.within(id, revision, 'mend', {
                    keys: own.map((one) => one.key),
                    ...(own.some((one) => one.beside) ? { beside: ids } : {}),
                });
                if (answer.words) announce(`${names.get(id) ?? ''}: ${answer.words}`);
            } catch (fault) {
                tell(fault);
            }
        }
        setBusy(null);
        await client.invalidateQueries({ queryKey: ['series'] });
        await Promise.all(books.map((id) => client.invalidateQueries({ queryKey: ['series of', id] })));
    };
    const looks = shown.filter((one) => one.changes === 'looks');
    return (
        <div className="grid h-full grid-rows-[48px_minmax(0,1fr)_26px]">
            <header className="flex items-center gap-4 border-b border-hair bg-panel px-3">
                <Mark />
                <button type="button" className="rounded-md px-3 py-1 text-quiet hover:bg-ground" onClick={() => go('/')}>
                    Shelf
                </button>
                <span className="rounded-md bg-damson-soft px-3 py-1 font-semibold text-damson">Findings</span>
                <span className="truncate text-quiet">{[...names.values()].join(', ')}</span>
            </header>
            <main className="grid min-h-0 grid-cols-[minmax(300px,520px)_minmax(0,1fr)] max-[820px]:grid-cols-1">
                <section aria-label="Findings" className="grid min-h-0 grid-rows-[auto_minmax(0,1fr)] border-r border-hair">
                    <div className="border-b border-hair bg-panel px-3.5 py-2.5">
                        <h1 className="text-[15px] font-semibold">
                            {counted(shown.length, 'finding')} in {counted(ids.length, 'workbook')}
                        </h1>
                        <p className="text-[12px] text-quiet" role="status">
                            {busy ??
                                (done < ids.length
                                    ? `Looking: ${done} of ${ids.length} workbooks`
                                    : `${looks.length} can be mended without changing a value`)}
                        </p>
                        {done < ids.length && (
                            <progress
                                className="mt-1 h-1 w-full accent-damson"
                                max={ids.length}
                                value={done}
                                aria-label="Workbooks that are looked over"
                            />
                        )}
                        <div className="mt-1.5 flex items-center gap-1.5">
                            <Select label="How much they matter" value={severity} choices={SEVERITIES} onChange={setSeverity} />
                            {looks.length > 0 && (
                                <button
                                    type="button"
                                    className="btn ml-auto h-7"
                                    disabled={busy !== null}
                                    onClick={() => void mend(looks)}
                                >
                                    Mend all {looks.length}
                                </button>
                            )}
                        </div>
                    </div>
                    <div className="overflow-y-auto bg-ground px-3 pb-4" tabIndex={0} role="group" aria-label="List of findings">
                        {series.error && <p className="pt-4 text-danger">{series.error.message}</p>}
                        {groups.map(([name, some]) => (
                            <section key={name} aria-label={name}>
                                <h2 className="flex items-center gap-1.5 py-2 font-semibold">
                                    {name}
                                    <span className="rounded-full border border-hair px-1.5 text-[11px] font-normal text-quiet">
                                        {some.length}
                                    </span>
                                    {some.some((one) => one.mend !== null) && (
                                        <button
                                            type="button"
                                            className="btn ml-auto h-7 font-normal"
                                            disabled={busy !== null}
                                            onClick={() => void mend(some.filter((one) => one.mend !== null))}
                                        >
                                            Mend all of {name.toLowerCase()}
                                        </button>
                                    )}
                                </h2>
                                <ul className="grid gap-2">
                                    {some.slice(0, 100).map((one) => (
                                        <li
                                            key={key(one)}
                                            className={`rounded-lg border bg-white px-3 py-2
                                                    ${one === current ? 'border-damson ring-1 ring-damson' : 'border-hair'}`}
                                        >
                                            <button
                                                type="button"
                                                className="block w-full text-left"
                                                aria-current={one === current || undefined}
                                                onClick={() => setChosen(key(one))}
                                            >
                                                <span className="flex items-baseline gap-3">
                                                    <span className="font-semibold">{one.title}</span>
                                                    <span className="ml-auto max-w-[55%] truncate font-mono text-[11.5px] text-quiet">
                                                        {one.name}, {shortly(one)}
                                                    </span>
                                                </span>
                                                <span className="mt-0.5 block text-[12.5px] break-words text-quiet">
                                                    {one.words}
                                                </span>
                                            </button>
                                            <span className="mt-1.5 flex items-center gap-1.5">
                                                {one.mend !== null && (
                                                    <button
                                                        type="button"
                                                        className="btn h-7"
                                                        aria-label={`Mend: ${one.title}, ${one.name}, ${shortly(one)}`}
                                                        disabled={busy !== null}
                                                        onClick={() => void mend([one])}
                                                    >
                                                        Mend
                                                    </button>
                                                )}
                                                <button
                                                    type="button"
                                                    className="btn h-7"
                                                    onClick={() => go(`/workbooks/${one.workbook}/findings`)}
                                                >
                                                    Open
                                                </button>
                                                <span className="ml-auto text-[12px] text-quiet">
                                                    {one.mend ?? 'only you can tell'}
                                                </span>
                                            </span>
                                        </li>
                                    ))}
                                </ul>
                            </section>
                        ))}
                        {shown.length === 0 && (
                            <p className="pt-6 text-center text-quiet">{series.isPending ? 'Looking…' : 'Nothing is found.'}</p>
                        )}
                    </div>
                </section>
                <section
                    aria-label="The place"
                    className="grid min-h-0 min-w-0 grid-rows-[38px_minmax(0,1fr)] max-[820px]:hidden"
                >
                    <p className="flex items-center border-b border-hair bg-ground px-3.5 font-semibold">
                        {current && `${current.name}, ${current.sheet}`}
                    </p>
                    {current && (
                        <SheetPane
                            key={`${current.workbook}.${current.number}`}
                            ref={pane}
                            label="The sheet of the finding"
                            side={{ workbook: current.workbook, sheet: current.number, at: null }}
                            stamp={String(each[ids.indexOf(current.workbook)]?.dataUpdatedAt ?? '')}
                            zoom={1}
                            chosen={place ?? null}
                            rows={[]}
                            isLeft
                            onStand={() => undefined}
                            onChoose={() => undefined}
                        />
                    )}
                </section>
            </main>
            <footer className="border-t border-hair bg-ground px-3 text-[11.5px] leading-[25px] text-quiet">
                What is mended is one step in the history of each workbook.
            </footer>
        </div>
    );
}
