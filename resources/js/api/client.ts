import { call, patiently } from './calling';
import { nameOfFile } from './names';
import { look } from './together';
import type {
    ActArguments,
    BatchRecord,
    PastStepRecord,
    RoutineRecord,
    TriedRecord,
    ActRecord,
    BenchRecord,
    BookRecord,
    CellEntryRecord,
    ComingRecord,
    ConditionsRecord,
    CurrencyRecord,
    CutTexts,
    DifferenceRecord,
    DrawingRecord,
    FamilyRecord,
    Figures,
    FindingsRecord,
    FormatRecord,
    GivenCondition,
    GivenSummary,
    SummaryRecord,
    GuardRecord,
    HandoverRecord,
    HistoryRecord,
    ImportRecord,
    KeptRecord,
    LearnedRecord,
    Lifted,
    NamedLookRecord,
    NextEntryRecord,
    NumberView,
    PageCountRecord,
    PageRecord,
    PagesRecord,
    RenewalRecord,
    RevisionArguments,
    RulesRecord,
    SelectionRecord,
    SeriesRecord,
    SheetDetail,
    ShelfRecord,
    SideRecord,
    StraysRecord,
    TouchedRecord,
    TrialRecord,
    TruthNote,
    Window,
} from './types';

export { Refused, stumbled, type Went } from './calling';

/** What a person asked for: at which revision, on which sheet, and a name of its own, by which it is done once. */
export interface Step {
    revision: number;
    sheet: number;
    name: string;
    /** What the answer is to bring along. */
    sight: Sight;
}

/** What a person has in sight of a sheet. */
export interface Sight {
    windows: Rect[];
    ranges: string;
    row: number;
    column: number;
    /** Whether what the number facet says of the cell is in sight, and the figures of the selection. */
    number: boolean;
    figures: boolean;
}

export interface Rect {
    top: number;
    left: number;
    bottom: number;
    right: number;
}

function done(id: number, way: string, { revision, sheet, name, sight }: Step, body: object) {
    return call<ActRecord>('POST', `workbooks/${id}/${way}`, { revision, sheet, sight, ...body }, undefined, name);
}

/** Sheets that a stylebook is learned from. */
export interface LearnFrom {
    workbook: number;
    name: string;
    sheets: number[] | 'all';
}

const asked = ({ workbook, sheets }: LearnFrom) => ({ workbook, sheets });

const rect = (r: Rect) => `top=${r.top}&left=${r.left}&bottom=${r.bottom}&right=${r.right}`;

/** One side of two: a sheet as it is, as it was after a step of its history (0: as it came), or in a version of a stylebook. */
export interface Side {
    workbook: number;
    sheet: number;
    at: number | null;
    version?: { stylebook: number; number: number } | null;
}

export const sideText = ({ workbook, sheet, at, version }: Side) =>
    `${workbook}.${sheet}${version ? encodeURIComponent(`^${version.stylebook}:${version.number}`) : at === null ? '' : `@${at}`}`;

