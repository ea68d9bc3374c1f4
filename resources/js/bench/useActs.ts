import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useMemo } from 'react';
import { api, Refused } from '@/api/client';
import type { ActRecord, BenchRecord } from '@/api/types';
import { say, tell } from '@/parts/Messages';
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
        ): Promise<unknown> {
            const sheet = useBench.getState().sheet;
            queue = queue.then(async () => {
                const revision = client.getQueryData<BenchRecord>(['bench', id])?.revision ?? 0;
                try {
                    const answer = await call(revision, sheet);
                    settle(answer, sheet);
                    after?.(answer);
                } catch (fault) {
                    if (ask && fault instanceof Refused && fault.hidden.length > 0) {
                        ask(fault.hidden);
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
                    tell(fault);
                }
            });
            return queue;
        },
        [client, id, settle],
    );
    return useMemo(
        () => ({
            act: (name: string, args: object) => run((revision, sheet) => api.act(id, revision, sheet, name, args), true),
            /** An act that may come back with a question instead. */
            ask: (name: string, args: object, ask: (hidden: string[]) => void) =>
                run((revision, sheet) => api.act(id, revision, sheet, name, args), true, undefined, ask),
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
