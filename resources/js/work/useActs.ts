import { replaceEqualDeep, useQueryClient } from '@tanstack/react-query';
import { useCallback, useMemo } from 'react';
import { api, Refused, type Sight, type Step } from '@/api/client';
import { newName } from '@/api/names';
import type { ActArguments, ActRecord, BenchRecord, Over, RevisionArguments, SheetDetail } from '@/api/types';
import { ask as question } from '@/parts/Ask';
import { announce } from '@/parts/announce';
import { say, tell } from '@/parts/Messages';
import { persistently } from './sending';
import { keys } from '@/api/keys';
import { newest } from '@/api/newest';
import { keepSight, sightOf } from './sight';
import { useBench } from './state';

/** What becomes of the answer to a step. */
interface Handling {
    /** What it did is said otherwise. */
    quiet?: boolean;
    /** It may be offered again where it could not be done. */
    again?: boolean;
    after?: (answer: Pick<ActRecord, 'words'>) => void;
    /** Texts that it would hide: a choice is wanted. */
    hides?: (hidden: string[]) => void;
    /** Looks of their own that would cover it: a choice is wanted. */
    covered?: (message: string) => void;
    /** It stands against a check that only warns: it may be kept. */
    against?: (message: string) => void;
    /** It is wrong in itself. */
    refused?: () => void;
}

// Acts of one workbook go one after another, so that each carries the revision that the one before it gave.
let queue: Promise<unknown> = Promise.resolve();

/** Sends acts to the server and brings the Bench up to date with what it answers. */
export function useActs(id: number) {
    const client = useQueryClient();
    const settle = useCallback(
        (answer: ActRecord, sheet: number, sight: Sight) => {
            // What is in sight first: what is shown then finds it at hand.
            keepSight(client, id, sheet, sight, answer);
            if (answer.sheet)
                client.setQueryData(
                    keys.sheet(id, sheet, answer.bench.stamp),
                    // What an act left as it was is the same as before, so that what shows it need not look.
                    replaceEqualDeep(newest<SheetDetail>(client, ['sheet', id, sheet]), answer.sheet),
                );
            client.setQueryData(keys.bench(id), answer.bench);
            void client.invalidateQueries({ queryKey: ['history', id] });
        },
        [client, id],
    );
    const run = useCallback(
        function run(call: (step: Step) => Promise<ActRecord>, handling: Handling = {}, name = newName()): Promise<unknown> {
            const sheet = useBench.getState().sheet;
            queue = queue.then(async () => {
                const revision = client.getQueryData<BenchRecord>(['bench', id])?.revision ?? 0;
                try {
                    const sight = sightOf(client, id, sheet);
                    const answer = await persistently(() => call({ revision, sheet, name, sight }));
                    settle(answer, sheet, sight);
                    if (answer.words && !handling.quiet) announce(answer.words);
                    handling.after?.(answer);
                } catch (fault) {
                    if (!(fault instanceof Refused)) return tell(fault);
                    if (fault.done) {
                        // The answer got lost; what it said is said all the same.
                        await client.invalidateQueries({ queryKey: keys.bench(id) });
                        if (fault.words && !handling.quiet) announce(fault.words);
                        return fault.words ? handling.after?.({ words: fault.words }) : undefined;
                    }
                    if (handling.hides && fault.hidden.length > 0) return handling.hides(fault.hidden);
                    if (handling.against && fault.mayBeKept) return handling.against(fault.message);
                    if (handling.covered && fault.covered > 0) return handling.covered(fault.message);
                    if (fault.status === 409) {
                        await client.invalidateQueries({ queryKey: ['bench', id] });
                        // Somebody else was quicker; what was asked for is kept, and can be asked for again on what is there now.
                        const now = { words: 'Do it now', run: () => void run(call, handling) };
                        return say(fault.message, 'refused', handling.again ? now : undefined);
                    }
                    if (fault.status >= 500 && handling.again)
                        // It may have been done all the same: under its name it is not done twice.
                        return say(`${fault.message} Your step is kept.`, 'refused', {
                            words: 'Try again',
                            run: () => void run(call, handling, name),
                        });
                    tell(fault);
                    if (fault.status === 422) handling.refused?.();
                }
            });
            return queue;
        },
        [client, id, settle],
    );
    return useMemo(
        () => ({
            act: <Name extends keyof ActArguments>(name: Name, args: ActArguments[Name]) =>
                run((step) => api.act(id, step, name, args), { again: true }),
            /** An act on the stylebook, wherever it is worn. */
            revise: <Name extends keyof RevisionArguments>(name: Name, args: RevisionArguments[Name]) =>
                run((step) => api.revise(id, step, name, args), { again: true }),
            /** A look for a part; where cells keep looks of their own that would cover it, it is asked which is meant. */
            look: (args: RevisionArguments['format'], everywhere: boolean) => {
                const send = (over: Over) =>
                    run(
                        (step) =>
                            everywhere
                                ? api.revise(id, step, 'format', { ...args, over })
                                : api.act(id, step, 'format', { ...args, scope: 'here', over }),
                        {
                            again: true,
                            covered: (message) =>
                                void question({ title: message, action: 'Override them', other: 'Leave them as they are' }).then(
                                    (answer) => answer !== null && send(answer === 'other' ? 'keep' : 'override'),
                                ),
                        },
                    );
                return send('ask');
            },
            /** Comes back with a question where texts would be hidden. */
            merge: (args: ActArguments['merge'], hides: (hidden: string[]) => void) =>
                run((step) => api.act(id, step, 'merge', args), { again: true, hides }),
            /** Types a text into a cell; where it was read as more than a text or a number, that is said, with a way back. */
            type: (row: number, column: number, text: string, refused?: () => void, asReader = false) => {
                const send = (typed: string, keep = false): Promise<unknown> =>
                    run((step) => api.act(id, step, 'edit', { cells: [[row, column, typed]], keep, asReader }), {
                        again: true,
                        refused,
                        against: (message) =>
                            void question({ title: message, action: 'Keep it all the same' }).then((answer) =>
                                answer === null ? refused?.() : void send(typed, true),
                            ),
                        after: (answer) => {
                            const [, as] = /, read as (.*)$/.exec(answer.words ?? '') ?? [];
                            if (as)
                                say(`“${typed}” was read as ${as}.`, 'said', {
                                    words: 'Keep it as typed',
                                    run: () => void send(`'${typed}`),
                                });
                        },
                    });
                return send(text);
            },
            goTo: (change: number) => run((step) => api.goTo(id, step, change)),
            undo: () =>
                run((step) => api.undo(id, step), {
                    quiet: true,
                    after: (answer) => say(answer.words ? `Undone: ${answer.words}` : 'There is nothing to undo.'),
                }),
            redo: () =>
                run((step) => api.redo(id, step), {
                    quiet: true,
                    after: (answer) => say(answer.words ? `Done again: ${answer.words}` : 'There is nothing to do again.'),
                }),
        }),
        [id, run],
    );
}

export type Acts = ReturnType<typeof useActs>;
