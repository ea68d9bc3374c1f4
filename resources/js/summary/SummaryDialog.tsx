import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Plus, X } from 'lucide-react';
import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { api } from '@/api/client';
import type { BenchRecord, GivenField, GivenSummary, TableRecord } from '@/api/types';
import { useReturnFocus } from '@/parts/useReturnFocus';
import type { Acts } from '@/work/useActs';
import { useSumming } from './summing';
import { Shade } from '@/parts/Shade';

type Value = GivenSummary['values'][number];

const BY: [string, string][] = [
    ['value', 'each value'],
    ['month', 'month'],
    ['quarter', 'quarter'],
    ['year', 'year'],
    ['band', 'bands of'],
];
const FIGURES: [string, string][] = [
    ['sum', 'sum'],
    ['count', 'count'],
    ['mean', 'mean'],
    ['least', 'least'],
    ['greatest', 'greatest'],
];
const SHARES: [string, string][] = [
    ['none', 'as it is'],
    ['row', 'share of the row'],
    ['column', 'share of the column'],
    ['whole', 'share of the whole'],
];
const DATES = ['date', 'datetime'];
const GROUPED = ['category', 'boolean', ...DATES];
const FIGURED = ['integer', 'decimal', 'amount', 'percent', 'duration'];

/** Makes a sheet that sums up a table: what it would say is seen while it is put together. */
export function SummaryDialog({ bench, sheet, acts }: { bench: BenchRecord; sheet: number; acts: Acts }) {
    const table = useSumming((state) => state.table);
    return table && <Open key={`${sheet}.${table.range}`} bench={bench} sheet={sheet} table={table} acts={acts} />;
}

