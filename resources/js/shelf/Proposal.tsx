import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { api } from '@/api/client';
import type { ImportRecord } from '@/api/types';
import { tell } from '@/parts/Messages';

const ENCODINGS = ['UTF-8', 'UTF-8 with mark', 'UTF-16LE', 'UTF-16BE', 'Windows-1252'];
const DELIMITERS: [string, string][] = [
    [',', 'comma'],
    [';', 'semicolon'],
    ['\t', 'tab'],
    ['|', 'bar'],
    [':', 'colon'],
];
const QUOTES: [string, string][] = [
    ['"', 'double "'],
    ["'", "single '"],
];

/** Shows how a delimited text was understood before it is kept. */
export function Proposal({ proposal, onDone }: { proposal: ImportRecord; onDone: (result: ImportRecord | null) => void }) {
    const [state, setState] = useState(proposal);
    const [busy, setBusy] = useState(false);
    const change = (part: Partial<{ encoding: string; delimiter: string; quote: string }>) => {
        const dialect = {
            encoding: state.encoding ?? 'UTF-8',
            delimiter: state.delimiter ?? ',',
            quote: state.quote ?? '"',
            ...part,
        };
        void api.changeDialect(state.id, dialect).then(setState, tell);
    };
    const keep = () => {
        setBusy(true);
        void api.keep(state.id).then(onDone, (fault: unknown) => {
            tell(fault);
            setBusy(false);
        });
    };
    const cancel = () => void api.cancelImport(state.id).finally(() => onDone(null));
    const width = Math.max(1, ...state.preview.map((row) => row.length));
    return (
        <Dialog.Root open onOpenChange={(open) => !open && cancel()}>
            <Dialog.Portal>
                <Dialog.Overlay className="dialog-shade" />
                <Dialog.Content className="dialog w-[880px]" aria-describedby="proposal-about">
                    <Dialog.Title className="text-[15px] font-semibold">{state.name}</Dialog.Title>
                    <Dialog.Description id="proposal-about" className="mt-1 mb-3 text-quiet">
                        This is how the text was understood. Change what is wrong; nothing is kept before you say so.
                    </Dialog.Description>
                    <div className="mb-3 flex flex-wrap gap-4">
                        <Choice
                            label="Encoding"
                            value={state.encoding ?? ''}
                            options={ENCODINGS.map((name) => [name, name])}
                            onChange={(encoding) => change({ encoding })}
                        />
                        <Choice
                            label="Delimiter"
                            value={state.delimiter ?? ''}
                            options={DELIMITERS}
                            onChange={(delimiter) => change({ delimiter })}
                        />
                        <Choice
                            label="Quote sign"
                            value={state.quote ?? ''}
                            options={QUOTES}
                            onChange={(quote) => change({ quote })}
                        />
                    </div>
                    {state.message && <p className="mb-3 text-danger">{state.message}</p>}
                    <div
                        className="max-h-[320px] overflow-auto rounded-md border border-hair"
                        tabIndex={0}
                        role="region"
                        aria-label="First rows"
                    >
                        <table className="border-collapse font-mono text-[12px]">
                            <tbody>
                                {state.preview.map((row, index) => (
                                    <tr key={index}>
                                        <th
                                            scope="row"
                                            className="border-r border-b border-hair bg-ground px-2 py-0.5 text-right font-normal text-quiet"
                                        >
                                            {index + 1}
                                        </th>
                                        {Array.from({ length: width }, (_, column) => (
                                            <td
                                                key={column}
                                                className="border-r border-b border-[#efeae1] px-2 py-0.5 whitespace-pre"
                                            >
                                                {row[column] ?? ''}
                                            </td>
                                        ))}
                                    </tr>
                                ))}
                            </tbody>
                        </table>
                    </div>
                    <div className="mt-4 flex justify-end gap-2">
                        <button type="button" className="btn" onClick={cancel}>
                            Leave it
                        </button>
                        <button
                            type="button"
                            className="btn btn-primary"
                            onClick={keep}
                            disabled={busy || state.preview.length === 0}
                            autoFocus
                        >
                            {busy ? 'Bringing in…' : 'Keep this table'}
                        </button>
                    </div>
                </Dialog.Content>
            </Dialog.Portal>
        </Dialog.Root>
    );
}

function Choice({
    label,
    value,
    options,
    onChange,
}: {
    label: string;
    value: string;
    options: [string, string][];
    onChange: (value: string) => void;
}) {
    return (
        <label className="flex items-center gap-2">
            <span className="text-quiet">{label}</span>
            <select className="field" value={value} onChange={(event) => onChange(event.target.value)}>
                {options.map(([option, words]) => (
                    <option key={option} value={option}>
                        {words}
                    </option>
                ))}
            </select>
        </label>
    );
}
