import { DropdownMenu } from 'radix-ui';
import type { ColumnRecord, TableRecord, TypingRecord } from '@/api/types';
import { ColumnKinds, KINDS, type ColumnKind } from '@/api/types';
import { RowMenu } from '@/parts/RowMenu';
import { KindIcon } from '@/work/kinds';
import { useBench } from '@/work/state';
import type { Acts } from '@/work/useActs';
import { choose, sameRanges } from './choose';
import { useSorting } from './SortDialog';

/** What a row of a turned table holds. */
export function LineRow({ line, table }: { line: ColumnRecord; table: TableRecord }) {
    const ranges = [{ top: line.column, left: table.left + 1, bottom: line.column, right: table.right }];
    const selected = useBench((state) => sameRanges(state.selection, ranges));
    return (
        <li className={`flex h-6 items-center ${selected ? 'bg-brass-soft' : 'hover:bg-ground'}`}>
            <button
                type="button"
                aria-pressed={selected}
                className="flex h-full min-w-0 flex-1 items-center gap-2 pr-3 pl-3 text-left"
                onClick={(event) => choose(ranges, event)}
            >
                <span className="w-[16px] font-mono text-[11.5px] text-quiet">{line.letters}</span>
                <span className="grid w-4 place-items-center text-quiet">
                    <KindIcon kind={line.kind} />
                </span>
                <span className="flex-1 truncate">{line.heading ?? '(no heading)'}</span>
                <span className="text-[11.5px] text-quiet">{KINDS[line.kind as ColumnKind].words}</span>
            </button>
        </li>
    );
}

/** A column of a table: what it holds, and the menu that corrects it. */
export function ColumnRow({
    column,
    table,
    typing,
    acts,
    onCondition,
}: {
    column: ColumnRecord;
    table: TableRecord;
    typing: TypingRecord | undefined;
    acts: Acts;
    onCondition: () => void;
}) {
    // A column is its body: title, groups and totals are parts of their own.
    const ranges = table.runs
        .filter((run) => run.part === 'body')
        .map((run) => ({ top: run.first, left: column.column, bottom: run.last, right: column.column }));
    const selected = useBench((state) => sameRanges(state.selection, ranges));
    const row = table.runs.find((run) => run.part === 'body')?.first ?? table.top;
    const correct = (change: object) =>
        void acts.act('correct', { correction: { type: 'column', row, column: column.column, ...change } });
    const sort = (down: boolean) => void acts.act('sort', { row, column: column.column, keys: [[column.column, down]] });
    return (
        <li className={`group flex h-6 items-center ${selected ? 'bg-brass-soft' : 'hover:bg-ground'}`}>
            <button
                type="button"
                title={column.why}
                aria-pressed={selected}
                className="flex h-full min-w-0 flex-1 items-center gap-2 pl-3 text-left"
                onClick={(event) => choose(ranges, event)}
            >
                <span className="w-[16px] font-mono text-[11.5px] text-quiet">{column.letters}</span>
                <span className="grid w-4 place-items-center text-quiet">
                    <KindIcon kind={column.kind} />
                </span>
                <span className="flex-1 truncate">{column.heading ?? '(no heading)'}</span>
                <span className={`text-[11.5px] ${typing?.unsure ? 'font-semibold text-caution' : 'text-quiet'}`}>
                    {typing?.unsure ? 'unsure' : KINDS[column.kind as ColumnKind].words}
                </span>
            </button>
            <RowMenu label={`Correct column ${column.letters}`}>
                <DropdownMenu.Label className="menu-label">Sort the table by it</DropdownMenu.Label>
                <DropdownMenu.Item className="menu-item" onSelect={() => sort(false)}>
                    Least first
                </DropdownMenu.Item>
                <DropdownMenu.Item className="menu-item" onSelect={() => sort(true)}>
                    Greatest first
                </DropdownMenu.Item>
                <DropdownMenu.Item className="menu-item" onSelect={() => useSorting.setState({ table, column: column.column })}>
                    By several columns…
                </DropdownMenu.Item>
                <DropdownMenu.Separator className="menu-line" />
                <DropdownMenu.Item
                    className="menu-item"
                    onSelect={() => {
                        useBench.getState().select(ranges);
                        onCondition();
                    }}
                >
                    A look while something is true…
                </DropdownMenu.Item>
                <DropdownMenu.Label className="menu-label">Column {column.letters} is</DropdownMenu.Label>
                <DropdownMenu.Item className="menu-item" onSelect={() => correct({ role: 'label' })}>
                    Row labels
                </DropdownMenu.Item>
                <DropdownMenu.Item className="menu-item" onSelect={() => correct({ role: 'heading' })}>
                    Headings of the rows
                </DropdownMenu.Item>
                <DropdownMenu.Item className="menu-item" onSelect={() => correct({ role: 'data' })}>
                    Data
                </DropdownMenu.Item>
                <DropdownMenu.Item className="menu-item" onSelect={() => correct({ role: 'total' })}>
                    A total across
                </DropdownMenu.Item>
                <DropdownMenu.Label className="menu-label">It holds</DropdownMenu.Label>
                <DropdownMenu.Group className="grid grid-cols-2">
                    {ColumnKinds.map((kind) => (
                        <DropdownMenu.Item key={kind} className="menu-item" onSelect={() => correct({ kind })}>
                            <KindIcon kind={kind} /> {KINDS[kind].words}
                        </DropdownMenu.Item>
                    ))}
                </DropdownMenu.Group>
                {typing && <TypingItems typing={typing} acts={acts} />}
            </RowMenu>
        </li>
    );
}

function TypingItems({ typing, acts }: { typing: TypingRecord; acts: Acts }) {
    const type = (change: object) =>
        void acts.act('type', {
            column: typing.column,
            kind: typing.kind,
            decimal: typing.decimal,
            order: typing.order,
            ...change,
        });
    return (
        <>
            <DropdownMenu.Label className="menu-label">
                Its text was typed as {typing.kind}
                {typing.why ? `: ${typing.why}` : ''}
            </DropdownMenu.Label>
            {typing.kind !== 'text' && (
                <DropdownMenu.Item className="menu-item" onSelect={() => type({ kind: 'text' })}>
                    Take back to the text as it came
                </DropdownMenu.Item>
            )}
            {typing.kind === 'text' && (
                <DropdownMenu.Item className="menu-item" onSelect={() => type({ kind: 'number' })}>
                    Type as numbers
                </DropdownMenu.Item>
            )}
            {typing.kind === 'number' && (
                <DropdownMenu.Item className="menu-item" onSelect={() => type({ decimal: typing.decimal === '.' ? ',' : '.' })}>
                    Decimal sign is the {typing.decimal === '.' ? 'comma' : 'point'}
                </DropdownMenu.Item>
            )}
            {typing.kind === 'date' && typing.order !== 'ymd' && (
                <DropdownMenu.Item className="menu-item" onSelect={() => type({ order: typing.order === 'dmy' ? 'mdy' : 'dmy' })}>
                    {typing.order === 'dmy' ? 'Month stands before day' : 'Day stands before month'}
                </DropdownMenu.Item>
            )}
        </>
    );
}
