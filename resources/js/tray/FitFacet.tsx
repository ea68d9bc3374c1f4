import { EllipsisVertical, MoveHorizontal, MoveVertical } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useState, type ReactNode } from 'react';
import type { SheetDetail } from '@/api/types';
import { spansOf } from '@/work/spans';
import { useBench } from '@/work/state';
import { useDraft } from '@/parts/useDraft';
import { Press } from './FacetFrame';
import { FitRules } from './FitRules';
import { MenuButton } from '@/parts/openers';
import { ask } from '@/parts/Ask';
import type { Formatter } from './useFormat';

/** Width and height of the chosen columns and rows: by hand, or following what they hold. */
export function FitFacet({ format, detail }: { format: Formatter; detail: SheetDetail }) {
    const { row, column } = useBench((state) => state.active);
    const width = detail.widths[column - 1] ?? detail.width;
    const height = detail.heights.find(([first = 0, last = 0]) => row >= first && row <= last)?.[2] ?? detail.height;
    const resize = (axis: 'columns' | 'rows', size?: string) =>
        format.act('resize', { axis, spans: spansOf(axis, axis === 'columns' ? column : row), ...(size ? { size } : {}) });
    const byHand = [
        ...(detail.heldColumns.includes(column) ? ['width'] : []),
        ...(detail.heldRows.includes(row) ? ['height'] : []),
    ];
    return (
        <section aria-label="Fit" className="flex w-[116px] flex-none flex-col gap-1.5 border-r border-hair px-2.5 py-2">
            <h2 className="flex h-5 items-center gap-1.5 text-[12px] font-semibold">
                <MoveHorizontal size={13} strokeWidth={1.75} aria-hidden="true" />
                Fit
                <FitMenu format={format} detail={detail} column={column} row={row} />
            </h2>
            <Size label="Width" px={width} onSet={(size) => resize('columns', size)}>
                <Press label="Fit the columns to their contents" onPress={() => resize('columns')}>
                    <MoveHorizontal size={14} />
                </Press>
            </Size>
            <Size label="Height" px={height} onSet={(size) => resize('rows', size)}>
                <Press label="Fit the rows to their contents" onPress={() => resize('rows')}>
                    <MoveVertical size={14} />
                </Press>
            </Size>
            <p className="text-[10.5px] leading-tight text-quiet">
                {byHand.length > 0
                    ? `${byHand.join(', ')} by hand`
                    : detail.wears || detail.autoColumns.includes(column)
                      ? 'follows its contents'
                      : 'as it came'}
            </p>
        </section>
    );
}

/** Widths for several columns at once. */
function FitMenu({ format, detail, column, row }: { format: Formatter; detail: SheetDetail; column: number; row: number }) {
    const share = async () => {
        const size = await ask({
            title: 'Share a width among the columns',
            about:
                'The fewest lines wrap; figures and words stay whole. ' +
                'A screen of 1366 px has about 1300 for cells, an A4 page on its side about 270 mm.',
            label: 'Width of all columns together',
            value: '1300 px',
            action: 'Share',
        });
        if (size) format.act('share', { axis: 'columns', row, column, size });
    };
    const item = (words: string, run: () => void) => (
        <DropdownMenu.Item className="menu-item" onSelect={run}>
            {words}
        </DropdownMenu.Item>
    );
    const [rules, setRules] = useState(false);
    const screen = useBench((state) => state.screen);
    const ends = useBench((state) => state.pageEnds);
    const heading = detail.tables
        .find((table) => row >= table.top && row <= table.bottom && column >= table.left && column <= table.right)
        ?.columns.find((each) => each.column === column)?.heading;
    const size = `${detail.widths[column - 1] ?? detail.width} px`;
    return (
        <>
            {rules && detail.rules && detail.wears && (
                <FitRules
                    rules={detail.rules}
                    stylebook={detail.wears}
                    sheets={format.record?.sheets ?? 1}
                    format={format}
                    onClose={() => setRules(false)}
                />
            )}
            <MenuButton
                className="icon-btn ml-auto"
                aria-label="More ways to fit"
                title="More ways to fit"
                side="top"
                align="end"
                face={<EllipsisVertical size={13} />}
            >
                {item('Fit all columns', () =>
                    format.act('resize', { axis: 'columns', spans: [[1, Math.max(1, detail.columns)]] }),
                )}
                {item('Fit all columns, titles and notes too', () =>
                    format.act('resize', { axis: 'columns', spans: [[1, Math.max(1, detail.columns)]], all: true }),
                )}
                {item('Equal widths for the chosen columns', () =>
                    format.act('equal', { axis: 'columns', spans: spansOf('columns', column) }),
                )}
                {item('Share a width among the columns…', () => void share())}
                {heading &&
                    item(`${size} for every column headed “${heading}”, all sheets`, () =>
                        format.act('sameWidth', { axis: 'columns', heading, size, sheets: 'all' }),
                    )}
                {heading &&
                    detail.wears &&
                    item(`${size} for every column headed “${heading}”, wherever ${detail.wears} is worn`, () =>
                        format.revise('widthUnder', { axis: 'columns', heading, size }),
                    )}
                <DropdownMenu.Separator className="menu-line" />
                {item('Wrap the headings', () => format.act('headings', { how: 'wrap' }))}
                {item('Turn the headings above figures', () => format.act('headings', { how: 'turn' }))}
                {item('Headings on one line', () => format.act('headings', { how: 'line' }))}
                <DropdownMenu.Separator className="menu-line" />
                {item('Keep headings and row labels in sight', () => format.act('opening', { parts: true }))}
                {item('Keep nothing in sight', () => format.act('opening', { freezeRow: 0, freezeColumn: 0 }))}
                {item(detail.gridlines ? 'Hide gridlines' : 'Show gridlines', () =>
                    format.act('opening', { gridlines: !detail.gridlines }),
                )}
                <DropdownMenu.Separator className="menu-line" />
                <DropdownMenu.CheckboxItem
                    className="menu-item"
                    checked={ends}
                    onCheckedChange={(on) => useBench.setState({ pageEnds: on })}
                >
                    <span className="w-3">{ends ? '✓' : ''}</span>
                    Lines where pages end
                </DropdownMenu.CheckboxItem>
                <DropdownMenu.Label className="menu-label">A reader’s first screen</DropdownMenu.Label>
                {detail.screens.map((each) => (
                    <DropdownMenu.CheckboxItem
                        key={each.name}
                        className="menu-item"
                        checked={screen === each.name}
                        onCheckedChange={(on) => useBench.setState({ screen: on ? each.name : null })}
                    >
                        <span className="w-3">{screen === each.name ? '✓' : ''}</span>
                        {each.name}, {each.width} × {each.height}
                    </DropdownMenu.CheckboxItem>
                ))}
                {detail.rules && item('Rules of fitting and opening…', () => setRules(true))}
            </MenuButton>
        </>
    );
}

function Size({ label, px, onSet, children }: { label: string; px: number; onSet: (size: string) => void; children: ReactNode }) {
    const field = useDraft(`${px} px`, onSet);
    return (
        <div className="flex gap-1">
            <input
                className="field w-[68px]"
                aria-label={label}
                title={`${label}: px, ${label === 'Width' ? 'characters, ' : ''}pt, mm or cm`}
                onFocus={(event) => event.currentTarget.select()}
                {...field}
            />
            {children}
        </div>
    );
}
