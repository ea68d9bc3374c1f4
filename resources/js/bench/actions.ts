import type { ActArguments, Axis, BenchRecord, GivenLook, SheetDetail, Span } from '@/api/types';
import { letters, parse } from '@/grid/address';
import { ask } from '@/parts/Ask';
import { go } from '@/parts/path';
import { liftLook } from '@/tray/liftLook';
import { begin } from '@/conditions/draft';
import { beginEntry } from '@/guard/draft';
import { headsSay, letterActions } from '@/guard/heads';
import { lift } from '@/guard/lift';
import { USUALLY_ALLOWED, useProtecting } from '@/guard/ProtectDialog';
import { readAs } from '@/guard/reader';
import { renew } from '@/renew/renewing';
import { useSumming } from '@/summary/summing';
import { useRoutines } from '@/routine/opened';
import { ROW_PARTS } from '@/work/kinds';
import { useSorting } from './SortDialog';
import { selectionText, useBench } from '@/work/state';
import type { Acts } from '@/work/useActs';

export interface Action {
    words: string;
    keys?: string;
    run: () => void;
}

export interface Ground {
    bench: BenchRecord;
    detail: SheetDetail;
    acts: Acts;
    /** Names of those on the shelf. */
    stylebooks: string[];
    onHandOver: () => void;
    onKeys: () => void;
}

/** Everything that can be done, by name. */
export function allActions(ground: Ground): Action[] {
    return [...going(ground), ...looks(ground), ...wholeSheet(ground), ...cells(ground), ...places(ground), ...reading(ground)];
}

/** The sheet in view and those that take an act together with it. */
const sheetsOf = (detail: SheetDetail) => [
    detail.number,
    ...useBench.getState().together.filter((number) => number !== detail.number),
];

/** Asks for a value, and does something with it. */
const asking = (title: string, label: string, action: string, run: (value: string) => void, value?: string) => () =>
    void ask({ title, label, action, value }).then((answer) => answer && run(answer.trim()));

function going({ bench, detail, acts, onHandOver, onKeys }: Ground): Action[] {
    const { open, together } = useBench.getState();
    const others = bench.sheets.filter((sheet) => sheet.number !== detail.number);
    return [
        { words: 'Undo', keys: 'Ctrl+Z', run: () => void acts.undo() },
        { words: 'Redo', keys: 'Ctrl+Y', run: () => void acts.redo() },
        { words: 'Back to the workbook as it came', run: () => void acts.goTo(0) },
        { words: 'Hand over', keys: 'Ctrl+S', run: onHandOver },
        { words: 'Findings', run: () => go(`/workbooks/${bench.id}/findings`) },
        { words: 'Side by side', run: () => go(`/workbooks/${bench.id}/side-by-side`) },
        { words: 'Paper: the pages as they will print', run: () => go(`/workbooks/${bench.id}/paper`) },
        {
            words: useBench.getState().pageEnds ? 'No lines where pages end' : 'Lines where pages end',
            run: () => useBench.setState((state) => ({ pageEnds: !state.pageEnds })),
        },
        { words: 'Keep steps as a routine…', run: () => useRoutines.setState({ open: 'keep' }) },
        { words: 'Do a routine to this workbook…', run: () => useRoutines.setState({ open: 'replay' }) },
        { words: 'Keys', keys: '?', run: onKeys },
        { words: 'Go to the shelf', run: () => go('/') },
        ...others.map((sheet) => ({ words: `Open the sheet ${sheet.name}`, run: () => open(sheet.number) })),
        ...others.map((sheet) => ({
            words: together.includes(sheet.number)
                ? `${sheet.name} no longer acts together with this sheet`
                : `${sheet.name} acts together with this sheet`,
            run: () =>
                useBench.setState({
                    together: together.includes(sheet.number)
                        ? together.filter((number) => number !== sheet.number)
                        : [...together, sheet.number],
                }),
        })),
        ...(others.length > 0
            ? [
                  {
                      words: 'All sheets together take what is done here',
                      run: () => useBench.setState({ together: others.map((sheet) => sheet.number) }),
                  },
              ]
            : []),
    ];
}