function Open({ bench, sheet, table, acts }: { bench: BenchRecord; sheet: number; table: TableRecord; acts: Acts }) {
    useReturnFocus();
    const columns = table.columns.filter((column) => column.heading);
    const kinds = new Map(columns.map((column) => [column.heading ?? '', column.kind]));
    const first =
        (
            columns.find((column) => column.kind === 'category') ??
            columns.find((column) => DATES.includes(column.kind)) ??
            columns[0]
        )?.heading ?? '';
    const amount =
        (columns.find((column) => column.kind === 'amount') ?? columns.find((column) => FIGURED.includes(column.kind)))
            ?.heading ?? null;
    const usual = (heading: string): GivenField => ({
        heading,
        by: DATES.includes(kinds.get(heading) ?? '') ? 'month' : 'value',
    });
    const [rows, setRows] = useState<GivenField[]>([usual(first)]);
    const [across, setAcross] = useState<GivenField | null>(null);
    const [values, setValues] = useState<Value[]>([{ heading: amount, figure: amount ? 'sum' : 'count' }]);
    /** Another column whose values make few groups. */
    const another = (used: GivenField[]) =>
        columns.find((column) => GROUPED.includes(column.kind) && !used.some((field) => field.heading === column.heading))
            ?.heading ??
        columns.find((column) => !used.some((field) => field.heading === column.heading))?.heading ??
        first;
    const [live, setLive] = useState(true);
    const of: GivenSummary = { sheet, rows, across, values, live };
    const seen = useQuery({
        queryKey: ['summary', bench.id, sheet, bench.stamp, of],
        queryFn: ({ signal }) => api.summary(bench.id, sheet, of, signal),
        placeholderData: keepPreviousData,
        retry: false,
    });
    const close = () => useSumming.setState({ table: null });
    const make = () => {
        close();
        void acts.act('summarise', { of });
    };
    const put = <T,>(list: T[], at: number, one: T) => list.map((old, index) => (index === at ? one : old));
    return (
        <Dialog.Root open onOpenChange={(open) => !open && close()}>
            <Dialog.Portal>
                <Shade />
                <Dialog.Content className="dialog w-[820px]" aria-describedby="summary-about">
                    <Dialog.Title className="text-[15px] font-semibold">Sum up the table at {table.range}</Dialog.Title>
                    <p id="summary-about" className="mt-1 mb-3 text-quiet">
                        On a sheet of its own. Its groups and totals are parts, so that they wear the stylebook whatever the data
                        does.
                    </p>
                    <div className="grid grid-cols-[92px_minmax(0,1fr)] items-start gap-x-3 gap-y-2">
                        <span className="pt-1.5 text-quiet">Rows by</span>
                        <div className="flex flex-col gap-1.5">
                            {rows.map((field, at) => (
                                <Field
                                    key={at}
                                    label={at === 0 ? 'Rows by' : 'and within'}
                                    field={field}
                                    columns={[...kinds.keys()]}
                                    onChange={(one) => setRows(put(rows, at, one))}
                                    usual={usual}
                                    onDrop={at > 0 ? () => setRows(rows.slice(0, 1)) : undefined}
                                />
                            ))}
                            {rows.length < 2 && columns.length > 1 && (
                                <button
                                    type="button"
                                    className={`flex items-center gap-1 self-start
                                            text-[12px] text-damson underline-offset-2 hover:underline`}
                                    onClick={() => setRows([...rows, usual(another(rows))])}
                                >
                                    <Plus size={12} /> and within them by another column
                                </button>
                            )}
                        </div>
                        <span className="pt-1.5 text-quiet">Side by side</span>
                        <div>
                            {across ? (
                                <Field
                                    label="Side by side"
                                    field={across}
                                    columns={[...kinds.keys()]}
                                    onChange={setAcross}
                                    usual={usual}
                                    onDrop={() => setAcross(null)}
                                />
                            ) : (
                                <button
                                    type="button"
                                    className="flex items-center gap-1 pt-1.5 text-[12px] text-damson underline-offset-2 hover:underline"
                                    onClick={() => setAcross(usual(another(rows)))}
                                >
                                    <Plus size={12} /> a column for each group of another column
                                </button>
                            )}
                        </div>
                        <span className="pt-1.5 text-quiet">Figures</span>
                        <div className="flex flex-col gap-1.5">
                            {values.map((value, at) => (
                                <div key={at} className="flex items-center gap-2">
                                    <Choose
                                        label={`Figure ${at + 1}`}
                                        value={value.figure ?? 'sum'}
                                        choices={value.heading === null ? FIGURES.slice(1, 2) : FIGURES}
                                        onChange={(figure) => setValues(put(values, at, { ...value, figure }))}
                                    />
                                    <span className="text-quiet">of</span>
                                    <Choose
                                        label={`Column of figure ${at + 1}`}
                                        value={value.heading ?? ''}
                                        choices={[
                                            ['', 'rows'],
                                            ...[...kinds.keys()].map((name): [string, string] => [name, name]),
                                        ]}
                                        onChange={(name) =>
                                            setValues(
                                                put(values, at, {
                                                    ...value,
                                                    heading: name || null,
                                                    figure:
                                                        name === '' || !FIGURED.includes(kinds.get(name) ?? '')
                                                            ? 'count'
                                                            : (value.figure ?? 'sum'),
                                                }),
                                            )
                                        }
                                    />
                                    <Choose
                                        label={`Figure ${at + 1} is shown`}
                                        value={value.share ?? 'none'}
                                        choices={value.figure === 'sum' || value.figure === 'count' ? SHARES : SHARES.slice(0, 1)}
                                        onChange={(share) => setValues(put(values, at, { ...value, share }))}
                                    />
                                    {values.length > 1 && (
                                        <button
                                            type="button"
                                            className="icon-btn"
                                            aria-label={`Leave figure ${at + 1} out`}
                                            onClick={() => setValues(values.filter((_, index) => index !== at))}
                                        >
                                            <X size={13} />
                                        </button>
                                    )}
                                </div>
                            ))}
                            {values.length < 8 && (
                                <button
                                    type="button"
                                    className={`flex items-center gap-1 self-start
                                            text-[12px] text-damson underline-offset-2 hover:underline`}
                                    onClick={() => setValues([...values, { heading: null, figure: 'count' }])}
                                >
                                    <Plus size={12} /> another figure
                                </button>
                            )}
                        </div>
                    </div>
                    <div
                        className="mt-3 h-[236px] overflow-auto rounded-md border border-hair"
                        tabIndex={0}
                        role="region"
                        aria-label="First rows of the summary"
                        aria-busy={seen.isFetching}
                    >
                        {seen.isError ? (
                            <p className="p-3 text-danger" role="alert">
                                {seen.error.message}
                            </p>
                        ) : (
                            <table className="w-full border-collapse text-[12.5px]">
                                <tbody>
                                    {seen.data?.rows.map((cells, at) => (
                                        <tr
                                            key={at}
                                            className={`border-b border-[#efeae1] ${at === 0 ? 'bg-ground font-semibold' : ''}`}
                                        >
                                            {cells.map((text, column) => (
                                                <td
                                                    key={column}
                                                    className={`px-2 py-0.5 ${column === 0 ? '' : 'text-right tabular-nums'}`}
                                                >
                                                    {text}
                                                </td>
                                            ))}
                                        </tr>
                                    ))}
                                </tbody>
                            </table>
                        )}
                    </div>
                    <div className="mt-4 flex items-center gap-3">
                        <label className="flex items-center gap-1.5">
                            <input
                                type="checkbox"
                                className="accent-damson"
                                checked={live}
                                onChange={(event) => setLive(event.target.checked)}
                            />
                            formulas that follow the table
                        </label>
                        <span className="min-w-0 flex-1 truncate text-quiet" role="status">
                            {seen.data && !seen.isError && `${seen.data.count} rows, ${seen.data.columns} columns`}
                        </span>
                        <button type="button" className="btn" onClick={close}>
                            Leave it
                        </button>
                        <button type="button" className="btn btn-primary" disabled={!seen.data || seen.isError} onClick={make}>
                            Make the sheet
                        </button>
                    </div>
                </Dialog.Content>
            </Dialog.Portal>
        </Dialog.Root>
    );
}

