import { useQuery, useQueryClient } from '@tanstack/react-query';
import { FileInput, FileText } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { api } from '@/api/client';
import { BROUGHT_IN, type BatchItemRecord, type BatchRecord } from '@/api/types';
import { ask } from '@/parts/Ask';
import { CannotOpen } from '@/parts/CannotShow';
import { counted } from '@/parts/counted';
import { Mark } from '@/parts/Mark';
import { say, tell } from '@/parts/Messages';
import { sendEach } from '@/parts/sendEach';
import { go } from '@/parts/path';
import { ItemReport } from './ItemReport';
import { WhatToDo } from './WhatToDo';

const UNDER_WAY = ['queued', 'running'];

const STATES: Record<string, string> = {
    waiting: 'being read',
    planned: 'ready',
    queued: 'waits its turn',
    running: 'at work',
    done: 'done',
    failed: 'not done',
    cancelled: 'stopped',
};

const TINTS: Record<string, string> = { done: 'text-good', failed: 'text-danger', running: 'text-damson' };

/** Many workbooks at once: chosen, planned, run, reported. */
export function BatchPage({ id }: { id: string }) {
    const client = useQueryClient();
    const batch = useQuery({
        queryKey: ['batch', id],
        queryFn: () => api.batch(id),
        refetchInterval: ({ state }) => {
            const now = state.data;
            const isMoving =
                now?.status === 'running' ||
                now?.items.some((item) => item.status === 'waiting' || item.status === 'running') ||
                // Once all is written, the files are looked at beside each other.
                (now?.status === 'done' && !now.isLooked);
            return isMoving ? 600 : false;
        },
    });
    const [chosen, setChosen] = useState<string | null>(null);
    const [busy, setBusy] = useState<string | null>(null);
    const [dropping, setDropping] = useState(false);
    const picker = useRef<HTMLInputElement>(null);
    const list = useChosenInSight(batch.data !== undefined && batch.data.items.length > 0);
    const keep = (record: BatchRecord) => client.setQueryData(['batch', id], record);
    useEffect(() => {
        document.title = `${batch.data?.name ?? 'Batch'} · Rilvet`;
    }, [batch.data?.name]);
    const take = (files: File[]) => sendEach(files, async (file) => void keep(await api.addToBatch(id, file)), setBusy);
    const run = (what: 'run' | 'pause' | 'go on' | 'cancel') => void api.runBatch(id, what).then(keep, tell);
    const record = batch.data;
    if (batch.errorUpdateCount > 0 && !record) return <CannotOpen what="batch" query={batch} />;
    if (!record) return <main className="p-10 text-quiet">Opening the batch…</main>;
    const isOpen = record.status !== 'running' && record.status !== 'paused';
    const count = (...states: string[]) => record.items.filter((item) => states.includes(item.status)).length;
    const done = count('done');
    const failed = count('failed');
    const left = record.items.length - done;
    const unsure = record.items.filter((item) => (item.plan?.doubts.length ?? 0) + (item.plan?.left.length ?? 0) > 0).length;
    const isAtWork = record.items.some((item) => UNDER_WAY.includes(item.status));
    const current = record.items.find((item) => item.id === chosen) ?? record.items[0];
    const rename = () =>
        void ask({ title: 'Rename the batch', label: 'Name', action: 'Rename', value: record.name }).then((name) => {
            if (name?.trim()) void api.changeBatch(id, { name: name.trim() }).then(keep, tell);
        });
    const remove = () =>
        void ask({
            title: `Take the batch ${record.name} away?`,
            about: 'With the files that came for it and what was written. Workbooks of the shelf stay.',
            action: 'Take it away',
            danger: true,
        }).then((sure) => {
            if (sure !== null)
                void api.removeBatch(id).then(({ message }) => {
                    say(message);
                    void client.invalidateQueries({ queryKey: ['shelf'] });
                    go('/');
                }, tell);
        });
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
                if (isOpen) void take([...event.dataTransfer.files]);
            }}
        >
            <header className="flex min-h-12 flex-none flex-wrap items-center gap-x-3 gap-y-1 border-b border-hair bg-panel px-3 py-1">
                <Mark />
                <button type="button" className="btn" onClick={() => go('/')}>
                    Shelf
                </button>
                <h1 className="min-w-0 truncate text-[15px] font-semibold">
                    <button type="button" className="hover:underline" title="Rename the batch" onClick={rename}>
                        {record.name}
                    </button>
                </h1>
                <span className="flex-1" />
                {busy && <span className="text-quiet">Taking {busy}…</span>}
                {done > 0 && (
                    <>
                        {(['html', 'csv', 'json'] as const).map((as) => (
                            <a
                                key={as}
                                className="text-damson underline underline-offset-2"
                                href={`/api/batches/${id}/report?as=${as}`}
                            >
                                Report {as}
                            </a>
                        ))}
                        <a className="btn" href={`/api/batches/${id}/zip`}>
                            Download all
                        </a>
                    </>
                )}
                {record.status === 'running' && (
                    <>
                        <button type="button" className="btn" onClick={() => run('pause')}>
                            Pause
                        </button>
                        <button type="button" className="btn" onClick={() => run('cancel')}>
                            Stop
                        </button>
                    </>
                )}
                {record.status === 'paused' && (
                    <>
                        <button type="button" className="btn btn-primary" onClick={() => run('go on')}>
                            Go on
                        </button>
                        <button type="button" className="btn" onClick={() => run('cancel')}>
                            Stop
                        </button>
                    </>
                )}
                {isOpen && (
                    <button
                        type="button"
                        className="btn btn-primary"
                        disabled={record.routine === null || left === 0 || busy !== null}
                        onClick={() => run('run')}
                    >
                        {left === 0 && done > 0
                            ? 'All are done'
                            : done > 0
                              ? `Run the ${counted(left, 'file')} left`
                              : `Run ${counted(record.items.length, 'file')}`}
                    </button>
                )}
            </header>
            {!record.isWorked && (isAtWork || count('waiting') > 0) && (
                <p className="flex-none bg-brass-soft px-4 py-1.5 text-caution" role="alert">
                    No worker is running, so these files wait. Nothing is lost; start Rilvet again with bin/start.
                </p>
            )}
            <main
                className={`grid min-h-0 flex-1 grid-cols-[minmax(300px,380px)_minmax(0,1fr)]
                    max-[820px]:grid-cols-[minmax(0,1fr)] max-[820px]:overflow-auto`}
            >
                <section
                    className="min-h-0 overflow-auto border-r border-hair bg-panel p-4"
                    aria-label="What is done"
                    tabIndex={0}
                >
                    <WhatToDo batch={record} isOpen={isOpen} onChange={keep} />
                    <button type="button" className="mt-6 text-[12px] text-quiet underline underline-offset-2" onClick={remove}>
                        Take the batch away…
                    </button>
                </section>
                <section className="grid min-h-0 grid-rows-[auto_minmax(0,1fr)_auto] p-4" aria-label="Files">
                    <div>
                        <div className="mb-2 flex items-center gap-3">
                            <h2 className="text-[15px] font-semibold">{counted(record.items.length, 'file')}</h2>
                            <span className="min-w-0 flex-1 truncate text-quiet" role="status">
                                {[
                                    done > 0 && `${done} done`,
                                    failed > 0 && `${failed} not done`,
                                    isAtWork && `${count(...UNDER_WAY)} to go`,
                                    isOpen && done === 0 && unsure > 0 && `${unsure} want a look before they are run`,
                                    record.status === 'paused' && 'paused',
                                ]
                                    .filter(Boolean)
                                    .join(', ')}
                            </span>
                            {isOpen && (
                                <button type="button" className="btn" onClick={() => picker.current?.click()}>
                                    <FileInput size={14} aria-hidden="true" /> Add files
                                </button>
                            )}
                            <input
                                ref={picker}
                                type="file"
                                multiple
                                hidden
                                aria-label="Files for the batch"
                                accept={`${BROUGHT_IN},.zip`}
                                onChange={(event) => {
                                    void take([...(event.target.files ?? [])]);
                                    event.target.value = '';
                                }}
                            />
                        </div>
                        {isAtWork && (
                            <div
                                className="mb-2 h-[5px] overflow-hidden rounded bg-damson-soft"
                                role="progressbar"
                                aria-label="Files done"
                                aria-valuemin={0}
                                aria-valuemax={record.items.length}
                                aria-valuenow={done + failed}
                            >
                                <div
                                    className="h-full bg-damson"
                                    style={{ width: `${(100 * (done + failed)) / Math.max(1, record.items.length)}%` }}
                                />
                            </div>
                        )}
                    </div>
                    {record.items.length === 0 ? (
                        <button
                            type="button"
                            className={`flex flex-col items-center justify-center gap-2 rounded-md border border-dashed p-8
                                    ${dropping ? 'border-damson bg-damson-soft' : 'border-[#b9b1a4]'}`}
                            onClick={() => picker.current?.click()}
                        >
                            <FileText size={26} className="text-quiet" aria-hidden="true" />
                            <span className="font-semibold">Drop the files here</span>
                            <span className="text-[12px] text-quiet">csv, tsv, xlsx, ods, or a zip of them</span>
                        </button>
                    ) : (
                        <ul
                            ref={list}
                            className={`min-h-0 overflow-auto rounded-md border ${dropping ? 'border-damson' : 'border-hair'} bg-panel`}
                            aria-label="Files of the batch"
                        >
                            {record.items.map((item) => (
                                <li key={item.id} className="border-b border-[#efeae1] last:border-b-0">
                                    <Row
                                        item={item}
                                        isChosen={item.id === current?.id}
                                        onChoose={() => setChosen(item.id)}
                                        onLeave={isOpen ? () => void api.leaveOut(id, item.id).then(keep, tell) : undefined}
                                    />
                                </li>
                            ))}
                        </ul>
                    )}
                    {current && (
                        <ItemReport batch={id} item={current} across={record.across} compared={record.compared} done={done} />
                    )}
                </section>
            </main>
        </div>
    );
}