export const api = {
    shelf: () => call<ShelfRecord>('GET', 'shelf'),
    forget: (id: number) => patiently<{ message: string }>('DELETE', `lessons/${id}`),
    coming: () => call<ComingRecord>('GET', 'imports'),
    picture: (id: number, seen: string) => call<Window | null>('GET', `workbooks/${id}/picture?seen=${seen}`),
    /** @param dataFor  the workbook that it brings newer data for, where it is no workbook of its own */
    upload: (file: File, dataFor?: number) => {
        const form = new FormData();
        form.append('file', file);
        if (dataFor) form.append('dataFor', String(dataFor));
        return patiently<ImportRecord>('POST', 'imports', form, `${nameOfFile(file)}-${dataFor ?? 'shelf'}`);
    },
    /** @param name  by which it comes in once, however often it is sent */
    paste: (name: string, text: string, html: string, dataFor?: number) =>
        patiently<ImportRecord>('POST', 'imports/paste', { text, html, dataFor }, name),
    pastSteps: (id: number) => call<PastStepRecord[]>('GET', `workbooks/${id}/steps`),
    tryRoutine: (id: number, routine: number, from: number | null, signal?: AbortSignal) =>
        call<TriedRecord>('POST', `workbooks/${id}/routine`, { routine, from }, signal),
    keepRoutine: (name: string, steps: string[]) => patiently<RoutineRecord>('POST', 'routines', { name, steps }),
    importRoutine: (file: File) => {
        const form = new FormData();
        form.append('file', file);
        return patiently<RoutineRecord>('POST', 'routines', form);
    },
    changeRoutine: (id: number, change: { name?: string; steps?: string[] }) =>
        patiently<RoutineRecord>('PATCH', `routines/${id}`, change),
    removeRoutine: (id: number) => patiently<{ message: string }>('DELETE', `routines/${id}`),
    beginBatch: (workbooks: number[]) => patiently<BatchRecord>('POST', 'batches', { workbooks }),
    batch: (id: string) => call<BatchRecord>('GET', `batches/${id}`),
    addToBatch: (id: string, file: File) => {
        const form = new FormData();
        form.append('file', file);
        return patiently<BatchRecord>('POST', `batches/${id}/files`, form, nameOfFile(file));
    },
    changeBatch: (id: string, change: object) => patiently<BatchRecord>('PATCH', `batches/${id}`, change),
    runBatch: (id: string, what: 'run' | 'pause' | 'go on' | 'cancel') =>
        patiently<BatchRecord>('POST', `batches/${id}/run`, { what }),
    leaveOut: (id: string, item: string) => patiently<BatchRecord>('DELETE', `batches/${id}/items/${item}`),
    removeBatch: (id: string) => patiently<{ message: string }>('DELETE', `batches/${id}`),
    /** The first rows of a summary of a table. */
    summary: (id: number, sheet: number, of: GivenSummary, signal?: AbortSignal) =>
        call<SummaryRecord>('POST', `workbooks/${id}/sheets/${sheet}/summary`, { of }, signal),
    /** What newer data would do to a table. */
    renewal: (id: number, sheet: number, asked: ActArguments['bringAnew'], signal?: AbortSignal) =>
        call<RenewalRecord>('POST', `workbooks/${id}/sheets/${sheet}/renewal`, asked, signal),
    importState: (id: string) => call<ImportRecord>('GET', `imports/${id}`),
    changeDialect: (id: string, dialect: { encoding: string; delimiter: string; quote: string }) =>
        patiently<ImportRecord>('PATCH', `imports/${id}`, dialect),
    keep: (id: string) => patiently<ImportRecord>('POST', `imports/${id}/keep`, {}),
    guard: (id: number, sheet: number) => look<GuardRecord>(id, `sheets/${sheet}/guard`),
    entry: (id: number, sheet: number, row: number, column: number) =>
        look<CellEntryRecord>(id, `sheets/${sheet}/entry?row=${row}&column=${column}`),
    nextEntry: (id: number, sheet: number, row: number, column: number, back: boolean) =>
        call<NextEntryRecord>('GET', `workbooks/${id}/sheets/${sheet}/next?row=${row}&column=${column}${back ? '&back=1' : ''}`),
    conditions: (id: number, sheet: number | null) =>
        look<ConditionsRecord>(
            id,
            `conditions${sheet === null ? '' : `?sheet=${sheet}`}`,
            undefined,
            sheet === null ? 'slow' : 'quick',
        ),
    /** What a conditional look would do that is being written. */
    tryCondition: (id: number, sheet: number, condition: GivenCondition, signal?: AbortSignal) =>
        call<TrialRecord>('POST', `workbooks/${id}/sheets/${sheet}/condition`, { condition, values: true }, signal),
    cancelImport: (id: string) => patiently<ImportRecord>('DELETE', `imports/${id}`),
    remove: (id: number) => patiently<{ message: string }>('DELETE', `workbooks/${id}`),
    bench: (id: number) => call<BenchRecord>('GET', `workbooks/${id}`),
    sheet: (id: number, sheet: number) => call<SheetDetail>('GET', `workbooks/${id}/sheets/${sheet}`),
    window: (id: number, sheet: number, range: Rect, signal?: AbortSignal) =>
        look<Window>(id, `sheets/${sheet}/window?${rect(range)}`, signal),
    drawings: (id: number, sheet: number) => look<DrawingRecord[]>(id, `sheets/${sheet}/drawings`),
    figures: (id: number, sheet: number, ranges: string, signal?: AbortSignal) =>
        look<Figures>(id, `sheets/${sheet}/figures?ranges=${encodeURIComponent(ranges)}`, signal),
    act: <Name extends keyof ActArguments>(id: number, step: Step, act: Name, args: ActArguments[Name]) =>
        done(id, 'acts', step, { act, arguments: args }),
    revise: <Name extends keyof RevisionArguments>(id: number, step: Step, act: Name, args: RevisionArguments[Name]) =>
        done(id, 'acts', step, { act, arguments: { ...args, scope: 'everywhere' } }),
    preview: <Name extends keyof ActArguments>(
        id: number,
        sheet: number,
        act: Name,
        args: ActArguments[Name],
        window: Rect,
        signal?: AbortSignal,
    ) =>
        call<ActRecord>(
            'POST',
            `workbooks/${id}/acts`,
            { act, preview: true, sheet, arguments: args, sight: { windows: [window] } },
            signal,
        ),
    previewRevision: <Name extends keyof RevisionArguments>(
        id: number,
        sheet: number,
        act: Name,
        args: RevisionArguments[Name],
        window: Rect,
        signal?: AbortSignal,
    ) =>
        call<ActRecord>(
            'POST',
            `workbooks/${id}/acts`,
            { act, preview: true, sheet, arguments: { ...args, scope: 'everywhere' }, sight: { windows: [window] } },
            signal,
        ),
    undo: (id: number, step: Step) => done(id, 'undo', step, {}),
    redo: (id: number, step: Step) => done(id, 'redo', step, {}),
    inspect: (id: number, sheet: number, ranges: string, row: number, column: number, signal?: AbortSignal) =>
        look<SelectionRecord>(
            id,
            `sheets/${sheet}/inspection?row=${row}&column=${column}&ranges=${encodeURIComponent(ranges)}`,
            signal,
        ),
    lift: (id: number, sheet: number, range: string, facets: string, conditions = false) =>
        patiently<Lifted>(
            'GET',
            `workbooks/${id}/sheets/${sheet}/lift?range=${encodeURIComponent(range)}&facets=${facets}${conditions ? '&conditions=1' : ''}`,
        ),
    number: (id: number, sheet: number, row: number, column: number, alike: boolean, signal?: AbortSignal) =>
        look<NumberView>(
            id,
            `sheets/${sheet}/number?row=${row}&column=${column}&alike=${Number(alike)}`,
            signal,
            alike ? 'slow' : 'quick',
        ),
    truths: (id: number, sheet: number) => look<TruthNote[]>(id, `sheets/${sheet}/truths`, undefined, 'slow'),
    /** What is found so far; asked again until all sheets are looked over. */
    findings: (id: number, first: number, signal?: AbortSignal) =>
        call<FindingsRecord>('GET', `workbooks/${id}/findings?first=${first}`, undefined, signal),
    series: (ids: number[]) => call<SeriesRecord[]>('GET', `series?workbooks=${ids.join(',')}`),
    /** Mends or leaves findings of a workbook that is not open. */
    within: <Name extends 'mend' | 'leave'>(id: number, revision: number, act: Name, args: ActArguments[Name]) =>
        patiently<ActRecord>('POST', `workbooks/${id}/acts`, { act, revision, sheet: 0, arguments: args }),
    touches: (id: number) => call<TouchedRecord[]>('GET', `workbooks/${id}/touches`),
    cut: (id: number, sheet: number) => look<CutTexts>(id, `sheets/${sheet}/cut`, undefined, 'slow'),
    currencies: () => call<CurrencyRecord[]>('GET', 'currencies'),
    looks: (id: number, sheet: number) => call<NamedLookRecord[]>('GET', `workbooks/${id}/sheets/${sheet}/looks`),
    contrast: (one: string, other: string) =>
        call<{ ratio: number }>('GET', `colours/contrast?one=${encodeURIComponent(one)}&other=${encodeURIComponent(other)}`),
    family: (hex: string) => call<FamilyRecord[]>('GET', `colours/family?hex=${encodeURIComponent(hex)}`),
    content: (id: number, sheet: number, row: number, column: number) =>
        patiently<{ text: string }>('GET', `workbooks/${id}/sheets/${sheet}/content?row=${row}&column=${column}`),
    goTo: (id: number, step: Step, change: number) => done(id, 'point', step, { change }),
    history: (id: number) => call<HistoryRecord[]>('GET', `workbooks/${id}/history`),
    formats: (id: number, sheet: number) => call<FormatRecord[]>('GET', `workbooks/${id}/sheets/${sheet}/formats`),
    risk: (id: number, sheet: number) => call<{ risky: number }>('GET', `workbooks/${id}/sheets/${sheet}/risk`),
    pages: (id: number, sheet: number) => call<PagesRecord>('GET', `workbooks/${id}/sheets/${sheet}/pages`),
    page: (id: number, sheet: number, page: number, signal?: AbortSignal) =>
        call<PageRecord>('GET', `workbooks/${id}/sheets/${sheet}/pages/${page}`, undefined, signal),
    pageCounts: (id: number) => call<PageCountRecord[]>('GET', `workbooks/${id}/pages`),
    /** @param sheet the one that is written; null for all that the format takes */
    handOver: (id: number, format: string, defuse: boolean, sheet: number | null, conditions: boolean, tables = false) =>
        patiently<HandoverRecord>('POST', `workbooks/${id}/handovers`, { format, defuse, sheet, conditions, tables }),
    handover: (id: string) => call<HandoverRecord>('GET', `handovers/${id}`),
    cancelHandover: (id: string) => patiently<HandoverRecord>('DELETE', `handovers/${id}`),
    /** What would be learned from sheets that already look right; kept as a stylebook, without the rules that are refused. */
    learn: (from: LearnFrom[], name: string, without: string[], keep: boolean, watch?: string) =>
        patiently<LearnedRecord>('POST', 'stylebooks/learn', { from: from.map(asked), name, without, keep, watch }),
    strays: (id: number, from: LearnFrom[], watch: string) =>
        patiently<StraysRecord>('POST', `stylebooks/${id}/strays`, { from: from.map(asked), watch }),
    /** How far a request has come that was sent under a name. */
    learning: (watch: string) => call<{ done: number }>('GET', `stylebooks/learning/${watch}`),
    importStylebook: (json: string) => patiently<{ id: number; name: string }>('POST', 'stylebooks', { json }),
    beginStylebook: (from: number | null) => patiently<{ id: number; name: string }>('POST', 'stylebooks/begin', { from }),
    removeStylebook: (id: number) => patiently<{ message: string }>('DELETE', `stylebooks/${id}`),
    book: (id: number) => call<BookRecord>('GET', `stylebooks/${id}`),
    draft: (id: number) => patiently<BookRecord>('POST', `stylebooks/${id}/draft`, {}),
    dropDraft: (id: number) => patiently<{ message: string }>('DELETE', `stylebooks/${id}/draft`),
    keepDraft: (id: number, both: 'mine' | 'theirs' | null) =>
        patiently<BookRecord>('POST', `stylebooks/${id}/keep`, { 'where both': both }),
    rules: (id: number) => call<RulesRecord>('GET', `stylebooks/${id}/rules?draft=1`),
    kept: (id: number) => call<KeptRecord[]>('GET', `stylebooks/${id}/kept`),
    compare: (id: number, from: number, to: number) =>
        call<DifferenceRecord[]>('GET', `stylebooks/${id}/compare?from=${from}&to=${to}`),
    goBack: (id: number, version: number) => patiently<BookRecord>('POST', `stylebooks/${id}/back`, { version }),
    /** A sheet as it stands at a side. */
    sideSheet: (side: Side) => call<SheetDetail>('GET', `side/sheet?side=${sideText(side)}`),
    sideWindow: (side: Side, range: Rect, signal?: AbortSignal) =>
        call<Window>('GET', `side/window?side=${sideText(side)}&${rect(range)}`, undefined, signal),
    compareSides: (left: Side, right: Side) => call<SideRecord>('GET', `side?left=${sideText(left)}&right=${sideText(right)}`),
    sideFile: (left: Side, right: Side, leftName: string, rightName: string) =>
        `/api/side/file?left=${sideText(left)}&right=${sideText(right)}` +
        `&leftName=${encodeURIComponent(leftName)}&rightName=${encodeURIComponent(rightName)}`,
    /** A sheet as it would look in the draft of a stylebook. */
    seenSheet: (id: number, sheet: number, stylebook: number) =>
        call<SheetDetail>('GET', `workbooks/${id}/sheets/${sheet}?as=${stylebook}`),
    seenWindow: (id: number, sheet: number, stylebook: number, range: Rect) =>
        call<Window>('GET', `workbooks/${id}/sheets/${sheet}/window?${rect(range)}&as=${stylebook}`),
};
