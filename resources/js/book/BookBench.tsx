import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { api, type Rect } from '@/api/client';
import { keys } from '@/api/keys';
import { newest } from '@/api/newest';
import type { BookRecord, RulesRecord, SheetDetail } from '@/api/types';
import { Grid } from '@/bench/Grid';
import { useKeys } from '@/bench/useKeys';
import { CannotShow } from '@/parts/CannotShow';
import { counted } from '@/parts/counted';
import { useNarrow } from '@/parts/useNarrow';
import { ConditionTray } from '@/conditions/ConditionTray';
import { useDrafts } from '@/conditions/draft';
import { Tray } from '@/tray/Tray';
import { seenTrial } from '@/work/trial';
import { useActs } from '@/work/useActs';
import { useWaiting, WAITING } from '@/work/away';
import { useSending } from '@/work/sending';
import { selectionText, useBench } from '@/work/state';
import { BookBar, type View } from './BookBar';
import { Checks } from './Checks';
import { Conflict } from './Conflict';
import { Panel, type PanelName } from './Panel';
import { RuleList } from './RuleList';
import { SeenOn, type Sheet } from './SeenOn';
import { useKeep } from './useKeep';
import { Versions } from './Versions';
import { Wearers } from './Wearers';

/** The Bench's own furniture around a stylebook: rules at the left, a specimen in the middle, the tray below. */
export function BookBench({ id, specimen }: { id: number; specimen: number }) {
    const client = useQueryClient();
    const acts = useActs(specimen);
    const [view, setView] = useState<View>('make');
    const [panel, setPanel] = useState<PanelName | null>(null);
    const [on, setOn] = useState<Sheet | null>(null);
    const sight = useRef<Rect>({ top: 1, left: 1, bottom: 40, right: 12 });
    const bench = useQuery({ queryKey: keys.bench(specimen), queryFn: () => api.bench(specimen) });
    const stamp = bench.data?.stamp ?? '';
    const detail = useQuery({
        queryKey: keys.sheet(specimen, 1, stamp),
        queryFn: () => api.sheet(specimen, 1),
        staleTime: Infinity,
        enabled: stamp !== '',
        placeholderData: keepPreviousData,
    });
    const rules = useQuery({
        queryKey: ['rules', id, stamp],
        queryFn: () => api.rules(id),
        staleTime: Infinity,
        enabled: stamp !== '',
        placeholderData: keepPreviousData,
    });
    const book = useQuery({
        queryKey: ['book', id, stamp],
        queryFn: () => api.book(id),
        enabled: stamp !== '',
        placeholderData: (old: BookRecord | undefined) => old ?? client.getQueryData<BookRecord>(['book', id]),
    });
    // What was there before stays while the server is away.
    const sheet = detail.data ?? newest<SheetDetail>(client, ['sheet', specimen, 1]);
    const said = rules.data ?? newest<RulesRecord>(client, ['rules', id]);
    const kept = book.data ?? newest<BookRecord>(client, ['book', id]);
    const draft = useDrafts((state) => state.draft);
    const trial = useBench((state) => state.trial);
    const preview = useQuery({
        queryKey: ['trial', specimen, 1, stamp, trial],
        queryFn: ({ signal }) => trial && seenTrial(specimen, 1, trial, sight.current, signal),
        enabled: trial !== null,
        staleTime: 60_000,
    });
    const keepView = useCallback(
        (range: Rect) => {
            sight.current = range;
            // What is tried is seen in all that is in sight now, not in what was when it began.
            if (useBench.getState().trial) void client.invalidateQueries({ queryKey: ['trial', specimen] });
        },
        [client, specimen],
    );
    const keep = useKeep(id, specimen);
    const narrow = useNarrow();
    useEffect(() => {
        useBench.getState().open(1);
        // The headings are what most stylebooks are known by.
        useBench.getState().select([{ top: 4, left: 1, bottom: 4, right: 9 }], undefined, false);
        return () => {
            useBench.setState({ sheet: 0, trial: null });
            useDrafts.setState({ draft: null });
        };
    }, []);
    useKeys({
        acts,
        find: () => document.querySelector<HTMLElement>('nav[aria-label=Rules] button')?.focus(),
        keys: () => undefined,
        handOver: keep.keep,
    });
    const failed = [bench, detail, rules, book].find((query) => query.errorUpdateCount > 0);
    if (failed && !(bench.data && sheet && said && kept))
        return (
            <CannotShow
                title="The stylebook cannot be shown at present"
                message={failed.error?.message}
                onAgain={() => void Promise.all([bench.refetch(), detail.refetch(), rules.refetch(), book.refetch()])}
            />
        );
    if (!bench.data || !sheet || !said || !kept) return <main className="p-10 text-quiet">Opening the stylebook…</main>;
    const record = bench.data.sheets[0];
    const shown = trial && preview.data?.sheet ? preview.data.sheet : sheet;
    return (
        <div
            className={`grid h-full grid-cols-[minmax(0,1fr)] overflow-hidden ${
                view === 'make'
                    ? 'grid-rows-[minmax(48px,auto)_minmax(0,1fr)_152px_26px]'
                    : 'grid-rows-[minmax(48px,auto)_minmax(0,1fr)_26px]'
            }`}
        >
            <BookBar book={kept} rules={said} bench={bench.data} acts={acts} view={view} onView={setView} keep={keep} />
            {view === 'make' ? (
                <main className="contents">
                    <h1 className="sr-only">{said.name}</h1>
                    {/* In a small window the three stand above each other, and are scrolled. */}
                    <div
                        className={
                            narrow
                                ? 'grid min-h-0 auto-rows-[minmax(180px,auto)] grid-cols-[minmax(0,1fr)] overflow-auto [&>*]:max-h-[340px]'
                                : 'grid min-h-0 grid-cols-[232px_minmax(0,1fr)_248px]'
                        }
                        {...(narrow ? { tabIndex: 0, role: 'group', 'aria-label': 'Rules, specimen and checks' } : {})}
                    >
                        <RuleList rules={said} detail={sheet} version={kept.version} panel={panel} onPanel={setPanel} />
                        <div className="grid min-h-0 min-w-0 grid-rows-[38px_minmax(0,1fr)]">
                            <SeenOn.Bar book={kept} on={on} onChoose={setOn} />
                            {on ? (
                                <SeenOn.Sheet stylebook={id} stamp={stamp} on={on} />
                            ) : (
                                <Grid
                                    id={specimen}
                                    detail={shown}
                                    seen={record?.seen ?? stamp}
                                    dataRevision={record?.dataRevision ?? 0}
                                    preview={trial ? (preview.data?.sight?.windows[0] ?? null) : null}
                                    acts={acts}
                                    onView={keepView}
                                    still
                                />
                            )}
                        </div>
                        <aside aria-label="Rule" className="min-h-0 overflow-auto border-l border-hair bg-panel p-3" tabIndex={0}>
                            {panel && (
                                <Panel
                                    name={panel}
                                    rules={said}
                                    bench={bench.data}
                                    detail={sheet}
                                    acts={acts}
                                    onClose={() => setPanel(null)}
                                />
                            )}
                            <Checks rules={said} acts={acts} whole={panel === 'palette'} />
                        </aside>
                    </div>
                    {draft ? (
                        <ConditionTray bench={bench.data} detail={sheet} acts={acts} draft={draft} />
                    ) : (
                        <Tray bench={bench.data} detail={sheet} acts={acts} />
                    )}
                </main>
            ) : (
                <main className="min-h-0 overflow-auto" tabIndex={0} aria-label={view === 'versions' ? 'Versions' : 'Worn by'}>
                    {view === 'versions' ? <Versions book={kept} /> : <Wearers book={kept} />}
                </main>
            )}
            <Foot changes={kept.changes.length} words={trial ? trial.words : null} />
            {keep.went && <Conflict went={keep.went} onChoose={keep.settle} />}
        </div>
    );
}

function Foot({ changes, words }: { changes: number; words: string | null }) {
    const selection = useBench((state) => selectionText(state.selection));
    const pending = useSending((state) => state.pending);
    const waiting = useWaiting();
    return (
        <footer
            className={`flex min-w-0 items-center gap-4.5 overflow-hidden border-t border-hair bg-ground px-3
                text-[11.5px] whitespace-nowrap text-quiet`}
        >
            <span id="selection-address" className="font-mono text-ink">
                {selection}
            </span>
            <span className="flex-1" />
            {words && <span className="font-semibold text-caution">Trying on {words}, not set</span>}
            <span aria-live="polite" className={changes > 0 || waiting ? 'font-semibold text-caution' : ''}>
                {waiting
                    ? WAITING
                    : pending > 0
                      ? 'Saving…'
                      : changes > 0
                        ? `${counted(changes, 'change')}, not kept as a version yet`
                        : 'All is kept'}
            </span>
        </footer>
    );
}
