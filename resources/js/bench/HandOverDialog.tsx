import { useQuery } from '@tanstack/react-query';
import { Check, Download } from 'lucide-react';
import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { api } from '@/api/client';
import type { BenchRecord, HandoverRecord, SheetDetail } from '@/api/types';
import { tell } from '@/parts/Messages';
import { counted } from '@/parts/counted';
import { useReturnFocus } from '@/parts/useReturnFocus';

export function HandOverDialog({ bench, detail, onClose }: { bench: BenchRecord; detail: SheetDetail; onClose: () => void }) {
    useReturnFocus();
    const [format, setFormat] = useState('xlsx');
    const [defuse, setDefuse] = useState(false);
    const [started, setStarted] = useState<HandoverRecord | null>(null);
    const [busy, setBusy] = useState(false);
    const [conditions, setConditions] = useState(false);
    const formats = useQuery({
        queryKey: ['formats', bench.id, detail.number, bench.stamp],
        queryFn: () => api.formats(bench.id, detail.number),
    });
    const stripes = formats.data?.find((each) => each.format === format)?.stripes ?? false;
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
            .handOver(bench.id, format, defuse, detail.number, conditions && stripes)
            .then(setStarted, tell)
            .finally(() => setBusy(false));
    };
    return (
        <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
            <Dialog.Portal>
                <Dialog.Overlay className="dialog-shade" />
                <Dialog.Content className="dialog w-[520px]" aria-describedby={undefined}>
                    <Dialog.Title className="mb-3 text-[15px] font-semibold">Hand over {bench.name}</Dialog.Title>
                    {!handover && (
                        <>
                            <div role="radiogroup" aria-label="Format">
                                {formats.data === undefined && <p className="py-6 text-quiet">Looking the workbook over…</p>}
                                {(formats.data ?? []).map((each) => (
                                    <label
                                        key={each.format}
                                        className={`mb-2 flex gap-3 rounded-md border p-2.5 ${format === each.format ? 'border-damson bg-damson-soft' : 'border-hair'}`}
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
                    {handover && <Outcome handover={handover} onClose={onClose} />}
                </Dialog.Content>
            </Dialog.Portal>
        </Dialog.Root>
    );
}

function Outcome({ handover, onClose }: { handover: HandoverRecord; onClose: () => void }) {
    if (handover.status === 'failed') {
        return (
            <>
                <p className="text-danger">{handover.message}</p>
                <div className="mt-4 flex justify-end">
                    <button type="button" className="btn" onClick={onClose}>
                        Close
                    </button>
                </div>
            </>
        );
    }
    if (handover.status !== 'done') {
        return (
            <>
                <p className="mb-2">
                    {handover.progress > 0
                        ? `${handover.progress.toLocaleString('en')} rows written…`
                        : 'The file is being written…'}
                </p>
                <div className="h-[5px] overflow-hidden rounded bg-damson-soft" role="progressbar" aria-label="Writing the file">
                    <div className="h-full w-1/3 animate-pulse bg-damson" />
                </div>
                <div className="mt-4 flex justify-end">
                    <button
                        type="button"
                        className="btn"
                        onClick={() => void api.cancelHandover(handover.id).then(onClose, tell)}
                    >
                        Stop
                    </button>
                </div>
            </>
        );
    }
    return (
        <>
            <p className="flex items-start gap-2 rounded-md border border-hair p-3" data-testid="proof">
                <Check size={16} className="mt-0.5 text-good" aria-hidden="true" />
                <span>
                    The file was read back: <b>{handover.cells?.toLocaleString('en')}</b> cells compared, <b>{handover.values}</b>{' '}
                    values and <b>{handover.formulas}</b> formulas changed
                    {handover.results > 0 && (
                        <>
                            , <b>{handover.results.toLocaleString('en')}</b> {handover.results === 1 ? 'result' : 'results'}{' '}
                            calculated anew
                        </>
                    )}
                    .
                    {handover.dataActs > 0 && (
                        <>
                            {' '}
                            It holds {handover.dataActs === 1 ? 'the 1 change' : `the ${handover.dataActs} changes`} of data that
                            the history names.
                        </>
                    )}
                    {handover.notCalculated > 0 && (
                        <>
                            {' '}
                            {handover.notCalculated === 1
                                ? '1 formula was'
                                : `${handover.notCalculated.toLocaleString('en')} formulas were`}{' '}
                            not calculated here: the file asks for it when it is opened.
                        </>
                    )}
                    {handover.resultPlaces.length > 0 && (
                        <details className="mt-1">
                            <summary>Results calculated anew</summary>
                            <span className="font-mono text-[11.5px]">
                                {handover.resultPlaces.join(', ')}
                                {handover.results > handover.resultPlaces.length && ' …'}
                            </span>
                        </details>
                    )}
                </span>
            </p>
            <div className="mt-4 flex justify-end gap-2">
                <button type="button" className="btn" onClick={onClose}>
                    Close
                </button>
                <a className="btn btn-primary" href={`/api/handovers/${handover.id}/file`} download>
                    <Download size={14} aria-hidden="true" /> Download the {handover.format}
                </a>
            </div>
        </>
    );
}
