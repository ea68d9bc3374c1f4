import { ChevronDown, ChevronRight, EllipsisVertical, EyeOff, Lock, X } from 'lucide-react';
import { ContextMenu, DropdownMenu } from 'radix-ui';
import { useState, type ReactNode, type SyntheticEvent } from 'react';
import { create } from 'zustand';
import { parse } from '@/grid/address';
import {
    PARTS,
    type BenchRecord,
    type Part,
    type PartRecord,
    type SheetDetail,
    type TableRecord,
    type TypingRecord,
} from '@/api/types';
import { MenuButton } from '@/parts/openers';
import { useRoving } from '@/parts/useRoving';
import { ROW_PARTS } from '@/work/kinds';
import { goToName } from '@/work/names';
import { begin } from '@/conditions/draft';
import { ConditionList } from '@/conditions/ConditionList';
import { GuardList } from '@/guard/GuardList';
import { choose, sameRanges } from './choose';
import { ColumnRow, LineRow } from './OutlineColumns';
import { SheetMenu } from './SheetMenu';
import { renew } from '@/renew/renewing';
import { useSumming } from '@/summary/summing';
import { useBench } from '@/work/state';
import type { Acts } from '@/work/useActs';

export function Outline({ bench, detail, acts }: { bench: BenchRecord; detail: SheetDetail; acts: Acts }) {
    const number = useBench((state) => state.sheet);
    const open = useBench((state) => state.open);
    const together = useBench((state) => state.together);
    const toggle = (sheet: number) =>
        sheet !== number &&
        useBench.setState({
            together: together.includes(sheet) ? together.filter((other) => other !== sheet) : [...together, sheet],
        });
    const tintOf = (sheet: number) => {
        if (sheet === number) return 'bg-damson-soft font-semibold text-damson';
        return together.includes(sheet) ? 'bg-brass-soft' : 'hover:bg-ground';
    };
    return (
        <nav aria-label="Outline" className="overflow-auto border-r border-hair bg-panel py-2 text-[12.5px]">
            <Heading left="Sheets" right={String(bench.sheets.length)} />
            <List>
                {bench.sheets.map((sheet) => (
                    <li key={sheet.number} className={`group flex h-6 items-center ${tintOf(sheet.number)}`}>
                        <button
                            type="button"
                            aria-current={sheet.number === number}
                            className="flex h-full min-w-0 flex-1 items-center gap-2 pl-3 text-left"
                            onClick={(event) => (event.ctrlKey || event.metaKey ? toggle(sheet.number) : open(sheet.number))}
                            title="Ctrl: let it take acts together with the one in view"
                        >
                            <i
                                className="h-[9px] w-[9px] flex-none rounded-[3px]"
                                style={{ background: sheet.tab ?? (sheet.wears ? '#5C2B57' : '#B9B1A4') }}
                            />
                            <span className="flex-1 truncate">{sheet.name}</span>
                            {sheet.state !== 'visible' && <EyeOff size={12} aria-label="hidden" />}
                            {sheet.protected && <Lock size={12} aria-label="protected" />}
                        </button>
                        <SheetMenu sheet={sheet} sheets={bench.sheets} acts={acts} />
                    </li>
                ))}
            </List>
            {detail.summary !== null && (
                <p className="px-3 pt-2 text-[12px] text-quiet">
                    Sums up {detail.summary}.{' '}
                    <button
                        type="button"
                        className="underline underline-offset-2"
                        onClick={() => void acts.act('summarise', { anew: true })}
                    >
                        Make it anew
                    </button>
                </p>
            )}
            {detail.tables.length === 0 && <p className="px-3 py-3 text-quiet">No table was found on this sheet.</p>}
            {detail.tables.map((table) => (
                <Table
                    key={table.range}
                    table={table}
                    typings={detail.typings}
                    acts={acts}
                    onCondition={() => begin(detail, detail.wears)}
                />
            ))}
            <ConditionList bench={bench} detail={detail} acts={acts} onBegin={() => begin(detail, detail.wears)} />
            <GuardList bench={bench} detail={detail} acts={acts} />
            {bench.names.length > 0 && (
                <section aria-label="Names">
                    <Heading left="Names" right={String(bench.names.length)} />
                    <List>
                        {bench.names.map((name) => (
                            <li key={name.name} className="group flex h-6 items-center hover:bg-ground">
                                <button
                                    type="button"
                                    className="flex h-full min-w-0 flex-1 items-center gap-2 pl-3 text-left"
                                    onClick={() => goToName(name)}
                                >
                                    <span className="flex-1 truncate">{name.name}</span>
                                    <span className="font-mono text-[11px] text-quiet">{name.ranges.split(',')[0]}</span>
                                </button>
                                <button
                                    type="button"
                                    className="icon-btn flex-none opacity-0 group-hover:opacity-100 focus-visible:opacity-100"
                                    aria-label={`Take back the name ${name.name}`}
                                    onClick={() => void acts.act('name', { name: name.name })}
                                >
                                    <X size={12} />
                                </button>
                            </li>
                        ))}
                    </List>
                </section>
            )}
            {bench.notices.map((notice) => (
                <p key={notice} className="mx-3 mt-3 rounded-md bg-brass-soft p-2 text-[12px] text-ink">
                    {notice}
                </p>
            ))}
        </nav>
    );
}

