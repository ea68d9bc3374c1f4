import { useQuery } from '@tanstack/react-query';
import { api, type Side } from '@/api/client';
import type { BenchRecord } from '@/api/types';

/** What can stand at a side, and how each is called. */
export interface SideNames {
    workbooks: { id: number; name: string }[];
    sheets: (workbook: number) => { number: number; name: string }[];
    steps: { id: number; words: string }[];
    books: { id: number; name: string; version: number }[];
    own: number;
    words: (side: Side) => string;
}

export function useSides(bench: BenchRecord): SideNames {
    const shelf = useQuery({ queryKey: ['shelf for sides'], queryFn: api.shelf, staleTime: 30_000 });
    const history = useQuery({
        queryKey: ['history', bench.id, 'side', bench.stamp],
        queryFn: () => api.history(bench.id),
        staleTime: Infinity,
    });
    const steps = (history.data ?? []).filter((one) => !one.undone);
    const workbooks = (shelf.data?.workbooks ?? []).map(({ id, name }) => ({ id, name }));
    return {
        workbooks,
        sheets: (workbook) => (workbook === bench.id ? bench.sheets : []),
        steps,
        books: (shelf.data?.stylebooks ?? []).map(({ id, name, version }) => ({ id, name, version })),
        own: bench.id,
        words: (side) => {
            const book =
                side.workbook === bench.id ? bench.name : (workbooks.find((one) => one.id === side.workbook)?.name ?? '');
            const dress = side.version && shelf.data?.stylebooks.find((one) => one.id === side.version?.stylebook)?.name;
            const when = dress
                ? `in ${dress}, version ${side.version?.number}`
                : side.at === null
                  ? 'now'
                  : side.at === 0
                    ? 'as it came'
                    : `after: ${steps.find((one) => one.id === side.at)?.words ?? ''}`;
            return `${book}, ${bench.sheets.find((one) => one.number === side.sheet)?.name ?? `sheet ${side.sheet}`}, ${when}`;
        },
    };
}

/** Which sheet stands at a side: of which workbook, which of its sheets, and when. */
export function SideChoice({
    label,
    side,
    names,
    onChange,
}: {
    label: string;
    side: Side;
    names: SideNames;
    onChange: (side: Side) => void;
}) {
    const other = useQuery({
        queryKey: ['bench of side', side.workbook],
        queryFn: () => api.bench(side.workbook),
        enabled: side.workbook !== names.own,
        staleTime: 10_000,
    });
    const sheets = side.workbook === names.own ? names.sheets(side.workbook) : (other.data?.sheets ?? []);
    const field = 'field min-w-0 max-w-full text-[12.5px]';
    return (
        <div className="flex min-w-0 items-center gap-1.5 px-2 py-1.5">
            <select
                className={field}
                aria-label={`${label}: workbook`}
                value={side.workbook}
                onChange={(event) => onChange({ workbook: Number(event.target.value), sheet: 1, at: null })}
            >
                {names.workbooks.map(({ id, name }) => (
                    <option key={id} value={id}>
                        {name}
                    </option>
                ))}
            </select>
            <select
                className={field}
                aria-label={`${label}: sheet`}
                value={side.sheet}
                onChange={(event) => onChange({ ...side, sheet: Number(event.target.value) })}
            >
                {sheets.map(({ number, name }) => (
                    <option key={number} value={number}>
                        {name}
                    </option>
                ))}
            </select>
            <select
                className={field}
                aria-label={`${label}: when`}
                value={side.version ? `${side.version.stylebook}:${side.version.number}` : (side.at ?? '')}
                onChange={(event) => {
                    const [first = '', second] = event.target.value.split(':');
                    const version = second === undefined ? null : { stylebook: Number(first), number: Number(second) };
                    onChange({ ...side, version, at: version || first === '' ? null : Number(first) });
                }}
            >
                <option value="">now</option>
                {side.workbook === names.own && <option value="0">as it came</option>}
                {side.workbook === names.own && names.steps.length > 0 && (
                    <optgroup label="After a step">
                        {names.steps.map(({ id, words }) => (
                            <option key={id} value={id}>
                                {words}
                            </option>
                        ))}
                    </optgroup>
                )}
                <optgroup label="In a stylebook">
                    {names.books.flatMap(({ id, name, version }) =>
                        Array.from({ length: Math.min(version, 10) }, (_, index) => (
                            <option key={`${id}:${version - index}`} value={`${id}:${version - index}`}>
                                {name}, version {version - index}
                            </option>
                        )),
                    )}
                </optgroup>
            </select>
        </div>
    );
}
