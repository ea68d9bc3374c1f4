import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { BenchRecord, SheetDetail, TableRecord } from '@/api/types';
import { api, stumbled, type Rect } from '@/api/client';
import { CannotOpen, CannotShow } from '@/parts/CannotShow';
import { useNarrow } from '@/parts/useNarrow';
import { Drawers, type Drawer } from './Drawers';
import { FindAction } from './FindAction';
import { FootLine } from './FootLine';
import { FormatKeys } from './FormatKeys';
import { Grid } from './Grid';
import { HandOverDialog } from './HandOverDialog';
import { KeysDialog } from './KeysDialog';
import { Outline } from './Outline';
import { Questions } from './Questions';
import { useBench } from '@/work/state';
import { TopBar, type View } from './TopBar';
import { ReportMenu } from '@/findings/ReportMenu';
import { FindingsView } from '@/findings/FindingsView';
import { open as toLookAt, useFindings } from '@/findings/useFindings';
import { go } from '@/parts/path';
import { PaperView } from '@/paper/PaperView';
import { RenewDialog } from '@/renew/RenewDialog';
import { renew } from '@/renew/renewing';
import { RoutineDialogs } from '@/routine/RoutineDialogs';
import { SideView } from '@/side/SideView';
import { SummaryDialog } from '@/summary/SummaryDialog';
import { DressPanel } from './DressPanel';
import { Tray } from '@/tray/Tray';
import { SortDialog } from './SortDialog';
import { askBeforeLeaving } from '@/work/sending';
import { keys } from '@/api/keys';
import { newest } from '@/api/newest';
import { seenTrial } from '@/work/trial';
import { useActs } from '@/work/useActs';
import { Working } from './Working';
import { ConditionTray } from '@/conditions/ConditionTray';
import { useDrafts } from '@/conditions/draft';
import { EntryTray } from '@/guard/EntryTray';
import { useEntries } from '@/guard/draft';
import { ProtectDialog } from '@/guard/ProtectDialog';
import { ReaderBar } from '@/guard/ReaderBar';
import { useReader } from '@/guard/reader';
import { useKeys } from './useKeys';

/** ms after which it is looked whether somebody else changed something. */
const LOOK = 5_000;

/** The table that the person is at, else the first. */
function tableAt(tables: TableRecord[]) {
    const { row, column } = useBench.getState().active;
    return tables.find((t) => row >= t.top && row <= t.bottom && column >= t.left && column <= t.right) ?? tables[0];
}

