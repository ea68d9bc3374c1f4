import type { RenewalColumnRecord, RenewalRecord } from '@/api/types';
import type { Decided } from './renewing';

const PUT_IN = 0;
const LEAVE = -1;

const SAYS: Record<string, string> = {
    same: 'same heading',
    new: 'put in as a new column',
    left: 'left out',
    missing: 'not in the newer data; stays as it is',
    gone: 'taken out',
    formula: 'worked out here; goes on over new rows',
};

const said = (column: RenewalColumnRecord) =>
    column.state === 'renamed'
        ? column.share === null
            ? 'paired by hand'
            : `renamed: ${Math.round(column.share * 100)} % of its values are the same`
        : SAYS[column.state];

/** Which column of the newer data goes where; what is not under the same heading is shown for a decision. */
export function Columns({
    plan,
    decided,
    onDecide,
}: {
    plan: RenewalRecord;
    decided: Decided;
    onDecide: (change: Partial<Decided>) => void;
}) {
    const others = plan.columns.filter((column) => column.state !== 'same' && column.state !== 'formula');
    const quiet = plan.columns.filter((column) => column.state === 'same').length;
    const worked = plan.columns.filter((column) => column.state === 'formula').map((column) => column.heading);
    const pair = (from: number, to: number) =>
        onDecide({ pairs: [...decided.pairs.filter(([each]) => each !== from), [from, to]] });
    return (
        <section aria-labelledby="renew-columns">
            <h3 id="renew-columns" className="mb-1 font-semibold">
                Columns
            </h3>
            <p className="text-[12px] text-quiet">
                {quiet} under the same heading
                {worked.length > 0 && `; ${worked.join(', ')} ${worked.length === 1 ? 'is' : 'are'} worked out here and go on`}
                {others.length === 0 ? '.' : '. These want a look:'}
            </p>
            <ul className="mt-1.5 flex flex-col gap-1.5">
                {others.map((column) => (
                    <li key={`${column.from}.${column.to}`} className="flex items-center gap-2">
                        <span className="w-[150px] flex-none truncate font-semibold" title={column.other ?? column.heading}>
                            {column.other ?? (column.heading || 'no heading')}
                        </span>
                        {column.from !== null ? (
                            <select
                                className="field w-[190px] flex-none"
                                aria-label={`Where ${column.other ?? column.heading} goes`}
                                value={column.state === 'left' ? LEAVE : (column.to ?? PUT_IN)}
                                onChange={(event) => pair(column.from ?? 0, Number(event.target.value))}
                            >
                                <option value={PUT_IN}>a new column</option>
                                <option value={LEAVE}>leave it out</option>
                                {plan.places.map((place, at) => (
                                    <option key={place} value={place}>
                                        into {plan.headings[at] || `column ${place}`}
                                    </option>
                                ))}
                            </select>
                        ) : (
                            <select
                                className="field w-[190px] flex-none"
                                aria-label={`What becomes of ${column.heading}`}
                                value={column.state === 'gone' ? 'out' : 'stays'}
                                onChange={(event) => {
                                    const rest = decided.without.filter((each) => each !== column.to);
                                    onDecide({ without: event.target.value === 'out' ? [...rest, column.to ?? 0] : rest });
                                }}
                            >
                                <option value="stays">stays</option>
                                <option value="out">take it out</option>
                            </select>
                        )}
                        <span className="min-w-0 flex-1 truncate text-[12px] text-quiet" title={said(column)}>
                            {said(column)}
                        </span>
                    </li>
                ))}
            </ul>
        </section>
    );
}
