import { Dialog } from 'radix-ui';
import { useMemo, useState } from 'react';
import type { BenchRecord, SheetDetail } from '@/api/types';
import { letters, parse } from '@/grid/address';
import { ask } from '@/parts/Ask';
import { go } from '@/parts/path';
import { PART_WORDS } from './kinds';
import { useSorting } from './SortDialog';
import { selectionText, useBench } from './state';
import type { Acts } from './useActs';
import { useReturnFocus } from '@/parts/useReturnFocus';

interface Action {
    words: string;
    keys?: string;
    run: () => void;
}

interface Props {
    bench: BenchRecord;
    detail: SheetDetail;
    acts: Acts;
    onHandOver: () => void;
    onClose: () => void;
}

/** Everyday words for what actions are called here. */
const ALSO: [RegExp, string][] = [
    [/^undo|^redo/i, 'back history revert again'],
    [/^put .* in/i, 'insert add new'],
    [/^take out/i, 'delete remove'],
    [/^wipe|^drop/i, 'reset clear remove format look'],
    [/^merge|^span|^split/i, 'combine centre center unmerge'],
    [/^fit|width/i, 'width column size resize'],
    [/gridlines/i, 'lines border hide'],
    [/in sight/i, 'freeze fix pin header'],
    [/^hand over/i, 'export save download xlsx ods html csv'],
    [/^bold|^italic|^underline|^strike|^size of the type/i, 'font type text style'],
    [/fill/i, 'colour color background shade highlight'],
    [/^align|^centre/i, 'position place horizontal center'],
    [/^number/i, 'format figure decimals'],
    [/^borders/i, 'edge rule frame line'],
    [/^dress/i, 'style theme stripe alternate rows colours'],
    [/^hide|^show/i, 'unhide visible'],
    [/^rename/i, 'name title'],
    [/^read /i, 'part kind heading total'],
    [/^wrap|^long text/i, 'break line overflow'],
];
const heard = (words: string) =>
    `${words} ${ALSO.filter(([called]) => called.test(words))
        .map(([, also]) => also)
        .join(' ')}`.toLowerCase();

/** Every action by name, with its key beside it. */
export function FindAction({ bench, detail, acts, onHandOver, onClose }: Props) {
    useReturnFocus();
    const [text, setText] = useState('');
    const [at, setAt] = useState(0);
    const actions = useMemo(() => allActions({ bench, detail, acts, onHandOver }), [bench, detail, acts, onHandOver]);
    const words = text.toLowerCase().split(/\s+/).filter(Boolean);
    const found = actions.filter((action) => words.every((word) => heard(action.words).includes(word))).slice(0, 40);
    const chosen = Math.min(at, Math.max(0, found.length - 1));
    const run = (action: Action | undefined) => {
        if (!action) return;
        onClose();
        action.run();
    };
    return (
        <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
            <Dialog.Portal>
                <Dialog.Overlay className="dialog-shade" />
                <Dialog.Content className="dialog top-24 w-[560px] translate-y-0 p-3" aria-describedby={undefined}>
                    <Dialog.Title className="sr-only">Find an action</Dialog.Title>
                    <input
                        className="field mb-2 w-full"
                        placeholder="What do you want to do?"
                        aria-label="Find an action"
                        role="combobox"
                        aria-expanded="true"
                        aria-controls="actions"
                        aria-activedescendant={found.length > 0 ? `action-${chosen}` : undefined}
                        value={text}
                        autoFocus
                        onChange={(event) => {
                            setText(event.target.value);
                            setAt(0);
                        }}
                        onKeyDown={(event) => {
                            if (event.key === 'ArrowDown') setAt(Math.min(chosen + 1, found.length - 1));
                            else if (event.key === 'ArrowUp') setAt(Math.max(chosen - 1, 0));
                            else if (event.key === 'Enter') run(found[chosen]);
                            else return;
                            event.preventDefault();
                        }}
                    />
                    <ul id="actions" role="listbox" aria-label="Actions" className="max-h-[360px] overflow-auto">
                        {found.map((action, index) => (
                            <li
                                key={index}
                                id={`action-${index}`}
                                role="option"
                                aria-selected={index === chosen}
                                className={`menu-item justify-between ${index === chosen ? 'bg-damson-soft text-damson' : ''}`}
                                onMouseMove={() => setAt(index)}
                                onClick={() => run(action)}
                            >
                                {action.words}
                                {action.keys && <kbd className="font-mono text-[11px] text-quiet">{action.keys}</kbd>}
                            </li>
                        ))}
                    </ul>
                    {found.length === 0 && <p className="p-2 text-quiet">Nothing is called like that.</p>}
                </Dialog.Content>
            </Dialog.Portal>
        </Dialog.Root>
    );
}

