import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useMemo } from 'react';
import { api, Refused } from '@/api/client';
import type { AttributeState, BenchRecord, SelectionRecord, SheetDetail } from '@/api/types';
import { KIND_WORDS, PART_WORDS } from '@/bench/kinds';
import { selectionText, useBench, type Scope } from '@/bench/state';
import type { Acts } from '@/bench/useActs';
import { say } from '@/parts/Messages';
import type { ColumnKind } from '@/api/types';

/** What the cells of the selection wear. */
export interface Now {
    value: (name: string) => string | null;
    is: (name: string) => boolean;
}

function nowOf(record: SelectionRecord | undefined): Now {
    const state = (name: string) => record?.inspection.attributes.find((attribute) => attribute.name === name);
    return {
        value: (name) => (state(name)?.mixed ? null : (state(name)?.value ?? null)),
        is: (name) => !state(name)?.mixed && state(name)?.value === 'true',
    };
}

export interface Formatter {
    id: number;
    sheet: number;
    revision: number;
    /** The revision at which anything of the sheet was changed last. */
    seen: number;
    record: SelectionRecord | undefined;
    scope: Scope;
    ranges: string;
    state: (name: string) => AttributeState | undefined;
    value: (name: string) => string | null;
    is: (name: string) => boolean;
    /** Gives a look to what the scope says; one that depends on what there is now waits until that is known. */
    format: (look: object | ((now: Now) => object)) => void;
    /** The arguments of the same act, to be tried on this sheet alone. */
    tried: (look: object) => object;
    /** Takes hand touches of a facet back to the layer below. */
    wipe: (facet: string | null, file?: boolean) => void;
    /** An act on the chosen cells, on this sheet and those that act together with it. */
    act: (name: string, args?: object) => void;
    /** An act on the stylebook. */
    revise: (name: string, args: object) => void;
    words: string | null;
}

const PLURALS: Partial<Record<ColumnKind, string>> = {
    amount: 'Amounts',
    integer: 'Integers',
    decimal: 'Decimals',
    percent: 'Percents',
    date: 'Dates',
    code: 'Codes',
    category: 'Categories',
    text: 'Texts',
};

export function useFormat(bench: BenchRecord, detail: SheetDetail, acts: Acts): Formatter {
    const ranges = useBench((state) => selectionText(state.selection));
    const active = useBench((state) => state.active);
    const scope = useBench((state) => state.scope);
    const client = useQueryClient();
    const question = useMemo(
        () => ({
            queryKey: ['inspection', bench.id, detail.number, bench.revision, ranges, active.row, active.column],
            queryFn: ({ signal }: { signal?: AbortSignal }) =>
                api.inspect(bench.id, detail.number, ranges, active.row, active.column, signal),
            staleTime: Infinity,
            gcTime: 10_000,
        }),
        [bench.id, bench.revision, detail.number, ranges, active.row, active.column],
    );
    const { data: record, isPlaceholderData: isOld } = useQuery({ ...question, placeholderData: keepPreviousData });
    /** Does something with what is known of the selection; what is known of another one is not taken for it. */
    const known = useCallback(
        function ask(run: (record: SelectionRecord) => void) {
            if (record && !isOld) return run(record);
            const again = { words: 'Try again', run: () => ask(run) };
            client
                .fetchQuery({
                    ...question,
                    retry: (times, fault) => times < 4 && !(fault instanceof Refused && fault.status < 500),
                })
                .then(run, (fault: unknown) =>
                    say(fault instanceof Error ? fault.message : 'The server does not answer.', 'refused', again),
                );
        },
        [client, question, record, isOld],
    );
    const part = record?.inspection.part ?? null;
    const kind = record?.inspection.kind ?? null;
    const effectiveIn = useCallback(
        (of: SelectionRecord | undefined): Scope =>
            (of?.inspection.part ?? null) === null ? 'cells' : scope === 'everywhere' && detail.wears === null ? 'cells' : scope,
        [scope, detail.wears],
    );
    const effective = effectiveIn(record);
    const words =
        part === null
            ? null
            : kind
              ? (PLURALS[kind as ColumnKind] ?? `${KIND_WORDS[kind as ColumnKind]} columns`)
              : (PART_WORDS.find(([name]) => name === part)?.[1] ?? 'Row labels');

    const act = useCallback(
        (name: string, args: object = {}) => {
            const { together, selection } = useBench.getState();
            const sheets = [detail.number, ...together.filter((number) => number !== detail.number)];
            void acts.act(name, { ranges: selectionText(selection), sheets, ...args });
        },
        [acts, detail.number],
    );
    const scopedBy = useCallback(
        (of: SelectionRecord | undefined) => ({
            scope: effectiveIn(of),
            part: of?.inspection.part ?? null,
            kind: of?.inspection.kind ?? null,
        }),
        [effectiveIn],
    );
    return useMemo(() => {
        const state = (name: string) => record?.inspection.attributes.find((attribute) => attribute.name === name);
        const scoped = scopedBy(record);
        return {
            id: bench.id,
            sheet: detail.number,
            revision: bench.revision,
            seen: bench.sheets.find((sheet) => sheet.number === detail.number)?.revision ?? bench.revision,
            record,
            scope: effective,
            ranges,
            state,
            ...nowOf(record),
            format: (look: object | ((now: Now) => object)) =>
                known((of) => {
                    const given = typeof look === 'function' ? (look as (now: Now) => object)(nowOf(of)) : look;
                    const there = scopedBy(of);
                    if (there.scope === 'cells') return act('format', { ranges, look: given, ...there });
                    const sheets = [detail.number, ...useBench.getState().together.filter((number) => number !== detail.number)];
                    void acts.look({ ranges, sheets, look: given, ...there });
                }),
            tried: (look: object) => ({ look, ranges, ...scoped, scope: effective === 'everywhere' ? 'here' : effective }),
            wipe: (facet: string | null, file = false) =>
                known((of) => {
                    const there = scopedBy(of);
                    act('wipe', { ranges, facet, file, ...(there.scope === 'here' ? there : { scope: 'cells' }) });
                }),
            act,
            revise: (name: string, args: object) => void acts.act(name, { scope: 'everywhere', ...args }),
            words,
        };
    }, [bench.id, bench.revision, bench.sheets, detail.number, record, effective, ranges, act, acts, known, scopedBy, words]);
}
