import { create } from 'zustand';
import type { ConditionRecord, GivenCondition, GivenLook, GivenPoint, GivenWhere, SheetDetail, TableRecord } from '@/api/types';
import { KINDS, OFFERED, PARTS, type ColumnKind, type Part } from '@/api/types';
import { parse, write } from '@/grid/address';
import { useBench } from '@/work/state';

/** Where a conditional look can hold, in the words of a person. */
export interface Place {
    name: 'cells' | 'column' | 'heading' | 'kind' | 'part';
    words: string;
    where: GivenWhere;
    /** It is a rule of the stylebook, and holds wherever that is worn. */
    everywhere: boolean;
}

/** A conditional look while it is written. */
export interface Draft {
    /** The one that is changed; null for a new one. */
    from: ConditionRecord | null;
    /** Of what the sentence says something. */
    subject: string;
    kind: string | null;
    places: Place[];
    place: Place;
    is: string;
    values: string[];
    count: number;
    percent: boolean;
    deviations: number;
    orEqual: boolean;
    period: string;
    show: 'look' | 'scale' | 'bar' | 'marks';
    /** The press that made the look; null for by hand. */
    press: string | null;
    look: GivenLook;
    scale: { colour: string; point: GivenPoint }[];
    bar: { colour: string; below: string | null };
    set: string;
    stops: boolean;
    on: boolean;
}

export const useDrafts = create<{ draft: Draft | null }>(() => ({ draft: null }));

export const setDraft = (change: Partial<Draft> | null) =>
    useDrafts.setState(({ draft }) => ({ draft: change === null || draft === null ? null : { ...draft, ...change } }));

const plain: Omit<Draft, 'subject' | 'kind' | 'places' | 'place' | 'is' | 'from'> = {
    values: [],
    count: 10,
    percent: false,
    deviations: 0,
    orEqual: false,
    period: 'today',
    show: 'look',
    press: 'reversed',
    look: {},
    scale: [],
    bar: { colour: '#D8CFE0', below: null },
    set: '3Arrows',
    stops: false,
    on: true,
};

/** Where something can hold that is set for what is selected: its cells, the column that they stand in, and all columns like it. */
export function placesOf(detail: SheetDetail, worn: string | null) {
    const { selection, active } = useBench.getState();
    const table = detail.tables.find(
        (one) => active.row >= one.top && active.row <= one.bottom && active.column >= one.left && active.column <= one.right,
    );
    const column = table?.columns.find((one) => one.column === active.column);
    const run = table?.runs.find((one) => active.row >= one.first && active.row <= one.last);
    const isBody = run?.part === 'body' && column !== undefined && column.role === 'data';
    const cells = selection.reduce((sum, one) => sum + (one.bottom - one.top + 1) * (one.right - one.left + 1), 0);
    const own: Place = {
        name: 'cells',
        words: cells === 1 ? 'This cell' : `These ${cells.toLocaleString('en')} cells`,
        where: { cells: selection.map(write).join(' ') },
        everywhere: false,
    };
    const places = [own, ...(isBody && table ? ofColumn(table, column.column, column.heading, column.kind, worn) : [])];
    const place = places.find((one) => one.name === 'column') ?? own;
    const kind = isBody ? column.kind : null;
    return { subject: isBody ? (column.heading ?? `Column ${column.letters}`) : 'The cell', kind, places, place };
}

/** A new one, for what is selected. */
export function begin(detail: SheetDetail, worn: string | null) {
    const at = placesOf(detail, worn);
    useDrafts.setState({ draft: { ...plain, from: null, ...at, is: OFFERED[at.kind ?? 'any']?.[0] ?? 'below' } });
}

function ofColumn(table: TableRecord, column: number, heading: string | null, kind: string, worn: string | null): Place[] {
    const places: Place[] = [
        {
            name: 'column',
            words: `${heading ?? 'This column'}, this table`,
            where: { column: write({ top: table.top, left: column, bottom: table.top, right: column }) },
            everywhere: false,
        },
    ];
    if (worn !== null && heading !== null)
        places.push({
            name: 'heading',
            words: `${heading}, wherever ${worn} is worn`,
            where: { part: 'body', heading },
            everywhere: true,
        });
    if (worn !== null)
        places.push({
            name: 'kind',
            words: `All ${kind} columns, wherever ${worn} is worn`,
            where: { part: 'body', kind },
            everywhere: true,
        });
    return places;
}

