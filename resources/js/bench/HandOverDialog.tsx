import { useQuery } from '@tanstack/react-query';
import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { api } from '@/api/client';
import type { BenchRecord, HandoverRecord, SheetDetail } from '@/api/types';
import { tell } from '@/parts/Messages';
import { HandedOver } from '@/work/HandedOver';
import { counted } from '@/parts/counted';
import { useReturnFocus } from '@/parts/useReturnFocus';
import { Shade } from '@/parts/Shade';

export function HandOverDialog({ bench, detail, onClose }: { bench: BenchRecord; detail: SheetDetail; onClose: () => void }) {
    useReturnFocus();
    const [format, setFormat] = useState('xlsx');
    const [defuse, setDefuse] = useState(false);
    const [started, setStarted] = useState<HandoverRecord | null>(null);
    const [busy, setBusy] = useState(false);
    const [conditions, setConditions] = useState(false);
    const [tables, setTables] = useState(false);
    const formats = useQuery({
        queryKey: ['formats', bench.id, detail.number, bench.stamp],
        queryFn: () => api.formats(bench.id, detail.number),
    });
    const stripes = formats.data?.find((each) => each.format === format)?.stripes ?? false;
    const asTables = formats.data?.find((each) => each.format === format)?.tables ?? false;
    const plain = format === 'csv' || format === 'tsv';
    const risk = useQuery({
        queryKey: ['risk', bench.id, detail.number, bench.stamp],
        queryFn: () => api.risk(bench.id, detail.number),
        enabled: plain,
    });
    const state = useQuery({
        queryKey: ['handover', started?.id],
        queryFn: () => api.handover(started?.id ?? ''),
        enabled: started !== null,
        initialData: started ?? undefined,
        refetchInterval: (query) => (['queued', 'running'].includes(query.state.data?.status ?? '') ? 500 : false),
    });
    const handover = started ? state.data : undefined;
    const write = () => {
        setBusy(true);
        void api
            .handOver(
                bench.id,
                format,
                defuse,
                format === 'pdf' ? null : detail.number,
                conditions && stripes,
                tables && asTables,
            )
            .then(setStarted, tell)
            .finally(() => setBusy(false));
    };
    return (
        <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
            <Dialog.Portal>
                <Shade />
                <Dialog.Content className="dialog w-[520px]" aria-describedby={undefined}>
                    <Dialog.Title className="mb-3 text-[15px] font-semibold">Hand over {bench.name}</Dialog.Title>
                    {!handover && (
                        <>
                            <div role="radiogroup" aria-label="Format">
                                {formats.data === undefined && <p className="py-6 text-quiet">Looking the workbook over…</p>}
                                {(formats.data ?? []).map((each) => (
                                    <label
                                        key={each.format}
                                        className={`mb-2 flex gap-3 rounded-md border p-2.5
                                                ${format === each.format ? 'border-damson bg-damson-soft' : 'border-hair'}`}
                                    >
                                        <input
                                            type="radio"
                                            name="format"
                                            className="mt-0.5 accent-damson"
                                            checked={format === each.format}
                                            onChange={() => setFormat(each.format)}
                                        />
                                        <span>
                                            <span className="font-semibold">{each.words}</span>
                                            <span className="block text-[12px] text-quiet">{each.about}</span>
                                            {format === each.format && each.lost.length > 0 && (
                                                <span className="mt-1 block text-[12px] text-caution">{each.lost.join(' ')}</span>
                                            )}
                                        </span>
                                    </label>
                                ))}
                            </div>
                            {plain && (risk.data?.risky ?? 0) > 0 && (
                                <label className="my-2 flex gap-2 rounded-md bg-brass-soft p-2.5 text-[12px]">
                                    <input
                                        type="checkbox"
                                        className="mt-0.5 accent-damson"
                                        checked={defuse}
                                        onChange={(event) => setDefuse(event.target.checked)}
                                    />
                                    <span>
                                        {counted(risk.data?.risky ?? 0, 'cell begins', 'cells begin')} with = + - or @, which
                                        other programs may run as a formula. Put an apostrophe before them. This changes those
                                        texts in the file, and only there.
                                    </span>
                                </label>
                            )}
                            {stripes && (
                                <label className="my-2 flex gap-2 px-2.5 text-[12px]">
                                    <input
                                        type="checkbox"
                                        className="mt-0.5 accent-damson"
                                        checked={conditions}
                                        onChange={(event) => setConditions(event.target.checked)}
                                    />
                                    <span>
                                        Stripes as a conditional format, not as fills: they keep their order when the file is
                                        sorted or filtered elsewhere.
                                    </span>
                                </label>
                            )}
                            {asTables && (
                                <label className="my-2 flex gap-2 px-2.5 text-[12px]">
                                    <input
                                        type="checkbox"
                                        className="mt-0.5 accent-damson"
                                        checked={tables}
                                        onChange={(event) => setTables(event.target.checked)}
                                    />
                                    <span>
                                        Tables as tables of the format, with a table style made from the stylebook: rows that are
                                        added elsewhere wear what the others do.
                                    </span>
                                </label>
                            )}
                            {bench.notices.map((notice) => (
                                <p key={notice} className="my-2 rounded-md bg-brass-soft p-2.5 text-[12px]">
                                    {notice}
                                </p>
                            ))}
                            <div className="mt-4 flex justify-end gap-2">
                                <button type="button" className="btn" onClick={onClose}>
                                    Not now
                                </button>
                                <button
                                    type="button"
                                    className="btn btn-primary"
                                    onClick={write}
                                    disabled={busy || formats.isPending}
                                >
                                    {busy ? 'Writing…' : 'Write the file'}
                                </button>
                            </div>
                        </>
                    )}
                    {handover && <HandedOver handover={handover} onClose={onClose} />}
                </Dialog.Content>
            </Dialog.Portal>
        </Dialog.Root>
    );
}
