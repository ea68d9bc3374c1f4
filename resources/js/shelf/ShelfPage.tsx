import { useQuery, useQueryClient } from '@tanstack/react-query';
import { FileInput, Table2 } from 'lucide-react';
import { useCallback, useEffect, useRef, useState } from 'react';
import { create } from 'zustand';
import { api } from '@/api/client';
import { newName } from '@/api/names';
import { BROUGHT_IN, type ImportRecord } from '@/api/types';
import { Mark } from '@/parts/Mark';
import { announce } from '@/parts/announce';
import { counted } from '@/parts/counted';
import { offerAgain, say, tell } from '@/parts/Messages';
import { go } from '@/parts/path';
import { sendEach } from '@/parts/sendEach';
import { Proposal } from './Proposal';
import { LessonList } from './LessonList';
import { BatchList, RoutineList } from './RoutineList';
import { StylebookList } from './StylebookList';
import { WorkbookCard } from './WorkbookCard';

/** What was read and waits for an answer: it is there still after another page was looked at. */
const useProposals = create<{ proposals: ImportRecord[] }>(() => ({ proposals: [] }));

export function ShelfPage() {
    const client = useQueryClient();
    const shelf = useQuery({ queryKey: ['shelf'], queryFn: api.shelf });
    const coming = useQuery({
        queryKey: ['coming'],
        queryFn: api.coming,
        refetchInterval: (query) => (query.state.data?.imports.some((incoming) => incoming.status !== 'failed') ? 700 : false),
    });
    const imports = coming.data?.imports ?? [];
    const underWay = imports
        .filter((incoming) => incoming.status !== 'failed')
        .map((incoming) => incoming.id)
        .join();
    const { proposals } = useProposals();
    const [dropping, setDropping] = useState(false);
    const [chosen, setChosen] = useState<number[]>([]);
    const [busy, setBusy] = useState<string | null>(null);
    const picker = useRef<HTMLInputElement>(null);
    // More than one file came at once: the last answered question does not lead away either.
    const several = useRef(false);

    useEffect(() => {
        document.title = 'Shelf · Rilvet';
    }, []);

    // What was on its way and is so no longer stands on the shelf now.
    useEffect(() => {
        void client.invalidateQueries({ queryKey: ['shelf'] });
    }, [client, underWay]);

    // What has come in is said once to those who do not see the new card.
    const known = useRef(new Map<string, string>());
    useEffect(() => {
        const now = new Map(coming.data?.imports.map((incoming) => [incoming.id, incoming.name]));
        for (const [id, name] of known.current) if (!now.has(id)) announce(`${name} has come in, or was stopped.`);
        known.current = now;
    }, [coming.data]);

    const arrived = useCallback(
        (incoming: ImportRecord, alone = true) => {
            // Who went on meanwhile is not led away from there.
            const isHere = location.pathname === '/';
            if (incoming.status === 'proposed') {
                useProposals.setState(({ proposals: all }) => ({ proposals: [...all, incoming] }));
                if (!isHere)
                    say(`${incoming.name} is read, and waits on the shelf for an answer.`, 'said', {
                        words: 'To the shelf',
                        run: () => go('/'),
                    });
            } else if (incoming.status === 'done' && incoming.workbook && alone) {
                const open = () => go(`/workbooks/${incoming.workbook}`);
                if (isHere) open();
                else say(`${incoming.name} has come in.`, 'said', { words: 'Open it', run: open });
            }
            if (incoming.status === 'failed') say(incoming.message ?? 'The file could not be brought in.', 'refused');
            void client.invalidateQueries({ queryKey: ['shelf'] });
            void client.invalidateQueries({ queryKey: ['coming'] });
        },
        [client],
    );

    const take = useCallback(
        (files: File[]) => {
            several.current = files.length > 1;
            // Of several files none opens by itself: the others would be left behind.
            return sendEach(files, async (file) => arrived(await api.upload(file), files.length === 1), setBusy);
        },
        [arrived],
    );

    useEffect(() => {
        const paste = (event: ClipboardEvent) => {
            const target = event.target as HTMLElement;
            if (target.closest('input, textarea') || !event.clipboardData) return;
            const files = [...event.clipboardData.files];
            if (files.length > 0) void take(files);
            else {
                const [plain, html] = ['text/plain', 'text/html'].map((type) => event.clipboardData?.getData(type) ?? '');
                const name = newName();
                const bring = () =>
                    api.paste(name, plain ?? '', html ?? '').then(
                        (incoming) => arrived(incoming),
                        (fault) => offerAgain('What was pasted did not come in.', fault, () => void bring()),
                    );
                void bring();
            }
        };
        document.addEventListener('paste', paste);
        return () => document.removeEventListener('paste', paste);
    }, [arrived, take]);

    const workbooks = shelf.data?.workbooks ?? [];
    return (
        <div
            className="flex h-full flex-col"
            onDragOver={(event) => {
                event.preventDefault();
                setDropping(true);
            }}
            onDragLeave={(event) => event.currentTarget === event.target && setDropping(false)}
            onDrop={(event) => {
                event.preventDefault();
                setDropping(false);
                void take([...event.dataTransfer.files]);
            }}
        >
            <header className="flex min-h-12 flex-none flex-wrap items-center gap-x-4 py-1 border-b border-hair bg-panel px-3">
                <Mark />
                <span className="rounded-md bg-damson-soft px-3 py-1 font-semibold text-damson">Shelf</span>
                <span className="flex-1" />
                {chosen.length > 0 && (
                    <button type="button" className="btn" onClick={() => go(`/findings?workbooks=${chosen.join(',')}`)}>
                        Findings of {counted(chosen.length, 'chosen workbook')}
                    </button>
                )}
                {chosen.length > 0 && (
                    <button
                        type="button"
                        className="btn"
                        onClick={() => void api.beginBatch(chosen).then(({ id }) => go(`/batches/${id}`), tell)}
                    >
                        Batch of {counted(chosen.length, 'chosen workbook')}
                    </button>
                )}
                {busy && <span className="text-quiet">Reading {busy}…</span>}
                <button type="button" className="btn btn-primary" onClick={() => picker.current?.click()}>
                    <FileInput size={15} aria-hidden="true" /> Bring in files
                </button>
                <input
                    ref={picker}
                    type="file"
                    multiple
                    hidden
                    aria-label="Files to bring in"
                    accept={BROUGHT_IN}
                    onChange={(event) => {
                        void take([...(event.target.files ?? [])]);
                        event.target.value = '';
                    }}
                />
            </header>
            <main className="min-h-0 flex-1 overflow-auto" tabIndex={0} aria-label="Shelf">
                <div
                    className={`mx-auto grid max-w-[1400px] grid-cols-[1fr_316px] gap-6 p-6 pt-4
                        max-[820px]:grid-cols-[minmax(0,1fr)] max-[820px]:p-3`}
                >
                    <section aria-labelledby="workbooks">
                        <h1 id="workbooks" className="mb-3 flex items-baseline gap-2.5 text-lg font-semibold">
                            Workbooks
                            <span className="text-[13px] font-normal text-quiet">
                                {workbooks.length > 0 ? `${workbooks.length}, last changed first` : ''}
                            </span>
                        </h1>
                        <div className="grid grid-cols-[repeat(auto-fill,minmax(min(270px,100%),1fr))] gap-4">
                            {workbooks.map((workbook) => (
                                <WorkbookCard
                                    key={workbook.id}
                                    workbook={workbook}
                                    chosen={chosen.includes(workbook.id)}
                                    onChoose={(on) =>
                                        setChosen(on ? [...chosen, workbook.id] : chosen.filter((id) => id !== workbook.id))
                                    }
                                />
                            ))}
                            <button
                                type="button"
                                className={`flex min-h-[238px] flex-col items-center justify-center gap-2 rounded-md border
                                        border-dashed p-4
                                        ${dropping ? 'border-damson bg-damson-soft' : 'border-[#b9b1a4]'}`}
                                onClick={() => picker.current?.click()}
                            >
                                <Table2 size={26} className="text-quiet" aria-hidden="true" />
                                <span className="font-semibold">Drop tables here</span>
                                <span className="text-[12px] text-quiet">
                                    csv, tsv, xlsx, ods, or paste with <kbd className="font-mono">Ctrl V</kbd>
                                </span>
                            </button>
                        </div>
                        {shelf.isPending && <p className="p-4 text-quiet">Looking at the shelf…</p>}
                        {shelf.isError && <p className="p-4 text-danger">{shelf.error.message}</p>}
                    </section>
                    <aside>
                        <BatchList batches={shelf.data?.batches ?? []} />
                        <RoutineList routines={shelf.data?.routines ?? []} />
                        <StylebookList stylebooks={shelf.data?.stylebooks ?? []} />
                        <LessonList lessons={shelf.data?.lessons ?? []} />
                        {imports.length > 0 && (
                            <section aria-labelledby="under-way" className="mt-5">
                                <h2 id="under-way" className="mb-2 text-[15px] font-semibold">
                                    Coming in
                                </h2>
                                {underWay !== '' && coming.data?.isWorked === false && (
                                    <p className="mb-2 text-caution" role="alert">
                                        No worker is running, so these files wait. Nothing is lost; start Rilvet again with
                                        bin/start.
                                    </p>
                                )}
                                {imports.map((incoming) => (
                                    <Coming
                                        key={incoming.id}
                                        incoming={incoming}
                                        onGone={() => void client.invalidateQueries({ queryKey: ['coming'] })}
                                    />
                                ))}
                            </section>
                        )}
                    </aside>
                </div>
            </main>
            {proposals[0] && (
                <Proposal
                    key={proposals[0].id}
                    proposal={proposals[0]}
                    onDone={(result) => {
                        useProposals.setState(({ proposals: all }) => ({ proposals: all.slice(1) }));
                        if (result) arrived(result, proposals.length === 1 && !several.current);
                    }}
                />
            )}
        </div>
    );
}

