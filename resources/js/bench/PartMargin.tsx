import { DropdownMenu } from 'radix-ui';
import { memo, useState, type PointerEvent } from 'react';
import type { Rect } from '@/api/client';
import type { RunRecord, TableRecord } from '@/api/types';
import type { Axis } from '@/grid/geometry';
import { MenuButton } from '@/parts/openers';
import { useRoving } from '@/parts/useRoving';
import { ROW_PARTS } from '@/work/kinds';
import { useBench } from '@/work/state';
import type { Acts } from '@/work/useActs';

/** Brackets of the rows at the left of the row numbers. Their ends can be dragged, their menu corrects the reading. */
export function RowBrackets({
    tables,
    rows,
    view,
    column,
    acts,
}: {
    tables: TableRecord[];
    rows: Axis;
    view: Rect;
    column: number;
    acts: Acts;
}) {
    // Side by side, the table under the active cell is the one whose brackets show.
    const shown = tables.filter(
        (table) =>
            table.bottom >= view.top &&
            table.top <= view.bottom &&
            !tables.some((other) => other !== table && rivals(other, table) && nearer(other, table, column)),
    );
    const roving = useRoving<HTMLDivElement>('[role=row]');
    return (
        <div role="presentation" {...roving}>
            {shown.flatMap((table) =>
                table.runs
                    .filter((run) => run.part !== null && run.last >= view.top && run.first <= view.bottom)
                    .map((run) => (
                        <Bracket key={`${table.range}.${run.first}`} run={run} table={table} rows={rows} acts={acts} />
                    )),
            )}
        </div>
    );
}

const rivals = (a: TableRecord, b: TableRecord) => a.top <= b.bottom && b.top <= a.bottom;
const nearer = (a: TableRecord, b: TableRecord, column: number) =>
    (column >= a.left && column <= a.right) || (a.left < b.left && !(column >= b.left && column <= b.right));

const Bracket = memo(function Bracket({
    run,
    table,
    rows,
    acts,
}: {
    run: RunRecord;
    table: TableRecord;
    rows: Axis;
    acts: Acts;
}) {
    const [pulled, setPulled] = useState<{ end: 'first' | 'last'; row: number } | null>(null);
    const first = pulled?.end === 'first' ? pulled.row : run.first;
    const last = pulled?.end === 'last' ? pulled.row : run.last;
    const top = rows.start(first) + 1;
    const height = rows.end(last) - top - 1;
    const correct = (from: number, to: number, part: string | null) =>
        void acts.act('correct', {
            correction: { type: 'rows', row: run.first, column: table.left, first: from, last: to, part },
        });

    const start = (end: 'first' | 'last') => (event: PointerEvent<HTMLElement>) => {
        event.preventDefault();
        event.stopPropagation();
        const y = event.clientY;
        const target = event.currentTarget;
        const origin = end === 'first' ? rows.start(run.first) : rows.end(run.last) - 1;
        target.setPointerCapture(event.pointerId);
        let row = run[end];
        const move = (moved: globalThis.PointerEvent) => {
            // The end snaps to the nearest edge between two rows.
            const half = rows.sizeOf(row) / 2;
            row = Math.max(1, rows.at(origin + moved.clientY - y + (end === 'first' ? half : -half)));
            row = end === 'first' ? Math.min(row, run.last) : Math.max(row, run.first);
            setPulled({ end, row });
        };
        const up = () => {
            target.removeEventListener('pointermove', move);
            target.removeEventListener('pointerup', up);
            setPulled(null);
            if (row === run[end]) return;
            // A bracket that grows takes its neighbour's rows; one that shrinks leaves them to the neighbour.
            const index = table.runs.findIndex((other) => other.first === run.first);
            const neighbour = table.runs[end === 'first' ? index - 1 : index + 1]?.part ?? null;
            if (end === 'last' && row > run.last) correct(run.first, row, run.part);
            else if (end === 'last') correct(row + 1, run.last, neighbour);
            else if (row < run.first) correct(row, run.last, run.part);
            else correct(run.first, row - 1, neighbour);
        };
        target.addEventListener('pointermove', move);
        target.addEventListener('pointerup', up);
    };

    // What came second in the reading stands first.
    const second = ROW_PARTS.find(({ part }) => part === run.second && part !== run.part);
    const choices = [...(second ? [second] : []), ...ROW_PARTS.filter(({ part }) => part !== run.part && part !== second?.part)];

    return (
        <div
            role="row"
            className={`group absolute part-${run.part ?? ''}`}
            style={{ left: 1, width: 13, top, height }}
            data-part={run.part}
        >
            <div role="rowheader" className="h-full">
                <MenuButton
                    className="absolute inset-0 left-[2px] rounded-l-[2px] border-2 border-r-0"
                    style={{ borderColor: 'var(--part)' }}
                    aria-label={`${run.words}, rows ${run.first} to ${run.last}`}
                    title={`${run.words}: ${run.why}`}
                    onPointerDown={(event) => event.stopPropagation()}
                    side="right"
                    align="start"
                    face={
                        <span
                            className={`unmirrored part-letter part-${run.part ?? ''}
                                    absolute top-1/2 left-[-2px] z-10 -translate-y-1/2 scale-90 opacity-0 group-hover:opacity-100`}
                        >
                            {run.letter}
                        </span>
                    }
                >
                    <DropdownMenu.Label className="menu-label">
                        {run.words}, read {Math.round(run.confidence * 100)}%: {run.why}
                        {second ? `. Second choice: ${second.one.toLowerCase()}` : ''}
                    </DropdownMenu.Label>
                    <DropdownMenu.Item
                        className="menu-item"
                        onSelect={() =>
                            useBench
                                .getState()
                                .select([{ top: run.first, left: table.left, bottom: run.last, right: table.right }])
                        }
                    >
                        Select these rows
                    </DropdownMenu.Item>
                    <DropdownMenu.Label className="menu-label">Read as</DropdownMenu.Label>
                    {choices.map(({ part, one: words, letter }) => (
                        <DropdownMenu.Item key={part} className="menu-item" onSelect={() => correct(run.first, run.last, part)}>
                            <span className={`part-letter part-${part}`}>{letter}</span> {words}
                        </DropdownMenu.Item>
                    ))}
                    <DropdownMenu.Item className="menu-item" onSelect={() => correct(run.first, run.last, null)}>
                        Blank spacer
                    </DropdownMenu.Item>
                    {run.first > table.top && (
                        <DropdownMenu.Item
                            className="menu-item"
                            onSelect={() =>
                                void acts.act('correct', {
                                    correction: { type: 'split', row: run.first, column: table.left },
                                })
                            }
                        >
                            Another table begins here
                        </DropdownMenu.Item>
                    )}
                </MenuButton>
            </div>
            <i
                className="absolute top-[-1px] left-0 h-[6px] w-[14px] cursor-ns-resize"
                data-handle="first"
                onPointerDown={start('first')}
            />
            <i
                className="absolute bottom-[-1px] left-0 h-[6px] w-[14px] cursor-ns-resize"
                data-handle="last"
                onPointerDown={start('last')}
            />
        </div>
    );
});