function looks({ bench, detail, acts }: Ground): Action[] {
    const { selection } = useBench.getState();
    const ranges = selectionText(selection);
    const sheets = sheetsOf(detail);
    const format = (look: GivenLook) => void acts.act('format', { ranges, sheets, look });
    const look = (words: string, values: GivenLook, keys?: string): Action => ({ words, keys, run: () => format(values) });
    const value = (words: string, label: string, of: (value: string) => GivenLook, start?: string): Action => ({
        words: `${words}…`,
        run: asking(words, label, 'Set', (answer) => format(of(answer)), start),
    });
    const borders = (words: string, sides: Record<string, string>): Action => ({
        words,
        run: () => void acts.act('borders', { ranges, sheets, sides }),
    });
    const thin = 'thin #2A2230';
    const guard: Action[] = [
        { words: 'Say what the chosen cells take…', run: () => beginEntry(detail) },
        { words: 'Lock formulas, open entries', run: () => void acts.act('guardFormulas', {}) },
        { words: 'Mark the formulas', run: () => void acts.act('mark', { part: 'formula_cell', on: true }) },
        { words: 'Mark the entry cells', run: () => void acts.act('mark', { part: 'entry_cell', on: true }) },
        { words: 'Mark the choice cells', run: () => void acts.act('mark', { part: 'choice_cell', on: true }) },
        ...(bench.sheets.find((sheet) => sheet.number === detail.number)?.protected
            ? [{ words: 'Lift the protection of this sheet', run: () => void lift(acts, detail.name, null) }]
            : [
                  {
                      words: 'Protect this sheet…',
                      run: () => useProtecting.setState({ sheet: { name: detail.name, allowed: USUALLY_ALLOWED } }),
                  },
              ]),
        { words: 'Try it as the reader', run: () => readAs(true) },
        { words: 'Arrange all sheets by their roles', run: () => void acts.act('followRoles', { sheets: 'all', order: true }) },
        { words: 'Add or renew a sheet of looks', run: () => void acts.act('addSheet', { of: 'looks' }) },
        { words: 'Add or renew a sheet of contents', run: () => void acts.act('addSheet', { of: 'contents' }) },
        ...letterActions(acts, detail),
        { words: 'Headings say what is below…', run: () => void headsSay(acts, detail.wears) },
    ];
    const condition: Action = { words: 'A look while something is true…', run: () => begin(detail, detail.wears) };
    const frame = { top: thin, right: thin, bottom: thin, left: thin };
    return [
        condition,
        ...guard,
        look('Bold', { bold: true }, 'Ctrl+B'),
        look('Italic', { italic: true }, 'Ctrl+I'),
        look('Underline', { underline: 'single' }, 'Ctrl+U'),
        look('Strike', { strike: true }),
        value('Font', 'Name of the family, such as Tinos', (font) => ({ font })),
        value('Size of the type', 'Points', (size) => ({ size: Number(size) }), '11'),
        value('Fill with a colour', 'A code such as #FFE08A', (fill) => ({ fill })),
        look('No fill', { fill: 'none' }),
        value('Ink of the text', 'A code such as #422E56', (ink) => ({ ink })),
        {
            words: 'Colour family for headings, data and totals…',
            run: asking('Colour family for headings, data and totals', 'A code such as #5C2B57', 'Give it', (hex) => {
                void acts.act('family', { hex, sheets });
            }),
        },
        look('Wrap', { wrap: true }),
        look('Long text: spill over', { wrap: false, clip: false, shrink: false }),
        look('Long text: cut off at the edge', { wrap: false, clip: true, shrink: false }),
        look('Long text: shrink to fit', { wrap: false, clip: false, shrink: true }),
        look('Span: centre over separate cells', { horizontal: 'span' }),
        look('Align left', { horizontal: 'left' }),
        look('Align right', { horizontal: 'right' }),
        look('Centre', { horizontal: 'center' }),
        value('Indent', 'Steps, from 0 to 15', (steps) => ({ indent: Number(steps) }), '1'),
        look('Turn the text up, 90°', { rotation: 90 }),
        value('Turn the text by an angle', 'Degrees, from -90 to 90', (degrees) => ({ rotation: Number(degrees) }), '45'),
        look('Number: whole, with groups', { number: '#,##0' }),
        look('Number: two places', { number: '#,##0.00' }),
        look('Number: percent', { number: '0%' }),
        look('Number: date', { number: 'yyyy-mm-dd' }),
        value('Number format by its code', 'Such as #,##0.00 or d mmm yyyy', (number) => ({ number })),
        borders('Borders: outline', frame),
        borders('Borders: all lines', { ...frame, horizontal: thin, vertical: thin }),
        borders('Borders: below', { bottom: thin }),
        borders('Borders: none', {
            top: 'none',
            right: 'none',
            bottom: 'none',
            left: 'none',
            horizontal: 'none',
            vertical: 'none',
        }),
        { words: 'Wipe hand touches', run: () => void acts.act('wipe', { ranges, sheets }) },
        { words: 'Drop what came with the file', run: () => void acts.act('wipe', { ranges, sheets, file: true }) },
        {
            words: 'Keep the look of the selection under a name…',
            run: asking('Keep this look under a name', 'Name of the look', 'Keep', (name) => {
                void acts.revise('keepLook', { name, ranges });
            }),
        },
        { words: 'Lift the look of the selection', run: () => liftLook(bench.id, detail.number, { facets: '' }) },
        {
            words: 'Lift the look of the selection, with conditional looks',
            run: () => liftLook(bench.id, detail.number, { facets: '', conditions: true }),
        },
        {
            words: 'Lay a named look…',
            run: asking('Lay a named look', 'Name of the look', 'Lay', (name) => {
                void acts.act('layNamed', { name, ranges, sheets });
            }),
        },
        { words: 'Take the named look off', run: () => void acts.act('layNamed', { name: '', ranges, sheets }) },
    ];
}

