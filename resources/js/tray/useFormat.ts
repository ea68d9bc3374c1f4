import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useCallback, useMemo } from 'react';
import { api } from '@/api/client';
import type { AttributeState, BenchRecord, SelectionRecord, SheetDetail } from '@/api/types';
import { KIND_WORDS, PART_WORDS } from '@/bench/kinds';
import { selectionText, useBench, type Scope } from '@/bench/state';
import type { Acts } from '@/bench/useActs';
import type { ColumnKind } from '@/api/types';

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
    /** Gives a look to what the scope says. */
    format: (look: object) => void;
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
    const { data: record } = useQuery({
        queryKey: ['inspection', bench.id, detail.number, bench.revision, ranges, active.row, active.column],
        queryFn: ({ signal }) => api.inspect(bench.id, detail.number, ranges, active.row, active.column, signal),
        placeholderData: keepPreviousData,
        staleTime: Infinity,
        gcTime: 10_000,
    });
    const part = record?.inspection.part ?? null;
    const kind = record?.inspection.kind ?? null;
    const effective: Scope = part === null ? 'cells' : scope === 'everywhere' && detail.wears === null ? 'cells' : scope;
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
    const scoped = useMemo(() => ({ scope: effective, part, kind }), [effective, part, kind]);
    return useMemo(() => {
        const state = (name: string) => record?.inspection.attributes.find((attribute) => attribute.name === name);
        return {
            id: bench.id,
            sheet: detail.number,
            revision: bench.revision,
            seen: bench.sheets.find((sheet) => sheet.number === detail.number)?.revision ?? bench.revision,
            record,
            scope: effective,
            ranges,
            state,
            value: (name: string) => (state(name)?.mixed ? null : (state(name)?.value ?? null)),
            is: (name: string) => !state(name)?.mixed && state(name)?.value === 'true',
            format: (look: object) => {
                if (effective === 'cells') return act('format', { look, ...scoped });
                const { together, selection } = useBench.getState();
                const sheets = [detail.number, ...together.filter((number) => number !== detail.number)];
                void acts.look({ ranges: selectionText(selection), sheets, look, ...scoped });
            },
            tried: (look: object) => ({ look, ranges, ...scoped, scope: effective === 'everywhere' ? 'here' : effective }),
            wipe: (facet: string | null, file = false) =>
                act('wipe', { facet, file, ...(effective === 'here' ? scoped : { scope: 'cells' }) }),
            act,
            revise: (name: string, args: object) => void acts.act(name, { scope: 'everywhere', ...args }),
            words,
        };
    }, [bench.id, bench.revision, bench.sheets, detail.number, record, effective, ranges, act, acts, scoped, words]);
}