/** What of the outline is folded away. */
const useFolds = create(() => ({ columns: false }));

/** Entries that are one stop of the Tab key. */
function List({ children }: { children: ReactNode }) {
    return <ul {...useRoving<HTMLUListElement>()}>{children}</ul>;
}

function Heading({ left, right, children }: { left: string; right: string; children?: ReactNode }) {
    return (
        <div className="mt-1.5 flex items-center justify-between px-3 pt-1.5 pb-1 text-[11px] font-semibold text-quiet">
            <h2>{left}</h2>
            <span className="flex items-center gap-1">
                {right}
                {children}
            </span>
        </div>
    );
}

function Table({
    table,
    typings,
    acts,
    onCondition,
}: {
    table: TableRecord;
    typings: TypingRecord[];
    acts: Acts;
    onCondition: () => void;
}) {
    const corner = { row: table.top, column: table.left };
    const folded = useFolds((state) => state.columns);
    const active = useBench((state) => state.active);
    return (
        <section aria-label={`Table at ${table.range}`}>
            <Heading left={`Table at ${table.range.split(':')[0] ?? ''}`} right={`read ${Math.round(table.confidence * 100)}%`}>
                <MenuButton
                    className="icon-btn -my-1.5"
                    aria-label={`Menu of the table at ${table.range}`}
                    align="start"
                    face={<EllipsisVertical size={13} />}
                >
                    <DropdownMenu.Item className="menu-item" onSelect={() => useBench.getState().select([rectOf(table)])}>
                        Select the table
                    </DropdownMenu.Item>
                    <DropdownMenu.Item className="menu-item" onSelect={() => renew(table)}>
                        Bring newer data in…
                    </DropdownMenu.Item>
                    <DropdownMenu.Item className="menu-item" onSelect={() => useSumming.setState({ table })}>
                        Sum it up on a sheet of its own…
                    </DropdownMenu.Item>
                    <DropdownMenu.Item
                        className="menu-item"
                        disabled={active.row <= table.top || active.row > table.bottom}
                        onSelect={() =>
                            void acts.act('correct', {
                                correction: { type: 'split', row: active.row, column: table.left },
                            })
                        }
                    >
                        Split above row {active.row}
                    </DropdownMenu.Item>
                    <DropdownMenu.Item
                        className="menu-item"
                        onSelect={() => void acts.act('correct', { correction: { type: 'join', ...corner } })}
                    >
                        Join with the table below
                    </DropdownMenu.Item>
                </MenuButton>
            </Heading>
            {table.learned !== null && (
                <p className="px-3 pb-1 text-[11.5px] text-quiet">
                    Read as it was corrected in “{table.learned}”.{' '}
                    <button type="button" className="underline underline-offset-2" onClick={() => void acts.act('forget', {})}>
                        Read it without
                    </button>
                </p>
            )}
            <PartRows table={table} acts={acts} />
            {table.lines.length > 0 && (
                <>
                    <Heading left="Rows" right="kind" />
                    <List>
                        {table.lines.map((line) => (
                            <LineRow key={line.column} line={line} table={table} />
                        ))}
                    </List>
                </>
            )}
            <button
                type="button"
                aria-expanded={!folded}
                className={`mt-1.5 flex w-full items-center justify-between px-3 pt-1.5 pb-1 text-left text-[11px]
                        font-semibold text-quiet hover:text-ink`}
                onClick={() => useFolds.setState({ columns: !folded })}
            >
                <span className="flex items-center gap-1">
                    {folded ? <ChevronRight size={11} /> : <ChevronDown size={11} />}
                    Columns
                </span>
                <span>{folded ? table.columns.length : 'kind'}</span>
            </button>
            <List>
                {(folded ? [] : table.columns).map((column) => (
                    <ColumnRow
                        key={column.column}
                        column={column}
                        table={table}
                        typing={typings.find((typing) => typing.column === column.column)}
                        acts={acts}
                        onCondition={onCondition}
                    />
                ))}
            </List>
        </section>
    );
}