function wholeSheet({ bench, detail, acts, stylebooks }: Ground): Action[] {
    const sheets = sheetsOf(detail);
    const act = <Name extends keyof ActArguments>(words: string, name: Name, args: ActArguments[Name]): Action => ({
        words,
        run: () => void acts.act(name, args),
    });
    const gridlines = detail.gridlines ? 'Hide gridlines' : 'Show gridlines';
    return [
        ...stylebooks.flatMap((stylebook) => [
            act(`Dress this sheet in ${stylebook}`, 'dress', { stylebook, clean: detail.clean, sheets }),
            ...(bench.sheets.length > 1
                ? [
                      act(`Dress all ${bench.sheets.length} sheets in ${stylebook}`, 'dress', {
                          stylebook,
                          clean: detail.clean,
                          sheets: 'all',
                      }),
                  ]
                : []),
        ]),
        ...(detail.wears ? [act('Take the stylebook off', 'dress', { stylebook: null, clean: false, sheets })] : []),
        act(gridlines, 'opening', { gridlines: !detail.gridlines, sheets }),
        act(`${gridlines} on all sheets`, 'opening', { gridlines: !detail.gridlines, sheets: 'all' }),
        act('Keep headings and row labels in sight', 'opening', { parts: true, sheets }),
        act('Keep nothing in sight', 'opening', { freezeRow: 0, freezeColumn: 0, sheets }),
        {
            words: 'Zoom…',
            run: asking('Zoom of the sheet', 'Percent, from 10 to 400', 'Set', (zoom) => {
                void acts.act('opening', { zoom: Number.parseInt(zoom, 10), sheets });
            }),
        },
        act('Wrap the headings', 'headings', { how: 'wrap', sheets }),
        act('Turn the headings above figures', 'headings', { how: 'turn', sheets }),
        act('Headings on one line', 'headings', { how: 'line', sheets }),
        act('Fit all columns to their contents', 'resize', {
            axis: 'columns',
            spans: [[1, Math.max(1, detail.columns)]],
            sheets,
        }),
        act('Fit what is cut', 'fitCut', {}),
        ...detail.screens.map((screen) => ({
            words: `Frame of a reader’s first screen: ${screen.name}`,
            run: () => useBench.setState({ screen: screen.name }),
        })),
        { words: 'No frame of a first screen', run: () => useBench.setState({ screen: null }) },
        {
            words: 'Rename the workbook…',
            run: asking('Rename the workbook', 'Name', 'Rename', (name) => void acts.act('rename', { name }), bench.name),
        },
        {
            words: 'Rename the sheet…',
            run: asking('Rename the sheet', 'Name', 'Rename', (name) => void acts.act('sheet', { name }), detail.name),
        },
    ];
}