function Coming({ incoming, onGone }: { incoming: ImportRecord; onGone: () => void }) {
    const end = () => void api.cancelImport(incoming.id).then(onGone, tell);
    if (incoming.status === 'failed')
        return (
            <div className="mb-2 rounded-md border border-danger bg-panel p-3" role="alert">
                <div className="flex items-center gap-2 font-semibold">
                    <span className="flex-1 truncate">{incoming.name}</span>
                    <button type="button" className="btn" onClick={end}>
                        Dismiss
                    </button>
                </div>
                <p className="mt-1 text-[12px]">{incoming.message}</p>
            </div>
        );
    return (
        <div className="mb-2 rounded-md border border-hair bg-panel p-3">
            <div className="flex items-center gap-2 font-semibold">
                <span className="flex-1 truncate">{incoming.name}</span>
                <button type="button" className="btn" onClick={end}>
                    Stop
                </button>
            </div>
            <div
                className="my-2 h-[5px] overflow-hidden rounded bg-damson-soft"
                role="progressbar"
                aria-label={`Bringing in ${incoming.name}`}
            >
                <div className="h-full w-1/3 animate-pulse bg-damson" />
            </div>
            <span className="text-[12px] text-quiet">
                {incoming.progress > 0 ? `${incoming.progress.toLocaleString('en')} rows so far` : 'about to begin'}
            </span>
        </div>
    );
}
