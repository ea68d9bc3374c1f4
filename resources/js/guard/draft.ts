import { create } from 'zustand';
import type { EntryRecord, GivenEntry, GivenWhere, SheetDetail } from '@/api/types';
import { placesOf, type Place } from '@/conditions/draft';
import { useBench } from '@/work/state';

/** A check on entry while it is written. */
export interface EntryDraft extends Pick<
    EntryRecord,
    'kind' | 'is' | 'blank' | 'shows' | 'promptTitle' | 'prompt' | 'title' | 'message' | 'severity'
> {
    /** The one that is changed; null for a new one. */
    from: EntryRecord | null;
    subject: string;
    places: Place[];
    place: Place;
    values: [string, string];
    /** Where the choices of a list come from: written here, cells, or what the column holds. */
    source: 'typed' | 'cells' | 'column';
    choices: string;
    cells: string;
}

export const useEntries = create<{ draft: EntryDraft | null }>(() => ({ draft: null }));

export const setEntry = (change: Partial<EntryDraft> | null) =>
    useEntries.setState(({ draft }) => ({ draft: change === null || draft === null ? null : { ...draft, ...change } }));

const plain = {
    is: 'between',
    values: ['', ''] as [string, string],
    source: 'typed' as const,
    choices: '',
    cells: '',
    blank: true,
    shows: true,
    promptTitle: '',
    prompt: '',
    title: '',
    message: '',
    severity: 'stop',
};

/** What a column of a kind is most often asked. */
const KIND_OF: Record<string, string> = {
    integer: 'whole',
    decimal: 'decimal',
    amount: 'decimal',
    percent: 'decimal',
    date: 'date',
    time: 'time',
};

/** A new one, for what is selected. */
export function beginEntry(detail: SheetDetail) {
    const { subject, places, place, kind } = placesOf(detail, detail.wears);
    useBench.getState().tryOn(null);
    useEntries.setState({ draft: { ...plain, from: null, subject, places, place, kind: KIND_OF[kind ?? ''] ?? 'list' } });
}

/** One that is there, to be changed. */
export function changeEntry(from: EntryRecord) {
    const where: GivenWhere = from.isCells
        ? { cells: from.ranges }
        : from.columnCell !== null
          ? { column: from.columnCell }
          : {
                part: from.part ?? 'body',
                ...(from.columnKind ? { kind: from.columnKind } : {}),
                ...(from.heading ? { heading: from.heading } : {}),
            };
    const words = from.isCells ? from.ranges.replaceAll(' ', ', ') : from.ofStylebook ? 'Wherever it is worn' : 'This table';
    const place: Place = { name: 'part', words, where, everywhere: from.ofStylebook };
    useEntries.setState({
        draft: {
            from,
            subject: from.sentence.split(' takes ')[0] ?? '',
            places: [place],
            place,
            kind: from.kind,
            is: from.is,
            values: [from.values[0] ?? '', from.values[1] ?? ''],
            source: from.ofColumn ? 'column' : from.from !== null ? 'cells' : 'typed',
            choices: from.choices.join('\n'),
            cells: from.from ?? '',
            blank: from.blank,
            shows: from.shows,
            promptTitle: from.promptTitle,
            prompt: from.prompt,
            title: from.title,
            message: from.message,
            severity: from.severity,
        },
    });
}

/** What is sent of it. */
export function givenEntry(draft: EntryDraft): GivenEntry {
    const isList = draft.kind === 'list';
    return {
        id: draft.from?.id ?? null,
        where: draft.place.where,
        kind: draft.kind,
        is: draft.is,
        ...(isList
            ? {
                  ...(draft.source === 'typed' ? { choices: draft.choices.split('\n') } : {}),
                  ...(draft.source === 'cells' ? { from: draft.cells } : {}),
                  column: draft.source === 'column',
              }
            : { values: draft.kind === 'any' ? [] : draft.values }),
        blank: draft.blank,
        shows: draft.shows,
        promptTitle: draft.promptTitle,
        prompt: draft.prompt,
        title: draft.title,
        message: draft.message,
        severity: draft.severity,
    };
}

/** Whether enough of it is written. */
export function isComplete(draft: EntryDraft): boolean {
    if (draft.kind === 'any') return draft.prompt.trim() !== '' || draft.promptTitle.trim() !== '';
    if (draft.kind !== 'list') return draft.values[0].trim() !== '' && (!takesTwo(draft) || draft.values[1].trim() !== '');
    return draft.source === 'column' || (draft.source === 'typed' ? draft.choices : draft.cells).trim() !== '';
}

export const takesTwo = (draft: EntryDraft) =>
    draft.kind !== 'formula' && draft.kind !== 'list' && draft.kind !== 'any' && ['between', 'outside'].includes(draft.is);