function allActions({ bench, detail, acts, onHandOver }: Omit<Props, 'onClose'>): Action[] {
    const { selection, active, select, open } = useBench.getState();
    const table =
        detail.tables.find(
            (t) => active.row >= t.top && active.row <= t.bottom && active.column >= t.left && active.column <= t.right,
        ) ?? detail.tables[0];
    const range = selection[0];
    const actions: Action[] = [
        { words: 'Undo', keys: 'Ctrl+Z', run: () => void acts.undo() },
        { words: 'Redo', keys: 'Ctrl+Y', run: () => void acts.redo() },
        { words: 'Hand over', keys: 'Ctrl+S', run: onHandOver },
        { words: 'Go to the shelf', run: () => go('/') },
        ...bench.sheets
            .filter((sheet) => sheet.number !== detail.number)
            .map((sheet) => ({ words: `Open the sheet ${sheet.name}`, run: () => open(sheet.number) })),
    ];
    const ranges = selectionText(selection);
    const look = (words: string, values: object, keys?: string) =>
        actions.push({ words, keys, run: () => void acts.act('format', { ranges, look: values }) });
    look('Bold', { bold: true }, 'Ctrl+B');
    look('Italic', { italic: true }, 'Ctrl+I');
    look('Underline', { underline: 'single' }, 'Ctrl+U');
    look('Strike', { strike: true });
    look('Wrap', { wrap: true });
    look('Long text: spill over', { wrap: false, clip: false, shrink: false });
    look('Long text: cut off at the edge', { wrap: false, clip: true, shrink: false });
    look('Long text: shrink to fit', { wrap: false, clip: false, shrink: true });
    look('Span: centre over separate cells', { horizontal: 'span' });
    look('Align left', { horizontal: 'left' });
    look('Align right', { horizontal: 'right' });
    look('Centre', { horizontal: 'center' });
    look('Number: whole, with groups', { number: '#,##0' });
    look('Number: two places', { number: '#,##0.00' });
    look('Number: percent', { number: '0%' });
    look('Number: date', { number: 'yyyy-mm-dd' });
    const borders = (words: string, sides: object) =>
        actions.push({ words, run: () => void acts.act('borders', { ranges, sides }) });
    const thin = 'thin #2A2230';
    borders('Borders: outline', { top: thin, right: thin, bottom: thin, left: thin });
    borders('Borders: all lines', { top: thin, right: thin, bottom: thin, left: thin, horizontal: thin, vertical: thin });
    borders('Borders: none', { top: 'none', right: 'none', bottom: 'none', left: 'none', horizontal: 'none', vertical: 'none' });
    look('Turn the text up, 90°', { rotation: 90 });
    look('No fill', { fill: 'none' });
    actions.push(
        { words: 'Merge, keeping the first', run: () => void acts.act('merge', { ranges, mode: 'first' }) },
        {
            words: 'Fit all columns to their contents',
            run: () => void acts.act('resize', { axis: 'columns', spans: [[1, Math.max(1, detail.columns)]] }),
        },
        {
            words: detail.gridlines ? 'Hide gridlines' : 'Show gridlines',
            run: () => void acts.act('opening', { gridlines: !detail.gridlines }),
        },
        {
            words: detail.gridlines ? 'Hide gridlines on all sheets' : 'Show gridlines on all sheets',
            run: () => void acts.act('opening', { gridlines: !detail.gridlines, sheets: 'all' }),
        },
        {
            words: 'Keep headings and row labels in sight',
            run: () => void acts.act('opening', { parts: true }),
        },
        { words: 'Wrap the headings', run: () => void acts.act('headings', { how: 'wrap' }) },
        { words: 'Turn the headings above figures', run: () => void acts.act('headings', { how: 'turn' }) },
        { words: 'Headings on one line', run: () => void acts.act('headings', { how: 'line' }) },
        ...detail.screens.map((screen) => ({
            words: `Frame of a reader’s first screen: ${screen.name}`,
            run: () => useBench.setState({ screen: screen.name }),
        })),
        { words: 'No frame of a first screen', run: () => useBench.setState({ screen: null }) },
        {
            words: 'Rename the workbook…',
            run: () =>
                void ask({ title: 'Rename the workbook', label: 'Name', value: bench.name, action: 'Rename' }).then(
                    (name) => name && acts.act('rename', { name }),
                ),
        },
        {
            words: 'Width of the chosen columns…',
            run: () =>
                void ask({ title: 'Width of the chosen columns', label: 'px, characters, pt, mm or cm', action: 'Set' }).then(
                    (size) =>
                        size &&
                        acts.act('resize', { axis: 'columns', spans: selection.map((each) => [each.left, each.right]), size }),
                ),
        },
        {
            words: 'Hide the chosen columns',
            run: () => {
                for (const each of selection) void acts.act('hide', { axis: 'columns', spans: [[each.left, each.right]] });
            },
        },
        {
            words: 'Show all hidden columns',
            run: () => void acts.act('hide', { axis: 'columns', spans: [[1, Math.max(1, detail.columns)]], show: true }),
        },
        {
            words: 'Fill with a colour…',
            run: () =>
                void ask({ title: 'Fill with a colour', label: 'A code such as #FFE08A', action: 'Fill' }).then(
                    (hex) => hex && acts.act('format', { ranges, look: { fill: hex.trim() } }),
                ),
        },
        {
            words: 'Size of the type…',
            run: () =>
                void ask({ title: 'Size of the type', label: 'Points', value: '11', action: 'Set' }).then(
                    (size) => size && acts.act('format', { ranges, look: { size: Number(size) } }),
                ),
        },
        { words: 'Clear the cells', keys: 'Delete', run: () => void acts.act('clear', { ranges }) },
        { words: 'Split merged cells', run: () => void acts.act('split', { ranges }) },
        { words: 'Wipe hand touches', run: () => void acts.act('wipe', { ranges }) },
        { words: 'Drop what came with the file', run: () => void acts.act('wipe', { ranges, file: true }) },
    );
    if (range) {
        const rows = range.bottom - range.top + 1;
        const columns = range.right - range.left + 1;
        const move = (axis: 'rows' | 'columns', at: number, count: number, inside: boolean) => () =>
            void acts.act('move', { axis, at, count, in: inside });
        if (rows <= 1000)
            actions.push(
                {
                    words: `Put ${rows === 1 ? 'a row' : `${rows} rows`} in above row ${range.top}`,
                    run: move('rows', range.top, rows, true),
                },
                {
                    words: `Take out ${rows === 1 ? `row ${range.top}` : `rows ${range.top} to ${range.bottom}`}`,
                    run: move('rows', range.top, rows, false),
                },
            );
        if (columns <= 1000)
            actions.push(
                {
                    words: `Put ${columns === 1 ? 'a column' : `${columns} columns`} in before ${letters(range.left)}`,
                    run: move('columns', range.left, columns, true),
                },
                {
                    words: `Take out ${columns === 1 ? `column ${letters(range.left)}` : `columns ${letters(range.left)} to ${letters(range.right)}`}`,
                    run: move('columns', range.left, columns, false),
                },
            );
    }
    for (const part of table?.parts ?? []) {
        actions.push({
            words: `Select: ${part.words}`,
            keys: part.part === 'body' ? 'Alt+B' : part.part === 'heading' ? 'Alt+H' : undefined,
            run: () => select(part.ranges.flatMap((text) => parse(text) ?? [])),
        });
    }
    const corner = table?.columns[0];
    if (table && corner)
        actions.push({
            words: 'Sort the table by several columns…',
            run: () => useSorting.setState({ table, column: corner.column }),
        });
    for (const column of table?.columns ?? []) {
        if (table && column.heading)
            actions.push(
                ...[false, true].map((down) => ({
                    words: `Sort by ${column.heading}, ${down ? 'greatest' : 'least'} first`,
                    run: () =>
                        void acts.act('sort', {
                            row: table.runs.find((run) => run.part === 'body')?.first ?? table.top,
                            column: column.column,
                            keys: [[column.column, down]],
                        }),
                })),
                {
                    words: `Select the column ${column.heading}`,
                    run: () => select([{ top: table.top, left: column.column, bottom: table.bottom, right: column.column }]),
                },
            );
    }
    if (table && range) {
        const rows = range.top === range.bottom ? `row ${range.top}` : `rows ${range.top} to ${range.bottom}`;
        for (const [part, words] of PART_WORDS) {
            actions.push({
                words: `Read ${rows} as: ${words}`,
                run: () =>
                    void acts.act('correct', {
                        correction: {
                            type: 'rows',
                            row: table.top,
                            column: table.left,
                            first: range.top,
                            last: Math.min(range.bottom, table.bottom + 1),
                            part,
                        },
                    }),
            });
        }
    }
    return actions;
}