const ROLES: Record<string, string> = {
    label: 'Row labels',
    data: 'Body',
    total: 'Totals across',
    heading: 'Headings at the left',
};

/** Brackets over the columns: row labels, data, totals across, headings at the left. */
export function ColumnBrackets({
    tables,
    columns,
    view,
    active,
}: {
    tables: TableRecord[];
    columns: Axis;
    view: Rect;
    active: number;
}) {
    const ordered = [...tables].sort((a, b) => distance(a, active) - distance(b, active));
    const shown = ordered.filter(
        (table, index) => !ordered.slice(0, index).some((other) => other.left <= table.right && table.left <= other.right),
    );
    const parts: Record<string, string> = { label: 'row_label', data: 'body', total: 'total', heading: 'heading' };
    return shown.flatMap((table) => {
        const stretches: { role: string; first: number; last: number }[] = [];
        for (const column of table.columns) {
            const last = stretches.at(-1);
            if (last && last.role === column.role) last.last = column.column;
            else stretches.push({ role: column.role, first: column.column, last: column.column });
        }
        return stretches
            .filter(
                (stretch) =>
                    parts[stretch.role] && stretch.first <= view.right && stretch.last >= Math.min(view.left, table.left),
            )
            .map((stretch) => (
                <div
                    key={`${table.range}.${stretch.first}`}
                    role="columnheader"
                    aria-label={ROLES[stretch.role]}
                    className={`pointer-events-none absolute h-[8px] rounded-t-[2px] border-t-[3px] border-r-2 border-l-2
                            part-${parts[stretch.role]}`}
                    style={{
                        top: 4,
                        left: columns.start(stretch.first) + 1,
                        width: columns.end(stretch.last) - columns.start(stretch.first) - 2,
                        borderColor: 'var(--part)',
                    }}
                    title={ROLES[stretch.role]}
                />
            ));
    });
}

const distance = (table: TableRecord, row: number) =>
    row < table.top ? table.top - row : row > table.bottom ? row - table.bottom : 0;