function Choose({
    label,
    value,
    choices,
    onChange,
}: {
    label: string;
    value: string;
    choices: [string, string][];
    onChange: (value: string) => void;
}) {
    return (
        <select
            className="field max-w-[190px] min-w-0"
            aria-label={label}
            value={value}
            onChange={(event) => onChange(event.target.value)}
        >
            {choices.map(([name, words]) => (
                <option key={name} value={name}>
                    {words}
                </option>
            ))}
        </select>
    );
}

function Field({
    label,
    field,
    columns,
    usual,
    onChange,
    onDrop,
}: {
    label: string;
    field: GivenField;
    columns: string[];
    usual: (heading: string) => GivenField;
    onChange: (field: GivenField) => void;
    onDrop?: () => void;
}) {
    return (
        <div className="flex items-center gap-2">
            <Choose
                label={label}
                value={field.heading}
                choices={columns.map((name) => [name, name])}
                onChange={(name) => onChange(usual(name))}
            />
            <Choose
                label={`${label}, put together by`}
                value={field.by ?? 'value'}
                choices={BY}
                onChange={(by) => onChange({ heading: field.heading, by, ...(by === 'band' ? { size: field.size ?? 100 } : {}) })}
            />
            {field.by === 'band' && (
                <input
                    type="number"
                    className="field w-20"
                    aria-label={`${label}, size of a band`}
                    min={0.01}
                    step="any"
                    value={field.size ?? 100}
                    onChange={(event) => onChange({ ...field, size: Number(event.target.value) })}
                />
            )}
            {onDrop && (
                <button type="button" className="icon-btn" aria-label={`Leave out: ${label}`} onClick={onDrop}>
                    <X size={13} />
                </button>
            )}
        </div>
    );
}
