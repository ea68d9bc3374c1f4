import { useQueryClient } from '@tanstack/react-query';
import { Download, Trash2 } from 'lucide-react';
import { Dialog } from 'radix-ui';
import { useRef, useState } from 'react';
import { api } from '@/api/client';
import type { BatchCardRecord, RoutineRecord } from '@/api/types';
import { ask } from '@/parts/Ask';
import { counted } from '@/parts/counted';
import { say, tell } from '@/parts/Messages';
import { go } from '@/parts/path';
import { useReturnFocus } from '@/parts/useReturnFocus';
import { StepList } from '@/routine/StepList';
import { Shade } from '@/parts/Shade';

/** Routines of the shelf: looked at, edited as sentences, handed on. */
export function RoutineList({ routines }: { routines: RoutineRecord[] }) {
    const client = useQueryClient();
    const picker = useRef<HTMLInputElement>(null);
    const [open, setOpen] = useState<RoutineRecord | null>(null);
    const fresh = () => client.invalidateQueries({ queryKey: ['shelf'] });
    const remove = (routine: RoutineRecord) =>
        void ask({ title: `Take the routine ${routine.name} off the shelf?`, action: 'Take it off', danger: true }).then(
            (sure) => {
                if (sure !== null)
                    void api.removeRoutine(routine.id).then(({ message }) => {
                        say(message);
                        return fresh();
                    }, tell);
            },
        );
    return (
        <section aria-labelledby="routines" className="mt-5">
            <h2 id="routines" className="mb-1 flex items-baseline justify-between text-[15px] font-semibold">
                Routines
                <button
                    type="button"
                    className="text-[12px] font-normal text-quiet underline-offset-2 hover:underline"
                    onClick={() => picker.current?.click()}
                >
                    Bring in from JSON…
                </button>
                <input
                    ref={picker}
                    type="file"
                    hidden
                    accept=".json"
                    aria-label="Routine to bring in"
                    onChange={(event) => {
                        const file = event.target.files?.[0];
                        event.target.value = '';
                        if (file)
                            void api.importRoutine(file).then(({ name }) => {
                                say(`The routine ${name} stands on the shelf.`);
                                return fresh();
                            }, tell);
                    }}
                />
            </h2>
            {routines.length === 0 && (
                <p className="text-[12px] leading-snug text-quiet">
                    Steps that you did once, to be done to other workbooks. Keep them from the history of a workbook.
                </p>
            )}
            <ul>
                {routines.map((routine) => (
                    <li key={routine.id} className="flex items-center gap-1 border-t border-hair py-1.5 text-[12.5px]">
                        <button
                            type="button"
                            className="min-w-0 flex-1 text-left hover:underline"
                            title={routine.steps.map((step) => step.words).join('\n')}
                            onClick={() => setOpen(routine)}
                        >
                            <span className="block truncate font-semibold">{routine.name}</span>
                            <span className="block text-[12px] text-quiet">
                                {counted(routine.steps.length, 'step')}
                                {routine.wantsData ? ', brings newer data in' : ''}
                            </span>
                        </button>
                        <a
                            className="icon-btn"
                            href={`/api/routines/${routine.id}/json`}
                            aria-label={`Download ${routine.name} as JSON`}
                            title="Download as JSON"
                        >
                            <Download size={13} />
                        </a>
                        <button
                            type="button"
                            className="icon-btn"
                            aria-label={`Take ${routine.name} off the shelf`}
                            onClick={() => remove(routine)}
                        >
                            <Trash2 size={13} />
                        </button>
                    </li>
                ))}
            </ul>
            {open && (
                <Edit
                    key={open.id}
                    routine={open}
                    onClose={() => {
                        setOpen(null);
                        void fresh();
                    }}
                />
            )}
        </section>
    );
}

function Edit({ routine, onClose }: { routine: RoutineRecord; onClose: () => void }) {
    useReturnFocus();
    const [name, setName] = useState(routine.name);
    const [steps, setSteps] = useState(routine.steps);
    const keep = () =>
        void api.changeRoutine(routine.id, { name: name.trim(), steps: steps.map((step) => step.step) }).then(() => {
            say('Kept. What was done by it before stays as it is.');
            onClose();
        }, tell);
    return (
        <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
            <Dialog.Portal>
                <Shade />
                <Dialog.Content className="dialog w-[760px]" aria-describedby={undefined}>
                    <Dialog.Title className="mb-3 text-[15px] font-semibold">Routine {routine.name}</Dialog.Title>
                    <label className="flex items-center gap-2">
                        <span>Name</span>
                        <input
                            className="field flex-1"
                            value={name}
                            maxLength={80}
                            onChange={(event) => setName(event.target.value)}
                        />
                    </label>
                    <div
                        className="mt-3 max-h-[360px] overflow-auto"
                        tabIndex={0}
                        role="region"
                        aria-label="Steps of the routine"
                    >
                        <StepList steps={steps} onChange={setSteps} />
                    </div>
                    <div className="mt-4 flex justify-end gap-2">
                        <button type="button" className="btn" onClick={onClose}>
                            Leave it
                        </button>
                        <button
                            type="button"
                            className="btn btn-primary"
                            disabled={steps.length === 0 || name.trim() === ''}
                            onClick={keep}
                        >
                            Keep it
                        </button>
                    </div>
                </Dialog.Content>
            </Dialog.Portal>
        </Dialog.Root>
    );
}

const STATES: Record<string, string> = { open: 'not run yet', running: 'at work', paused: 'paused', cancelled: 'stopped' };

/** Batches of the shelf. */
export function BatchList({ batches }: { batches: BatchCardRecord[] }) {
    const begin = () => void api.beginBatch([]).then(({ id }) => go(`/batches/${id}`), tell);
    return (
        <section aria-labelledby="batches">
            <h2 id="batches" className="mb-1 flex items-baseline justify-between text-[15px] font-semibold">
                Batches
                <button
                    type="button"
                    className="text-[12px] font-normal text-quiet underline-offset-2 hover:underline"
                    onClick={begin}
                >
                    New batch
                </button>
            </h2>
            {batches.length === 0 && (
                <p className="text-[12px] leading-snug text-quiet">Many files at once: dressed, mended, reported, handed over.</p>
            )}
            <ul>
                {batches.map((batch) => (
                    <li key={batch.id} className="border-t border-hair py-1.5 text-[12.5px]">
                        <a
                            className="block hover:underline"
                            href={`/batches/${batch.id}`}
                            onClick={(event) => {
                                event.preventDefault();
                                go(`/batches/${batch.id}`);
                            }}
                        >
                            <span className="block truncate font-semibold">{batch.name}</span>
                            <span className="block text-[12px] text-quiet">
                                {counted(batch.files, 'file')}
                                {batch.done > 0 && `, ${batch.done} done`}
                                {batch.failed > 0 && `, ${batch.failed} not done`}
                                {STATES[batch.status] ? `, ${STATES[batch.status]}` : ''}
                            </span>
                        </a>
                    </li>
                ))}
            </ul>
        </section>
    );
}