/** A list whose pressed row stays in sight when the report below takes room from it. */
function useChosenInSight(isThere: boolean) {
    const list = useRef<HTMLUListElement>(null);
    useEffect(() => {
        const box = list.current;
        if (!isThere || !box) return;
        const sizes = new ResizeObserver(() => {
            const row = box.querySelector('[aria-pressed="true"]')?.getBoundingClientRect();
            const frame = box.getBoundingClientRect();
            if (row) box.scrollTop += Math.max(0, row.bottom - frame.bottom) - Math.max(0, frame.top - row.top);
        });
        sizes.observe(box);
        return () => sizes.disconnect();
    }, [isThere]);
    return list;
}

function Row({
    item,
    isChosen,
    onChoose,
    onLeave,
}: {
    item: BatchItemRecord;
    isChosen: boolean;
    onChoose: () => void;
    onLeave?: () => void;
}) {
    const told = item.report ?? item.plan;
    const notes = (told?.left.length ?? 0) + (item.report ? 0 : (told?.doubts.length ?? 0));
    return (
        <div className={`flex items-center gap-3 px-3 ${isChosen ? 'bg-damson-soft' : 'hover:bg-ground'}`}>
            <button
                type="button"
                aria-pressed={isChosen}
                className="flex min-w-0 flex-1 items-center gap-3 py-1.5 text-left"
                onClick={onChoose}
            >
                <span className="w-[220px] flex-none truncate font-semibold">{item.name}</span>
                <span className="min-w-0 flex-1 truncate text-[12px] text-quiet">
                    {told?.fault ??
                        (told?.parts.join('; ') || (item.progress > 0 ? `${item.progress.toLocaleString('en')} rows` : ''))}
                </span>
                {notes > 0 && <span className="flex-none text-[12px] text-caution">{counted(notes, 'note')}</span>}
                <span className={`w-[92px] flex-none text-right text-[12px] ${TINTS[item.status] ?? 'text-quiet'}`}>
                    {STATES[item.status] ?? item.status}
                </span>
            </button>
            {onLeave && (
                <button
                    type="button"
                    className="flex-none text-[12px] text-quiet underline underline-offset-2"
                    aria-label={`Leave ${item.name} out`}
                    onClick={onLeave}
                >
                    leave out
                </button>
            )}
        </div>
    );
}
