import { useState } from 'react';
import type { RenewalRecord } from '@/api/types';
import { counted } from '@/parts/counted';
import type { Decided } from './renewing';

type Which = 'changes' | 'news' | 'lost';

/** Which rows are new, gone and changed, counted and shown. */
export function Rows({
    plan,
    decided,
    onDecide,
}: {
    plan: RenewalRecord;
    decided: Decided;
    onDecide: (change: Partial<Decided>) => void;
}) {
    const first: Which = plan.differing > 0 ? 'changes' : plan.new > 0 ? 'news' : 'lost';
    const [chosen, setWhich] = useState<Which | null>(null);
    const which = chosen ?? first;
    const keyed = plan.key.length > 0;
    const tabs: [Which, number, string][] = [
        ['changes', plan.differing, 'changed'],
        ['news', plan.new, 'new'],
        ['lost', plan.missing, 'gone'],
    ];
    const keys = plan.columns.filter((column) => column.from !== null && column.to !== null && column.state !== 'formula');
    const mode = decided.below
        ? 'below'
        : decided.key === null
          ? 'found'
          : decided.key.length === 0
            ? 'whole'
            : decided.key.join(',');
    return (
        <section aria-labelledby="renew-rows">
            <h3 id="renew-rows" className="mb-1 font-semibold">
                Rows
            </h3>
            <label className="flex items-center gap-2">
                <span className="w-[150px] flex-none">told apart by</span>
                <select
                    className="field w-[190px] flex-none"
                    aria-label="What tells rows apart"
                    value={mode}
                    onChange={(event) => {
                        const value = event.target.value;
                        onDecide({
                            below: value === 'below',
                            key: value === 'found' || value === 'below' ? null : value === 'whole' ? [] : [value],
                        });
                    }}
                >
                    <option value="found">
                        {keyed && decided.key === null ? `${plan.key.join(' and ')} (found)` : 'what is found'}
                    </option>
                    {keys.map((column) => (
                        <option key={column.to} value={column.heading}>
                            {column.heading}
                        </option>
                    ))}
                    <option value="whole">nothing: all rows in their order</option>
                    <option value="below">nothing: put all of them below</option>
                </select>
                <span className="min-w-0 flex-1 text-[12px] text-quiet">
                    {plan.why && !decided.below
                        ? `No column does: ${plan.why}. What stands beside a row stays where it stands.`
                        : keyed
                          ? 'Hand touches and notes follow their row.'
                          : ''}
                </span>
            </label>
            {plan.isReordered && (
                <p className="mt-1 text-[12px] text-quiet">The rows stand in another order here. It stays; new rows come last.</p>
            )}
            {plan.unkeyed > 0 && (
                <p className="mt-1 text-[12px] text-caution">
                    {counted(plan.unkeyed, 'row')} of the newer data {plan.unkeyed === 1 ? 'has' : 'have'} nothing there, and{' '}
                    {plan.unkeyed === 1 ? 'is' : 'are'} left out.
                </p>
            )}
            {plan.formulas > 0 && (
                <p className="mt-1 text-[12px] text-caution">
                    Values come in the place of {counted(plan.formulas, 'formula')} that{' '}
                    {plan.formulas === 1 ? 'stands' : 'stand'} among values.
                </p>
            )}
            <div className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-1">
                <label className="flex items-center gap-1.5">
                    <input
                        type="checkbox"
                        className="accent-damson"
                        checked={!decided.keepChanged}
                        disabled={plan.differing === 0}
                        onChange={(event) => onDecide({ keepChanged: !event.target.checked })}
                    />
                    take over what changed
                </label>
                <label className="flex items-center gap-1.5">
                    <input
                        type="checkbox"
                        className="accent-damson"
                        checked={!decided.keepGone}
                        disabled={plan.missing === 0}
                        onChange={(event) => onDecide({ keepGone: !event.target.checked })}
                    />
                    take out rows that are gone
                </label>
            </div>
            <div role="group" aria-label="Rows to look at" className="mt-2 flex gap-1.5">
                {tabs.map(([name, count, words]) => (
                    <button
                        key={name}
                        type="button"
                        aria-pressed={which === name}
                        className="btn h-7"
                        onClick={() => setWhich(name)}
                    >
                        {count.toLocaleString('en')} {words}
                    </button>
                ))}
                <span className="self-center text-[12px] text-quiet">
                    {plan.same > 0 && `${(plan.same - plan.differing).toLocaleString('en')} the same`}
                </span>
            </div>
            <div
                className="mt-2 h-[190px] overflow-auto rounded-md border border-hair"
                tabIndex={0}
                role="region"
                aria-label={`Rows that are ${tabs.find(([name]) => name === which)?.[2]}`}
            >
                <table className="w-full border-collapse text-[12px]">
                    <tbody>
                        {which === 'changes'
                            ? plan.changes.map((change, at) => (
                                  <tr key={at} className="border-b border-[#efeae1]">
                                      <th scope="row" className="px-2 py-0.5 text-left font-normal text-quiet">
                                          {change.key || `row ${change.row}`}
                                      </th>
                                      <td className="px-2 py-0.5">{change.heading}</td>
                                      <td className="px-2 py-0.5 text-quiet line-through">{change.was || 'blank'}</td>
                                      <td className="px-2 py-0.5 font-semibold">{change.is || 'blank'}</td>
                                  </tr>
                              ))
                            : plan[which].map((row, at) => (
                                  <tr key={at} className="border-b border-[#efeae1]">
                                      <th scope="row" className="px-2 py-0.5 text-left font-normal">
                                          {row.key || `row ${row.row}`}
                                      </th>
                                      <td className="px-2 py-0.5 text-quiet">
                                          row {row.row} {which === 'news' ? 'of the newer data' : 'of the sheet'}
                                      </td>
                                  </tr>
                              ))}
                    </tbody>
                </table>
                {tabs.find(([name]) => name === which)?.[1] === 0 && <p className="p-3 text-quiet">None.</p>}
            </div>
        </section>
    );
}
