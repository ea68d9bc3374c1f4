import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useMemo } from 'react';
import { api, Refused } from '@/api/client';
import { KINDS, PARTS } from '@/api/types';
import type {
    ActArguments,
    AttributeState,
    BenchRecord,
    ColumnKind,
    GivenLook,
    Part,
    SelectionRecord,
    SheetDetail,
} from '@/api/types';
import { keys } from '@/api/keys';
import { selectionText, useBench, type Scope } from '@/work/state';
import type { Acts } from '@/work/useActs';
import { say } from '@/parts/Messages';

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

/** The arguments of an act that goes to the selection, on this sheet and those that act together with it. */
type OnSelection<Name extends keyof ActArguments> = Omit<ActArguments[Name], 'ranges' | 'sheets'> &
    Partial<Pick<ActArguments['format'], 'ranges' | 'sheets'>>;

export interface Formatter {
    id: number;
    sheet: number;
    revision: number;
    /** Another one when anything of the workbook was changed, or a stylebook that its sheets follow. */
    stamp: string;
    /** Another one when anything of the sheet was. */
    seen: string;
    record: SelectionRecord | undefined;
    scope: Scope;
    /** The stylebook whose rules are set; null where cells are formatted. */
    book: number | null;
    /** Layers that what is set here goes to. */
    own: number[];
    ranges: string;
    state: (name: string) => AttributeState | undefined;
    value: (name: string) => string | null;
    is: (name: string) => boolean;
    /** Gives a look to what the scope says; one that depends on what there is now waits until that is known. */
    format: (look: GivenLook | ((now: Now) => GivenLook)) => void;
    /** The arguments of the same act, to be tried on this sheet alone. */
    tried: (look: GivenLook) => ActArguments['format'];
    /** Takes hand touches of a facet back to the layer below. */
    wipe: (facet: string | null, file?: boolean) => void;
    /** An act on the chosen cells, on this sheet and those that act together with it. */
    act: <Name extends keyof ActArguments>(name: Name, args?: OnSelection<Name>) => void;
    /** An act on the stylebook. */
    revise: Acts['revise'];
    words: string | null;
}

const NO_PART = 'This cell is in no part of a table. Choose a part at the left, or a cell of one.';

/** What each facet says. */
const ATTRIBUTES: Record<string, string[]> = {
    type: ['font', 'size', 'bold', 'italic', 'underline', 'strike', 'script'],
    fill: ['fill', 'ink'],
    borders: ['top', 'right', 'bottom', 'left', 'rising', 'falling'],
    place: ['horizontal', 'vertical', 'indent', 'wrap', 'shrink', 'clip', 'rotation'],
    number: ['number'],
};

export function useFormat(bench: BenchRecord, detail: SheetDetail, acts: Acts): Formatter {
    const ranges = useBench((state) => selectionText(state.selection));
    const active = useBench((state) => state.active);
    const scope = useBench((state) => state.scope);
    const aim = useBench((state) => state.aim);
    const { book } = bench;
    const client = useQueryClient();
    const question = useMemo(
        () => ({
            queryKey: keys.inspection(bench.id, detail.number, bench.stamp, ranges, active.row, active.column),
            queryFn: ({ signal }: { signal?: AbortSignal }) =>
                api.inspect(bench.id, detail.number, ranges, active.row, active.column, signal),
            staleTime: Infinity,
            gcTime: 10_000,
        }),
        [bench.id, bench.stamp, detail.number, ranges, active.row, active.column],
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
    const meant = useBench((state) => state.meant);
    const part = meant ?? record?.inspection.part ?? null;
    const kind = meant ? null : (record?.inspection.kind ?? null);
    const effectiveIn = useCallback(
        (of: SelectionRecord | undefined): Scope =>
            (meant ?? of?.inspection.part ?? null) === null
                ? 'cells'
                : book !== null
                  ? 'everywhere'
                  : scope === 'everywhere' && detail.wears === null
                    ? 'cells'
                    : scope,
        [scope, detail.wears, book, meant],
    );
    const effective = effectiveIn(record);
    const ofKind = book === null || aim === 'kind';
    const words = part === null ? null : kind && ofKind ? KINDS[kind as ColumnKind].many : PARTS[part as Part].one;

    const act = useCallback(
        <Name extends keyof ActArguments>(name: Name, args?: OnSelection<Name>) => {
            const { together, selection } = useBench.getState();
            const sheets = [detail.number, ...together.filter((number) => number !== detail.number)];
            void acts.act(name, { ranges: selectionText(selection), sheets, ...args } as unknown as ActArguments[Name]);
        },
        [acts, detail.number],
    );
    const scopedBy = useCallback(
        (of: SelectionRecord | undefined) => ({
            scope: effectiveIn(of),
            part: meant ?? of?.inspection.part ?? null,
            kind: ofKind && !meant ? (of?.inspection.kind ?? null) : null,
        }),
        [effectiveIn, ofKind, meant],
    );
    return useMemo(() => {
        const state = (name: string) => record?.inspection.attributes.find((attribute) => attribute.name === name);
        const scoped = scopedBy(record);
        return {
            id: bench.id,
            sheet: detail.number,
            revision: bench.revision,
            stamp: bench.stamp,
            seen: bench.sheets.find((sheet) => sheet.number === detail.number)?.seen ?? bench.stamp,
            record,
            scope: effective,
            book,
            own: book === null ? [7] : [3, 4],
            ranges,
            state,
            ...nowOf(record),
            format: (look: GivenLook | ((now: Now) => GivenLook)) =>
                known((of) => {
                    const given = typeof look === 'function' ? look(nowOf(of)) : look;
                    const { scope: where, part: name, kind: column } = scopedBy(of);
                    if (book !== null)
                        return name === null ? say(NO_PART) : void acts.revise('say', { part: name, kind: column, look: given });
                    if (where === 'cells' || name === null) return act('format', { ranges, look: given });
                    const sheets = [detail.number, ...useBench.getState().together.filter((number) => number !== detail.number)];
                    void acts.look({ ranges, sheets, look: given, part: name, kind: column }, where === 'everywhere');
                }),
            tried: (look: GivenLook) => ({ look, ranges, ...scoped, scope: effective === 'everywhere' ? 'here' : effective }),
            wipe: (facet: string | null, file = false) =>
                known((of) => {
                    const there = scopedBy(of);
                    if (book !== null && there.part !== null && facet !== null)
                        return void acts.revise('unsay', {
                            part: there.part,
                            kind: there.kind,
                            attributes: ATTRIBUTES[facet] ?? [],
                        });
                    const here = { part: there.part, kind: there.kind, scope: 'here' as const };
                    act('wipe', { ranges, facet, file, ...(there.scope === 'here' ? here : {}) });
                }),
            act,
            revise: acts.revise,
            words,
        };
    }, [
        book,
        bench.id,
        bench.revision,
        bench.stamp,
        bench.sheets,
        detail.number,
        record,
        effective,
        ranges,
        act,
        acts,
        known,
        scopedBy,
        words,
    ]);
}
