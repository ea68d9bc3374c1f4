import { useQuery } from '@tanstack/react-query';
import { FileInput } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { api, Refused, stumbled } from '@/api/client';
import { newName } from '@/api/names';
import { BROUGHT_IN, type ImportRecord } from '@/api/types';
import { tell } from '@/parts/Messages';

export interface Newer {
    workbook: number;
    name: string;
    /** It came for this alone, and goes again. */
    isOwn: boolean;
}

/** Where newer data comes from: a file, the clipboard, or a workbook of the shelf. */
export function Source({ id, file, onReady }: { id: number; file: File | null; onReady: (newer: Newer) => void }) {
    const [coming, setComing] = useState<ImportRecord | null>(null);
    const [busy, setBusy] = useState(false);
    const [message, setMessage] = useState<string | null>(null);
    const [again, setAgain] = useState<(() => void) | null>(null);
    const [dropping, setDropping] = useState(false);
    const picker = useRef<HTMLInputElement>(null);
    const begun = useRef(false);
    const shelf = useQuery({ queryKey: ['shelf'], queryFn: api.shelf });
    const others = (shelf.data?.workbooks ?? []).filter((each) => each.id !== id);
    const state = useQuery({
        queryKey: ['import', coming?.id],
        queryFn: () => api.importState(coming?.id ?? ''),
        enabled: coming !== null && coming.status !== 'done',
        refetchInterval: 400,
    });
    const now = state.data ?? coming;
    const said = now?.status === 'failed' ? now.message : message;
    const take = (send: () => Promise<ImportRecord>) => {
        setBusy(true);
        setMessage(null);
        setAgain(null);
        void send()
            .then(
                (incoming) => {
                    if (incoming.status === 'failed') setMessage(incoming.message);
                    else setComing(incoming);
                },
                (fault: unknown) => {
                    if (!(fault instanceof Refused) || !stumbled(fault)) return tell(fault);
                    setMessage(fault.message);
                    // What the server was not there for need not be looked for once more.
                    setAgain(() => () => take(send));
                },
            )
            .finally(() => setBusy(false));
    };
    const takeFile = ([file]: File[]) => file && take(() => api.upload(file, id));
    useEffect(() => {
        if (now?.status === 'done' && now.workbook) onReady({ workbook: now.workbook, name: now.name, isOwn: true });
    }, [now?.status, now?.workbook, now?.name, onReady]);
    useEffect(() => {
        if (file && !begun.current) {
            begun.current = true;
            takeFile([file]);
        }
    });
    useEffect(() => {
        const paste = (event: ClipboardEvent) => {
            if (!event.clipboardData) return;
            event.preventDefault();
            const files = [...event.clipboardData.files];
            if (files.length > 0) return takeFile(files);
            const [plain, html] = [event.clipboardData.getData('text/plain'), event.clipboardData.getData('text/html')];
            const name = newName();
            take(() => api.paste(name, plain, html, id));
        };
        document.addEventListener('paste', paste, true);
        return () => document.removeEventListener('paste', paste, true);
    });
    if (busy || (coming && now?.status !== 'failed'))
        return (
            <div className="py-10 text-center" role="status">
                <p className="font-semibold">Reading the newer data…</p>
                <div
                    className="mx-auto my-3 h-[5px] w-56 overflow-hidden rounded bg-damson-soft"
                    role="progressbar"
                    aria-label="Reading"
                >
                    <div className="h-full w-1/3 animate-pulse bg-damson" />
                </div>
                <p className="text-quiet">{now && now.progress > 0 ? `${now.progress.toLocaleString('en')} rows so far` : ''}</p>
                {coming && (
                    <button
                        type="button"
                        className="btn mt-2"
                        onClick={() => void api.cancelImport(coming.id).then(() => setComing(null), tell)}
                    >
                        Stop
                    </button>
                )}
            </div>
        );
    return (
        <div
            onDragOver={(event) => {
                event.preventDefault();
                setDropping(true);
            }}
            onDragLeave={(event) => event.currentTarget === event.target && setDropping(false)}
            onDrop={(event) => {
                event.preventDefault();
                event.stopPropagation();
                setDropping(false);
                takeFile([...event.dataTransfer.files]);
            }}
        >
            {said && (
                <p className="mb-3 text-danger" role="alert">
                    {said}
                    {again && (
                        <button type="button" className="btn mt-2 flex" onClick={again}>
                            Try again
                        </button>
                    )}
                </p>
            )}
            <button
                type="button"
                className={`flex w-full flex-col items-center gap-2 rounded-md border border-dashed px-4 py-8
                        ${dropping ? 'border-damson bg-damson-soft' : 'border-[#b9b1a4]'}`}
                onClick={() => picker.current?.click()}
            >
                <FileInput size={24} className="text-quiet" aria-hidden="true" />
                <span className="font-semibold">Choose the file with the newer data</span>
                <span className="text-[12px] text-quiet">
                    or drop it here; csv, tsv, xlsx, ods, or paste the table with <kbd className="font-mono">Ctrl V</kbd>
                </span>
            </button>
            <input
                ref={picker}
                type="file"
                hidden
                aria-label="File with the newer data"
                accept={BROUGHT_IN}
                onChange={(event) => {
                    takeFile([...(event.target.files ?? [])]);
                    event.target.value = '';
                }}
            />
            {others.length > 0 && (
                <label className="mt-4 flex items-center gap-2">
                    <span className="flex-none text-quiet">or a workbook of the shelf</span>
                    <select
                        className="field min-w-0 flex-1"
                        value=""
                        onChange={(event) => {
                            const chosen = others.find((each) => each.id === Number(event.target.value));
                            if (chosen) onReady({ workbook: chosen.id, name: chosen.name, isOwn: false });
                        }}
                    >
                        <option value="">choose one…</option>
                        {others.map((each) => (
                            <option key={each.id} value={each.id}>
                                {each.name}
                            </option>
                        ))}
                    </select>
                </label>
            )}
        </div>
    );
}