export function BenchPage({ id, view: shownView = 'bench' }: { id: number; view?: View }) {
    const client = useQueryClient();
    const bench = useQuery({
        queryKey: keys.bench(id),
        queryFn: async () => {
            const got = await api.bench(id);
            // An act may have been answered meanwhile.
            const now = client.getQueryData<BenchRecord>(keys.bench(id));
            return now && now.revision > got.revision ? now : got;
        },
        // What others change, here or in a stylebook that is worn, is seen without being asked for.
        refetchInterval: LOOK,
        refetchOnWindowFocus: true,
    });
    const number = useBench((state) => state.sheet);
    const open = useBench((state) => state.open);
    const trial = useBench((state) => state.trial);
    const [handing, setHanding] = useState(false);
    const [finding, setFinding] = useState(false);
    const [listing, setListing] = useState(false);
    const [dressing, setDressing] = useState<boolean | null>(null);
    const [drawer, setDrawer] = useState<Drawer>(null);
    const draft = useDrafts((state) => state.draft);
    const entry = useEntries((state) => state.draft);
    const reader = useReader((state) => state.on);
    const narrow = useNarrow();
    const view = useRef<Rect>({ top: 1, left: 1, bottom: 50, right: 20 });
    const acts = useActs(id);
    const keepView = useCallback(
        (range: Rect) => {
            view.current = range;
            // What is tried is seen in all that is in sight now, not in what was when it began.
            if (useBench.getState().trial) void client.invalidateQueries({ queryKey: ['trial', id] });
        },
        [client, id],
    );

    useEffect(() => {
        const first = bench.data?.sheets.find((sheet) => sheet.state === 'visible') ?? bench.data?.sheets[0];
        if (first && !bench.data?.sheets.some((sheet) => sheet.number === useBench.getState().sheet)) open(first.number);
    }, [bench.data, open]);
    useEffect(
        () => () => {
            useBench.setState({ sheet: 0, trial: null });
            useDrafts.setState({ draft: null });
            useEntries.setState({ draft: null });
            useReader.setState({ on: false });
        },
        [],
    );
    // What is written belongs to the sheet that it was begun on.
    useEffect(
        () => () => {
            useDrafts.setState({ draft: null });
            useEntries.setState({ draft: null });
        },
        [number],
    );
    useEffect(() => {
        if (bench.data) document.title = `${bench.data.name} · Rilvet`;
    }, [bench.data]);

    const known = bench.data?.sheets.some((sheet) => sheet.number === number) ?? false;
    const stamp = bench.data?.stamp ?? '';
    // What is seen of a sheet stands until something of that sheet changes.
    const record = bench.data?.sheets.find((sheet) => sheet.number === number);
    const seen = record?.seen ?? stamp;
    const detail = useQuery({
        queryKey: keys.sheet(id, number, stamp),
        queryFn: () => api.sheet(id, number),
        staleTime: Infinity,
        enabled: known,
        placeholderData: (old) => (old?.number === number ? old : undefined),
    });
    // What was there before stays while the server is away.
    const sheet =
        detail.data ??
        (detail.isError && stumbled(detail.error) ? newest<SheetDetail>(client, ['sheet', id, number]) : undefined);
    const waits = (sheet?.waiting ?? 0) > 0;
    // While formulas are calculated behind the screen, their results are looked for.
    useEffect(() => {
        if (!waits) return;
        const timer = setInterval(() => void client.invalidateQueries({ queryKey: ['bench', id] }), 1000);
        return () => clearInterval(timer);
    }, [client, id, waits]);
    const preview = useQuery({
        queryKey: ['trial', id, number, stamp, trial],
        queryFn: ({ signal }) => trial && seenTrial(id, number, trial, view.current, signal),
        enabled: known && trial !== null,
        staleTime: 60_000,
    });
    const found = useFindings(bench.data, number, shownView === 'findings');
    const toView = useCallback((to: View) => go(`/workbooks/${id}${to === 'bench' ? '' : `/${to}`}`), [id]);
    useEffect(askBeforeLeaving, []);
    useKeys({ acts, find: () => setFinding(true), keys: () => setListing(true), handOver: () => setHanding(true) });

    // They are asked for again meanwhile, without taking the words away.
    if (bench.errorUpdateCount > 0 && !bench.data) return <CannotOpen what="workbook" query={bench} />;
    if (detail.errorUpdateCount > 0 && !sheet)
        return (
            <CannotShow
                title="The sheet cannot be shown at present"
                message={detail.error?.message}
                onAgain={() => void detail.refetch()}
            />
        );
    const isBench = shownView === 'bench';
    // Other views stay where they are while the sheet that they go to is opened.
    if (!bench.data || !known || (isBench && !sheet)) return <main className="p-10 text-quiet">Opening the workbook…</main>;
    const isDressing = dressing ?? sheet?.wears === null;
    const shown = trial && preview.data?.sheet ? preview.data.sheet : sheet;
    const grid = shown && (
        <Grid
            key={number}
            id={id}
            detail={shown}
            seen={seen}
            isProtected={record?.protected ?? false}
            dataRevision={record?.dataRevision ?? 0}
            preview={trial ? (preview.data?.sight?.windows[0] ?? null) : null}
            acts={acts}
            onView={keepView}
            still={!isBench}
        />
    );
    // A top bar, the sheet, the tray (or how it is opened), and the foot line.
    const rows = !isBench
        ? 'grid-rows-[48px_minmax(0,1fr)_26px] max-[820px]:grid-rows-[auto_minmax(0,1fr)_26px]'
        : reader
          ? 'grid-rows-[auto_minmax(0,1fr)_auto_26px]'
          : narrow
            ? 'grid-rows-[auto_minmax(0,1fr)_34px_26px]'
            : 'grid-rows-[48px_minmax(0,1fr)_152px_26px]';
    const columns = narrow || reader ? 'grid-cols-[minmax(0,1fr)]' : 'grid-cols-[232px_minmax(0,1fr)]';
    return (
        <div
            className={`relative grid h-full grid-cols-[minmax(0,1fr)] overflow-hidden ${rows}`}
            onDragOver={(event) => event.preventDefault()}
            onDrop={(event) => {
                event.preventDefault();
                const [file] = event.dataTransfer.files;
                const table = tableAt(sheet?.tables ?? []);
                if (file && table) renew(table, file);
            }}
        >
            <TopBar
                bench={bench.data}
                acts={acts}
                wears={sheet?.wears ?? null}
                dressing={isDressing}
                onDress={() => {
                    setDressing(!isDressing);
                    setDrawer('tray');
                }}
                view={shownView}
                findings={toLookAt(found.findings).length}
                onView={toView}
                onFind={() => setFinding(true)}
                onHandOver={() => setHanding(true)}
            />
            <main className="contents">
                <h1 className="sr-only">{bench.data.name}</h1>
                {isBench && sheet ? (
                    <>
                        <div className={`relative grid min-h-0 ${columns} print:grid-cols-1`}>
                            {!reader && (!narrow || drawer === 'outline') && (
                                <div
                                    className={
                                        narrow
                                            ? 'absolute inset-y-0 left-0 z-40 grid w-[232px] max-w-[85vw] shadow-xl'
                                            : 'grid min-h-0'
                                    }
                                >
                                    <Outline bench={bench.data} detail={sheet} acts={acts} />
                                </div>
                            )}
                            <div className="grid min-h-0 min-w-0 grid-rows-[auto_minmax(0,1fr)]">
                                <Questions key={number} tables={sheet.tables} acts={acts} />
                                {grid}
                                <p className="hidden p-2 print:block">
                                    This is what was in sight. Paper prints the whole sheet, page by page.
                                </p>
                            </div>
                        </div>
                        {narrow && <Drawers open={drawer} onOpen={setDrawer} />}
                        {reader ? (
                            <ReaderBar id={id} isProtected={record?.protected ?? false} />
                        ) : narrow && drawer !== 'tray' && !draft && !entry ? (
                            <FormatKeys bench={bench.data} detail={sheet} acts={acts} />
                        ) : (
                            <div
                                className={
                                    narrow ? 'absolute right-0 bottom-[60px] left-0 z-40 grid h-[152px] shadow-xl' : 'contents'
                                }
                            >
                                {entry ? (
                                    <>
                                        <FormatKeys bench={bench.data} detail={sheet} acts={acts} />
                                        <EntryTray acts={acts} draft={entry} />
                                    </>
                                ) : draft ? (
                                    <>
                                        <FormatKeys bench={bench.data} detail={sheet} acts={acts} />
                                        <ConditionTray bench={bench.data} detail={sheet} acts={acts} draft={draft} />
                                    </>
                                ) : isDressing ? (
                                    <>
                                        <FormatKeys bench={bench.data} detail={sheet} acts={acts} />
                                        <DressPanel
                                            bench={bench.data}
                                            detail={sheet}
                                            acts={acts}
                                            onDone={() => setDressing(false)}
                                        />
                                    </>
                                ) : (
                                    <Tray bench={bench.data} detail={sheet} acts={acts} />
                                )}
                            </div>
                        )}
                    </>
                ) : shownView === 'side-by-side' ? (
                    <SideView bench={bench.data} sheet={number} />
                ) : shownView === 'paper' ? (
                    <PaperView bench={bench.data} acts={acts} sheet={number} seen={seen} book={sheet?.wears ?? null} />
                ) : (
                    <FindingsView
                        bench={bench.data}
                        acts={acts}
                        found={found}
                        sheet={record?.name ?? ''}
                        onBench={() => toView('bench')}
                        report={<ReportMenu id={id} />}
                    >
                        {grid}
                    </FindingsView>
                )}
            </main>
            <Working />
            {isBench && sheet && <FootLine bench={bench.data} detail={sheet} acts={acts} />}
            {handing && sheet && <HandOverDialog bench={bench.data} detail={sheet} onClose={() => setHanding(false)} />}
            <SortDialog acts={acts} />
            <RenewDialog bench={bench.data} sheet={number} acts={acts} />
            <SummaryDialog bench={bench.data} sheet={number} acts={acts} />
            <RoutineDialogs bench={bench.data} acts={acts} />
            <ProtectDialog acts={acts} />
            {listing && <KeysDialog onClose={() => setListing(false)} />}
            {finding && sheet && (
                <FindAction
                    bench={bench.data}
                    detail={sheet}
                    acts={acts}
                    onHandOver={() => setHanding(true)}
                    onKeys={() => setListing(true)}
                    onClose={() => setFinding(false)}
                />
            )}
        </div>
    );
}