/** One for the part, or the kind of columns, that is chosen on a stylebook's specimen. */
export function beginForSelection(detail: SheetDetail) {
    const { active } = useBench.getState();
    const table = detail.tables.find((one) => active.row >= one.top && active.row <= one.bottom) ?? detail.tables[0];
    const column = table?.columns.find((one) => one.column === active.column);
    const part = (table?.runs.find((one) => active.row >= one.first && active.row <= one.last)?.part ?? 'body') as Part;
    if (part !== 'body') return beginFor(PARTS[part].words, { part }, `${PARTS[part].words}, wherever it is worn`);
    const kind = (column?.kind ?? 'amount') as ColumnKind;
    beginFor(KINDS[kind].many, { part: 'body', kind }, `${KINDS[kind].many}, wherever it is worn`);
}

/** One for a part of a stylebook. */
function beginFor(subject: string, where: { part: string; kind?: string }, words: string) {
    const place: Place = { name: 'part', words, where, everywhere: true };
    const kind = where.kind ?? null;
    useDrafts.setState({
        draft: { ...plain, from: null, subject, kind, places: [place], place, is: OFFERED[kind ?? 'any']?.[0] ?? 'below' },
    });
}

/** One that is there, to be changed; it can be turned into one on a column, or a rule of the stylebook. */
export function change(from: ConditionRecord, detail: SheetDetail, worn: string | null) {
    const where: GivenWhere = from.onCells
        ? { cells: from.cells }
        : from.column !== null
          ? { column: from.column }
          : {
                part: from.part ?? 'body',
                ...(from.kind ? { kind: from.kind } : {}),
                ...(from.heading ? { heading: from.heading } : {}),
            };
    const place: Place = { name: 'part', words: `${from.subject}, ${from.where}`, where, everywhere: from.ofStylebook };
    const places = [place, ...(from.ofStylebook || from.sheet !== detail.number ? [] : others(from, detail, worn))];
    useDrafts.setState({
        draft: {
            ...plain,
            from,
            subject: from.subject,
            kind: from.kind ?? columnAt(from, detail)?.column.kind ?? null,
            places,
            place,
            is: from.is,
            values: from.values,
            count: from.count,
            percent: from.percent,
            deviations: from.deviations,
            orEqual: from.orEqual,
            period: from.period ?? 'today',
            show: from.scale.length > 0 ? 'scale' : from.bar !== null ? 'bar' : from.set !== null ? 'marks' : 'look',
            press: null,
            look: from.look,
            scale: from.scale.map(({ at, value, colour }) => ({ colour, point: { at, ...(value ? { value } : {}) } })),
            bar: { colour: from.bar ?? '#D8CFE0', below: from.below },
            set: from.set ?? '3Arrows',
            stops: from.stops,
            on: from.on,
        },
    });
}

/** What is sent of it. */
export function given(draft: Draft): GivenCondition {
    const { show } = draft;
    return {
        id: draft.from?.id ?? null,
        where: draft.place.where,
        kind: draft.kind,
        test: {
            is: show === 'look' ? draft.is : 'always',
            values: show === 'look' ? draft.values : [],
            count: draft.count,
            percent: draft.percent,
            deviations: draft.deviations,
            orEqual: draft.orEqual,
            ...(draft.is === 'period' ? { period: draft.period } : {}),
        },
        ...(show === 'look' ? { look: draft.look } : {}),
        ...(show === 'scale' ? { scaled: draft.scale } : {}),
        ...(show === 'bar'
            ? {
                  bar: {
                      colour: draft.bar.colour,
                      from: { at: 'auto' },
                      to: { at: 'greatest' },
                      ...(draft.bar.below ? { below: draft.bar.below } : {}),
                  },
              }
            : {}),
        ...(show === 'marks' ? { marks: { set: draft.set } } : {}),
        ...(draft.stops ? { stops: true } : {}),
        ...(draft.on ? {} : { off: true }),
    };
}

function columnAt(from: ConditionRecord, detail: SheetDetail) {
    const first = parse(from.cells.split(' ')[0] ?? '');
    const table = detail.tables.find((one) => first !== null && first.bottom >= one.top && first.bottom <= one.bottom);
    const column = table?.columns.find((one) => one.column === first?.left);
    return first !== null && table && column && column.role === 'data' && first.left === first.right ? { table, column } : null;
}

/** Where else it could hold. */
function others(from: ConditionRecord, detail: SheetDetail, worn: string | null): Place[] {
    const cells: Place = { name: 'cells', words: 'These cells, and no others', where: { cells: from.cells }, everywhere: false };
    const at = columnAt(from, detail);
    const places = at ? ofColumn(at.table, at.column.column, at.column.heading, at.column.kind, worn) : [];
    return [
        ...(from.onCells || from.cells === '' ? [] : [cells]),
        ...places.filter((one) => from.onCells || one.name !== 'column'),
    ];
}
