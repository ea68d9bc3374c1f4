import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { api } from '@/api/client';
import type { BenchRecord, PastStepRecord, StepRecord } from '@/api/types';
import { counted } from '@/parts/counted';
import { say, tell } from '@/parts/Messages';
import { useReturnFocus } from '@/parts/useReturnFocus';
import { Source, type Newer } from '@/renew/Source';
import type { Acts } from '@/work/useActs';
import { useRoutines } from './opened';
import { StepList } from './StepList';
import { Shade } from '@/parts/Shade';

/** Keeps what was done as a routine, and does a routine to the workbook. */
export function RoutineDialogs({ bench, acts }: { bench: BenchRecord; acts: Acts }) {
    const open = useRoutines((state) => state.open);
    if (open === 'keep') return <Keep bench={bench} />;
    return open === 'replay' ? <Replay bench={bench} acts={acts} /> : null;
}

const close = () => useRoutines.setState({ open: null });

function Frame({ title, about, children }: { title: string; about: string; children: React.ReactNode }) {
    useReturnFocus();
    return (
        <Dialog.Root open onOpenChange={(open) => !open && close()}>
            <Dialog.Portal>
                <Shade />
                <Dialog.Content className="dialog w-[760px]" aria-describedby="routine-about">
                    <Dialog.Title className="text-[15px] font-semibold">{title}</Dialog.Title>
                    <p id="routine-about" className="mt-1 mb-3 text-quiet">
                        {about}
                    </p>
                    {children}
                </Dialog.Content>
            </Dialog.Portal>
        </Dialog.Root>
    );
}

function Keep({ bench }: { bench: BenchRecord }) {
    const past = useQuery({ queryKey: ['past', bench.id, bench.stamp], queryFn: () => api.pastSteps(bench.id) });
    return (
        <Frame
            title="Keep steps as a routine"
            about="What was done here, as it can be done to other workbooks: by parts and headings, not by addresses."
        >
            {past.isPending && <p className="py-6 text-quiet">Looking at the history…</p>}
            {past.isError && <p className="text-danger">{past.error.message}</p>}
            {past.data && <KeepSome name={bench.name} past={past.data} />}
        </Frame>
    );
}

function KeepSome({ name: book, past }: { name: string; past: PastStepRecord[] }) {
    const client = useQueryClient();
    const done = [...past].reverse();
    const [name, setName] = useState(`As in ${book}`.slice(0, 80));
    const [steps, setSteps] = useState<StepRecord[]>(() => done.flatMap((each) => each.step ?? []));
    const [last, setLast] = useState(done.length);
    const [busy, setBusy] = useState(false);
    const left = done.slice(-last).filter((each) => !each.step);
    const take = (count: number) => {
        setLast(count);
        setSteps(done.slice(done.length - count).flatMap((each) => each.step ?? []));
    };
    const unsure = steps.filter((step) => !step.isSure).length;
    const keep = () => {
        setBusy(true);
        void api
            .keepRoutine(
                name.trim(),
                steps.map((step) => step.step),
            )
            .then((routine) => {
                say(`The routine ${routine.name} stands on the shelf.`);
                close();
                return client.invalidateQueries({ queryKey: ['shelf'] });
            }, tell)
            .finally(() => setBusy(false));
    };
    if (done.length === 0)
        return (
            <>
                <p className="text-quiet">Nothing was done to this workbook yet.</p>
                <div className="mt-4 flex justify-end">
                    <button type="button" className="btn" onClick={close}>
                        Close
                    </button>
                </div>
            </>
        );
    return (
        <>
            <div className="mb-2 flex flex-wrap items-center gap-x-4 gap-y-2">
                <label className="flex min-w-0 flex-1 items-center gap-2">
                    <span className="flex-none">Name</span>
                    <input
                        className="field min-w-0 flex-1"
                        value={name}
                        maxLength={80}
                        onChange={(event) => setName(event.target.value)}
                    />
                </label>
                <label className="flex items-center gap-2">
                    <span>the last</span>
                    <input
                        type="number"
                        className="field w-16"
                        min={1}
                        max={done.length}
                        value={last}
                        onChange={(event) => take(Math.max(1, Math.min(done.length, Number(event.target.value))))}
                    />
                    <span>of {counted(done.length, 'step')}</span>
                </label>
            </div>
            <div className="max-h-[330px] overflow-auto" tabIndex={0} role="region" aria-label="Steps of the routine">
                <StepList steps={steps} onChange={setSteps} />
                {steps.length === 0 && <p className="py-3 text-quiet">None of them can be done to another workbook.</p>}
            </div>
            {left.length > 0 && (
                <p className="mt-2 text-[12px] text-quiet">
                    Left out, since it belongs to this workbook alone: {left.map((each) => each.words).join('; ')}.
                </p>
            )}
            <div className="mt-4 flex items-center gap-2">
                <span className="min-w-0 flex-1 text-[12px] text-caution" role="status">
                    {unsure > 0 && `${counted(unsure, 'place')} to be confirmed`}
                </span>
                <button type="button" className="btn" onClick={close}>
                    Leave it
                </button>
                <button
                    type="button"
                    className="btn btn-primary"
                    disabled={busy || steps.length === 0 || name.trim() === '' || unsure > 0}
                    onClick={keep}
                >
                    Keep the routine
                </button>
            </div>
        </>
    );
}

