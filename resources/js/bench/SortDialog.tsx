import { Plus, X } from 'lucide-react';
import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { create } from 'zustand';
import type { TableRecord } from '@/api/types';
import type { Acts } from '@/work/useActs';
import { useReturnFocus } from '@/parts/useReturnFocus';
import { Shade } from '@/parts/Shade';

/** The table that is to be sorted, and the column that was asked from. */
export const useSorting = create<{ table: TableRecord | null; column: number }>(() => ({ table: null, column: 0 }));

/** Sorts a table by one column, then by others where rows are equal. */
export function SortDialog({ acts }: { acts: Acts }) {
    const { table, column } = useSorting();
    return table && <Open key={`${table.range}.${column}`} table={table} column={column} acts={acts} />;
}

function Open({ table, column, acts }: { table: TableRecord; column: number; acts: Acts }) {
    useReturnFocus();
    const other = table.columns.find((each) => each.column !== column)?.column;
    const [keys, setKeys] = useState<[number, boolean][]>([
        [column, false],
        ...(other ? [[other, false] as [number, boolean]] : []),
    ]);
    const close = () => useSorting.setState({ table: null });
    const put = (index: number, key: [number, boolean]) => setKeys(keys.map((old, at) => (at === index ? key : old)));
    const free = table.columns.find((each) => !keys.some(([used]) => used === each.column));
    const sort = () => {
        close();
        const row = table.runs.find((run) => run.part === 'body')?.first ?? table.top;
        void acts.act('sort', { row, column: table.left, keys });
    };
    return (
        <Dialog.Root open onOpenChange={(open) => !open && close()}>
            <Dialog.Portal>
                <Shade />
                <Dialog.Content className="dialog w-[460px]" aria-describedby="sort-about">
                    <Dialog.Title className="text-[15px] font-semibold">Sort the table at {table.range}</Dialog.Title>
                    <p id="sort-about" className="mt-2 text-quiet">
                        Headings, groups and totals stay in place; whole rows move, and what they wear goes along. Blanks come
                        last.
                    </p>
                    <ol className="mt-3 flex flex-col gap-2">
                        {keys.map(([chosen, down], index) => (
                            <li key={index} className="flex items-center gap-2">
                                <span className="w-14 flex-none text-quiet">{index === 0 ? 'by' : 'then by'}</span>
                                <select
                                    className="field min-w-0 flex-1"
                                    aria-label={`Column ${index + 1}`}
                                    value={chosen}
                                    onChange={(event) => put(index, [Number(event.target.value), down])}
                                >
                                    {table.columns.map((each) => (
                                        <option key={each.column} value={each.column}>
                                            {each.letters} {each.heading ?? ''}
                                        </option>
                                    ))}
                                </select>
                                <select
                                    className="field w-[124px] flex-none"
                                    aria-label={`Order of column ${index + 1}`}
                                    value={down ? 'down' : 'up'}
                                    onChange={(event) => put(index, [chosen, event.target.value === 'down'])}
                                >
                                    <option value="up">least first</option>
                                    <option value="down">greatest first</option>
                                </select>
                                <button
                                    type="button"
                                    className="icon-btn flex-none"
                                    aria-label={`Leave out column ${index + 1}`}
                                    disabled={keys.length === 1}
                                    onClick={() => setKeys(keys.filter((_, at) => at !== index))}
                                >
                                    <X size={13} />
                                </button>
                            </li>
                        ))}
                    </ol>
                    <div className="mt-4 flex gap-2">
                        <button
                            type="button"
                            className="btn"
                            disabled={!free || keys.length >= 16}
                            onClick={() => free && setKeys([...keys, [free.column, false]])}
                        >
                            <Plus size={13} /> Another column
                        </button>
                        <span className="flex-1" />
                        <button type="button" className="btn" onClick={close}>
                            Leave it
                        </button>
                        <button type="button" className="btn btn-primary" onClick={sort}>
                            Sort
                        </button>
                    </div>
                </Dialog.Content>
            </Dialog.Portal>
        </Dialog.Root>
    );
}
