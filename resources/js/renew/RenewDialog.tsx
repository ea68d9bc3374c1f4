import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Dialog } from 'radix-ui';
import { useCallback, useState } from 'react';
import { api } from '@/api/client';
import type { BenchRecord, TableRecord } from '@/api/types';
import { useReturnFocus } from '@/parts/useReturnFocus';
import type { Acts } from '@/work/useActs';
import { Columns } from './Columns';
import { Rows } from './Rows';
import { Source, type Newer } from './Source';
import { UNDECIDED, useRenewing, type Decided } from './renewing';
import { Shade } from '@/parts/Shade';

/** Brings newer data into a table: all of it is seen before it is kept. */
export function RenewDialog({ bench, sheet, acts }: { bench: BenchRecord; sheet: number; acts: Acts }) {
    const { table, file } = useRenewing();
    return table && <Open key={`${sheet}.${table.range}`} bench={bench} sheet={sheet} table={table} file={file} acts={acts} />;
}

function Open({
    bench,
    sheet,
    table,
    file,
    acts,
}: {
    bench: BenchRecord;
    sheet: number;
    table: TableRecord;
    file: File | null;
    acts: Acts;
}) {
    useReturnFocus();
    const [newer, setNewer] = useState<Newer | null>(null);
    const [decided, setDecided] = useState<Decided>(UNDECIDED);
    const place = { row: table.top, column: table.left };
    const asked = newer && { ...place, from: newer.workbook, ...decided };
    const plan = useQuery({
        queryKey: ['renewal', bench.id, sheet, bench.stamp, asked],
        queryFn: ({ signal }) => asked && api.renewal(bench.id, sheet, asked, signal),
        enabled: asked !== null,
        placeholderData: keepPreviousData,
        retry: false,
    });
    const leave = () => {
        useRenewing.setState({ table: null, file: null });
        // What came for this alone goes again; tidying does it where this is not heard.
        if (newer?.isOwn) void api.remove(newer.workbook).catch(() => undefined);
    };
    const keep = () => {
        if (!asked) return;
        useRenewing.setState({ table: null, file: null });
        void acts.act('bringAnew', asked);
    };
    const ready = useCallback((one: Newer) => setNewer(one), []);
    const decide = (change: Partial<Decided>) => setDecided((old) => ({ ...old, ...change }));
    const record = plan.data;
    return (
        <Dialog.Root open onOpenChange={(open) => !open && leave()}>
            <Dialog.Portal>
                <Shade />
                <Dialog.Content className="dialog w-[760px]" aria-describedby="renew-about">
                    <Dialog.Title className="text-[15px] font-semibold">
                        Bring newer data into the table at {table.range}
                    </Dialog.Title>
                    <p id="renew-about" className="mt-1 mb-3 text-quiet">
                        {newer
                            ? `From ${newer.name}. Nothing is kept before you say so, and one undo takes all of it back.`
                            : 'The table keeps its looks, notes and formulas; its rows become those of the newer data.'}
                    </p>
                    {!newer && <Source id={bench.id} file={file} onReady={ready} />}
                    {newer && plan.isError && (
                        <div role="alert">
                            <p className="text-danger">{plan.error.message}</p>
                            {decided !== UNDECIDED && (
                                <button type="button" className="btn mt-2" onClick={() => setDecided(UNDECIDED)}>
                                    Back to what was found
                                </button>
                            )}
                        </div>
                    )}
                    {newer && plan.isPending && (
                        <p className="py-8 text-center text-quiet" role="status">
                            Comparing the two tables…
                        </p>
                    )}
                    {newer && record && !plan.isError && (
                        <div className="flex flex-col gap-4" aria-busy={plan.isFetching}>
                            <Columns plan={record} decided={decided} onDecide={decide} />
                            <Rows plan={record} decided={decided} onDecide={decide} />
                        </div>
                    )}
                    <div className="mt-4 flex items-center gap-2">
                        <span className="min-w-0 flex-1 text-quiet" role={newer ? 'status' : undefined}>
                            {newer &&
                                record &&
                                !plan.isError &&
                                (record.isNothing ? 'Nothing would change.' : `${record.words}.`)}
                        </span>
                        <button type="button" className="btn" onClick={leave}>
                            Leave it
                        </button>
                        {newer && (
                            <button
                                type="button"
                                className="btn btn-primary"
                                disabled={!record || plan.isError || plan.isFetching || record.isNothing}
                                onClick={keep}
                            >
                                Bring it in
                            </button>
                        )}
                    </div>
                </Dialog.Content>
            </Dialog.Portal>
        </Dialog.Root>
    );
}