function Replay({ bench, acts }: { bench: BenchRecord; acts: Acts }) {
    const shelf = useQuery({ queryKey: ['shelf'], queryFn: api.shelf });
    const routines = shelf.data?.routines ?? [];
    const [chosen, setChosen] = useState<number | null>(null);
    const [newer, setNewer] = useState<Newer | null>(null);
    const routine = routines.find((each) => each.id === chosen) ?? routines[0];
    const waits = (routine?.wantsData ?? false) && newer === null;
    const tried = useQuery({
        queryKey: ['tried', bench.id, bench.stamp, routine?.id, newer?.workbook],
        queryFn: ({ signal }) => api.tryRoutine(bench.id, routine?.id ?? 0, newer?.workbook ?? null, signal),
        enabled: routine !== undefined && !waits,
        retry: false,
    });
    return (
        <Frame
            title="Do a routine to this workbook"
            about="All its steps are one step of the history here, and one undo takes them back."
        >
            {shelf.data && routines.length === 0 && (
                <p className="text-quiet">No routine stands on the shelf yet. Keep one from the history of a workbook.</p>
            )}
            {routine && (
                <label className="flex items-center gap-2">
                    <span>Routine</span>
                    <select
                        className="field min-w-0 flex-1"
                        value={routine.id}
                        onChange={(event) => setChosen(Number(event.target.value))}
                    >
                        {routines.map((each) => (
                            <option key={each.id} value={each.id}>
                                {each.name}, {counted(each.steps.length, 'step')}
                            </option>
                        ))}
                    </select>
                </label>
            )}
            {routine && (
                <div className="mt-3 max-h-[260px] overflow-auto" tabIndex={0} role="region" aria-label="What it would do">
                    {waits && <Source id={bench.id} file={null} onReady={setNewer} />}
                    {!waits && tried.isPending && <p className="py-4 text-quiet">Trying it…</p>}
                    {tried.isError && <p className="text-danger">{tried.error.message}</p>}
                    {tried.data && (
                        <ul className="flex flex-col gap-1">
                            {tried.data.done.map((words, at) => (
                                <li key={at}>{words}</li>
                            ))}
                            {tried.data.left.map((words, at) => (
                                <li key={`left ${at}`} className="text-caution">
                                    {words}
                                </li>
                            ))}
                        </ul>
                    )}
                </div>
            )}
            <div className="mt-4 flex items-center gap-2">
                <span className="flex-1 text-quiet" role="status">
                    {tried.data &&
                        `${counted(tried.data.done.length, 'step')} would be done` +
                            `${tried.data.left.length > 0 ? `, ${tried.data.left.length} not` : ''}.`}
                </span>
                <button type="button" className="btn" onClick={close}>
                    Leave it
                </button>
                <button
                    type="button"
                    className="btn btn-primary"
                    disabled={!routine || !tried.data || tried.data.done.length === 0}
                    onClick={() => {
                        close();
                        if (routine) void acts.act('replay', { routine: routine.id, from: newer?.workbook ?? null });
                    }}
                >
                    Do it
                </button>
            </div>
        </Frame>
    );
}
