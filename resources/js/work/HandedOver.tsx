import { Check, Download } from 'lucide-react';
import { api } from '@/api/client';
import type { HandoverRecord } from '@/api/types';
import { counted } from '@/parts/counted';
import { tell } from '@/parts/Messages';

/** How far a hand-over is, and what its proof says. */
export function HandedOver({ handover, onClose }: { handover: HandoverRecord; onClose: () => void }) {
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
                        ? `${handover.progress.toLocaleString('en')} ${handover.format === 'pdf' ? 'pages' : 'rows'} written…`
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
                    {handover.format === 'pdf' ? (
                        <>
                            <b>{counted(handover.cells ?? 0, 'page')}</b> written
                            {handover.missing.length > 0 && (
                                <>
                                    ; a square stands for what no shipped font has:{' '}
                                    <span className="font-mono">{handover.missing.join(' ')}</span>
                                </>
                            )}
                        </>
                    ) : (
                        <>
                            The file was read back: <b>{handover.cells?.toLocaleString('en')}</b> cells compared,{' '}
                            <b>{handover.values}</b> values and <b>{handover.formulas}</b> formulas changed
                        </>
                    )}
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
