import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useMemo } from 'react';
import { api, Refused } from '@/api/client';
import type { ActRecord, BenchRecord } from '@/api/types';
import { ask as question } from '@/parts/Ask';
import { say, tell } from '@/parts/Messages';
import { persistently } from './sending';
import { useBench } from './state';

// Acts of one workbook go one after another, so that each carries the revision that the one before it gave.
let queue: Promise<unknown> = Promise.resolve();

/** Sends acts to the server and brings the Bench up to date with what it answers. */
export function useActs(id: number) {
    const client = useQueryClient();
    const settle = useCallback(
        (answer: ActRecord, sheet: number) => {
            client.setQueryData(['bench', id], answer.bench);
            if (answer.sheet) client.setQueryData(['sheet', id, sheet, answer.bench.revision], answer.sheet);
            void client.invalidateQueries({ queryKey: ['history', id] });
        },
        [client, id],
    );
    const run = useCallback(
        function run(
            call: (revision: number, sheet: number) => Promise<ActRecord>,
            again: boolean,
            after?: (answer: ActRecord) => void,
            ask?: (hidden: string[]) => void,
            over?: (message: string) => void,
            refused?: () => void,
        ): Promise<unknown> {
            const sheet = useBench.getState().sheet;
            queue = queue.then(async () => {
                const revision = client.getQueryData<BenchRecord>(['bench', id])?.revision ?? 0;
                try {
                    const answer = await persistently(() => call(revision, sheet));
                    if (answer === 'done already') {
                        await client.invalidateQueries({ queryKey: ['bench', id] });
                        return;
                    }
                    settle(answer, sheet);
                    after?.(answer);
                } catch (fault) {
                    if (ask && fault instanceof Refused && fault.hidden.length > 0) {
                        ask(fault.hidden);
                        return;
                    }
                    if (over && fault instanceof Refused && fault.covered > 0) {
                        over(fault.message);
                        return;
                    }
                    if (fault instanceof Refused && fault.status === 409) {
                        await client.invalidateQueries({ queryKey: ['bench', id] });
                        // Somebody else was quicker; what was asked for is kept, and can be asked for again on what is there now.
                        say(
                            fault.message,
                            'refused',
                            again ? { words: 'Do it now', run: () => void run(call, again, after, ask) } : undefined,
                        );
                        return;
                    }
                    if (fault instanceof Refused && fault.status >= 500 && again) {
                        const retry = () => void run(call, again, after, ask, over, refused);
                        say(`${fault.message} Nothing was changed; your step is kept.`, 'refused', {
                            words: 'Try again',
                            run: retry,
                        });
                        return;
                    }
                    tell(fault);
                    if (fault instanceof Refused && fault.status === 422) refused?.();
                }
            });
            return queue;
        },
        [client, id, settle],
    );
    return useMemo(
        () => ({
            act: (name: string, args: object) => run((revision, sheet) => api.act(id, revision, sheet, name, args), true),
            /** A look for a part; where cells keep looks of their own that would cover it, it is asked which is meant. */
            look: (args: object) => {
                const send = (how: string) =>
                    run(
                        (revision, sheet) => api.act(id, revision, sheet, 'format', { ...args, over: how }),
                        true,
                        undefined,
                        undefined,
                        (message) =>
                            void question({ title: message, action: 'Override them', other: 'Leave them as they are' }).then(
                                (answer) => answer !== null && send(answer === 'other' ? 'keep' : 'override'),
                            ),
                    );
                return send('ask');
            },
            /** An act that may come back with a question instead. */
            ask: (name: string, args: object, ask: (hidden: string[]) => void) =>
                run((revision, sheet) => api.act(id, revision, sheet, name, args), true, undefined, ask),
            /** Types a text into a cell; where it was read as more than a text or a number, that is said, with a way back. */
            type: (row: number, column: number, text: string, refused?: () => void) => {
                const send = (typed: string): Promise<unknown> =>
                    run(
                        (revision, sheet) => api.act(id, revision, sheet, 'edit', { cells: [[row, column, typed]] }),
                        true,
                        (answer) => {
                            const [, as] = /, read as (.*)$/.exec(answer.words ?? '') ?? [];
                            if (as)
                                say(`“${typed}” was read as ${as}.`, 'said', {
                                    words: 'Keep it as typed',
                                    run: () => void send(`'${typed}`),
                                });
                        },
                        undefined,
                        undefined,
                        refused,
                    );
                return send(text);
            },
            goTo: (change: number) => run((revision, sheet) => api.goTo(id, revision, sheet, change), false),
            undo: () =>
                run(
                    (revision, sheet) => api.undo(id, revision, sheet),
                    false,
                    (answer) => say(answer.words ? `Undone: ${answer.words}` : 'There is nothing to undo.'),
                ),
            redo: () =>
                run(
                    (revision, sheet) => api.redo(id, revision, sheet),
                    false,
                    (answer) => say(answer.words ? `Done again: ${answer.words}` : 'There is nothing to do again.'),
                ),
        }),
        [id, run],
    );
}

export type Acts = ReturnType<typeof useActs>;