function cells({ detail, acts }: Ground): Action[] {
    const { selection } = useBench.getState();
    const ranges = selectionText(selection);
    const sheets = sheetsOf(detail);
    const columns = selection.map(({ left, right }): Span => [left, right]);
    const rows = selection.map(({ top, bottom }): Span => [top, bottom]);
    const resize = (words: string, axis: Axis, spans: Span[], label: string): Action => ({
        words: `${words}…`,
        run: asking(words, label, 'Set', (size) => void acts.act('resize', { axis, spans, size, sheets })),
    });
    const each = (words: string, axis: Axis, spans: Span[]): Action => ({
        words,
        run: () => {
            for (const span of spans) void acts.act('hide', { axis, spans: [span], sheets });
        },
    });
    return [
        { words: 'Merge, keeping the first', run: () => void acts.act('merge', { ranges, sheets, mode: 'first' }) },
        { words: 'Merge, joining the texts', run: () => void acts.act('merge', { ranges, sheets, mode: 'join' }) },
        { words: 'Split merged cells', run: () => void acts.act('split', { ranges, sheets }) },
        { words: 'Clear the cells', keys: 'Delete', run: () => void acts.act('clear', { ranges, sheets }) },
        resize('Width of the chosen columns', 'columns', columns, 'px, characters, pt, mm or cm'),
        resize('Height of the chosen rows', 'rows', rows, 'px, pt, mm or cm'),
        {
            words: 'Fit the chosen columns to their contents',
            run: () => void acts.act('resize', { axis: 'columns', spans: columns, sheets }),
        },
        {
            words: 'Fit the chosen rows to their contents',
            run: () => void acts.act('resize', { axis: 'rows', spans: rows, sheets }),
        },
        {
            words: 'One width for the chosen columns',
            run: () => void acts.act('equal', { axis: 'columns', spans: columns, sheets }),
        },
        each('Hide the chosen columns', 'columns', columns),
        each('Hide the chosen rows', 'rows', rows),
        {
            words: 'Show all hidden columns',
            run: () => void acts.act('hide', { axis: 'columns', spans: [[1, Math.max(1, detail.columns)]], show: true, sheets }),
        },
        {
            words: 'Show all hidden rows',
            run: () => void acts.act('hide', { axis: 'rows', spans: [[1, Math.max(1, detail.rows)]], show: true, sheets }),
        },
        {
            words: 'Keep rows and columns up to here in sight',
            run: () => {
                const { active } = useBench.getState();
                void acts.act('opening', { freezeRow: active.row, freezeColumn: active.column, sheets });
            },
        },
    ];
}

/** Rows or columns above this many are put in and taken out by their menu. */
const MOST = 1000;

function places({ acts }: Ground): Action[] {
    const range = useBench.getState().selection[0];
    if (!range) return [];
    const along = (axis: 'rows' | 'columns', first: number, last: number, name: (index: number) => string): Action[] => {
        const count = last - first + 1;
        if (count > MOST) return [];
        const one = axis === 'rows' ? 'row' : 'column';
        const move = (inside: boolean) => () => void acts.act('move', { axis, at: first, count, in: inside });
        return [
            {
                words: `Put ${count === 1 ? `a ${one}` : `${count} ${axis}`} in ${axis === 'rows' ? 'above row' : 'before'} ${name(first)}`,
                run: move(true),
            },
            {
                words: `Take out ${count === 1 ? `${one} ${name(first)}` : `${axis} ${name(first)} to ${name(last)}`}`,
                run: move(false),
            },
        ];
    };
    return [...along('rows', range.top, range.bottom, String), ...along('columns', range.left, range.right, letters)];
}

function reading({ detail, acts }: Ground): Action[] {
    const { selection, active, select } = useBench.getState();
    const range = selection[0];
    const table =
        detail.tables.find(
            (t) => active.row >= t.top && active.row <= t.bottom && active.column >= t.left && active.column <= t.right,
        ) ?? detail.tables[0];
    if (!table) return [];
    const body = table.runs.find((run) => run.part === 'body')?.first ?? table.top;
    const actions: Action[] = table.parts.map((part) => ({
        words: `Select: ${part.words}`,
        keys: part.part === 'body' ? 'Alt+B' : part.part === 'heading' ? 'Alt+H' : undefined,
        run: () => select(part.ranges.flatMap((text) => parse(text) ?? [])),
    }));
    const corner = table.columns[0];
    if (corner)
        actions.push({
            words: 'Sort the table by several columns…',
            run: () => useSorting.setState({ table, column: corner.column }),
        });
    actions.push({ words: 'Bring newer data into this table…', run: () => renew(table) });
    actions.push({ words: 'Sum up this table on a sheet of its own…', run: () => useSumming.setState({ table }) });
    if (detail.summary !== null)
        actions.push({ words: 'Make the summary anew', run: () => void acts.act('summarise', { anew: true }) });
    for (const { column, heading } of table.columns) {
        if (!heading) continue;
        for (const down of [false, true])
            actions.push({
                words: `Sort by ${heading}, ${down ? 'greatest' : 'least'} first`,
                run: () => void acts.act('sort', { row: body, column, keys: [[column, down]] }),
            });
        actions.push({
            words: `Select the column ${heading}`,
            run: () => select([{ top: table.top, left: column, bottom: table.bottom, right: column }]),
        });
    }
    if (!range) return actions;
    const rows = range.top === range.bottom ? `row ${range.top}` : `rows ${range.top} to ${range.bottom}`;
    const last = Math.min(range.bottom, table.bottom + 1);
    for (const { part, one } of ROW_PARTS) {
        const correction = { type: 'rows', row: table.top, column: table.left, first: range.top, last, part };
        actions.push({ words: `Read ${rows} as: ${one}`, run: () => void acts.act('correct', { correction }) });
    }
    return actions;
}