/** The parts of a table. Their menu reads the rows of the one that it was opened on as another part. */
function PartRows({ table, acts }: { table: TableRecord; acts: Acts }) {
    const [of, setOf] = useState('');
    const parts = table.parts.filter((part) => PARTS[part.part as Part].ofRows || part.part === 'row_label');
    const aim = (event: SyntheticEvent) => setOf((event.target as HTMLElement).closest('li')?.dataset.rows ?? '');
    const read = (name: Part) => {
        for (const { top, bottom } of rangesOf(parts.find((part) => part.part === of))) {
            void acts.act('correct', {
                correction: { type: 'rows', row: table.top, column: table.left, first: top, last: bottom, part: name },
            });
        }
    };
    return (
        <ContextMenu.Root modal={false}>
            {/* A long touch opens it too, and is no press of the other button. */}
            <ContextMenu.Trigger asChild onPointerDownCapture={aim} onContextMenuCapture={aim}>
                <div>
                    <List>
                        {parts.map((part) => (
                            <PartRow key={part.part} part={part} why={table.runs.find((run) => run.part === part.part)?.why} />
                        ))}
                    </List>
                </div>
            </ContextMenu.Trigger>
            <ContextMenu.Portal>
                <ContextMenu.Content className="menu">
                    <ContextMenu.Label className="menu-label">Read these rows as</ContextMenu.Label>
                    {ROW_PARTS.map(({ part: name, one: words, letter }) => (
                        <ContextMenu.Item key={name} className="menu-item" onSelect={() => read(name)}>
                            <span className={`part-letter part-${name}`}>{letter}</span>
                            {words}
                        </ContextMenu.Item>
                    ))}
                </ContextMenu.Content>
            </ContextMenu.Portal>
        </ContextMenu.Root>
    );
}

const rangesOf = (part: PartRecord | undefined) => part?.ranges.flatMap((text) => parse(text) ?? []) ?? [];

function PartRow({ part, why }: { part: PartRecord; why: string | undefined }) {
    const ranges = rangesOf(part);
    const selected = useBench((state) => sameRanges(state.selection, ranges));
    return (
        <li data-rows={part.part}>
            <button
                type="button"
                title={why}
                aria-pressed={selected}
                className={`flex h-6 w-full items-center gap-2 px-3 text-left ${selected ? 'bg-brass-soft' : 'hover:bg-ground'}`}
                onClick={(event) => {
                    if (!choose(ranges, event)) useBench.setState({ scope: 'here' });
                }}
            >
                <span className={`part-letter part-${part.part}`} aria-hidden="true">
                    {part.letter}
                </span>
                <span className="flex-1">{part.words}</span>
                <span className="text-[11.5px] text-quiet">{part.count}</span>
            </button>
        </li>
    );
}

function rectOf(table: TableRecord) {
    return { top: table.top, left: table.left, bottom: table.bottom, right: table.right };
}
