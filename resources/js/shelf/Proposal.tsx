import { Dialog } from 'radix-ui';
import { useRef, useState } from 'react';
import { api } from '@/api/client';
import type { ImportRecord } from '@/api/types';
import { tell } from '@/parts/Messages';
import { Shade } from '@/parts/Shade';

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

type Dialect = { encoding: string; delimiter: string; quote: string };

function dialectOf(proposal: ImportRecord): Dialect {
    return { encoding: proposal.encoding ?? 'UTF-8', delimiter: proposal.delimiter ?? ',', quote: proposal.quote ?? '"' };
}

/** Shows how a delimited text was understood before it is kept. */
export function Proposal({ proposal, onDone }: { proposal: ImportRecord; onDone: (result: ImportRecord | null) => void }) {
    const [state, setState] = useState(proposal);
    const [dialect, setDialect] = useState(() => dialectOf(proposal));
    const [busy, setBusy] = useState(false);
    // Changes go one after the other, and what is kept is what was chosen last, however slow the answers are.
    const understood = useRef(proposal);
    const sent = useRef<Promise<boolean>>(Promise.resolve(true));
    const change = (part: Partial<Dialect>) => {
        const wanted = { ...dialect, ...part };
        setDialect(wanted);
        const answer: Promise<boolean> = sent.current
            .then(() => api.changeDialect(state.id, wanted))
            .then(
                (given) => {
                    understood.current = given;
                    if (sent.current === answer) setState(given);
                    return true;
                },
                (fault: unknown) => {
                    tell(fault);
                    if (sent.current === answer) {
                        setDialect(dialectOf(understood.current));
                        sent.current = Promise.resolve(true);
                    }
                    return false;
                },
            );
        sent.current = answer;
    };
    const keep = () => {
        setBusy(true);
        void sent.current
            .then((isUnderstood) => (isUnderstood ? api.keep(state.id).then(onDone) : setBusy(false)))
            .catch((fault: unknown) => {
                tell(fault);
                setBusy(false);
            });
    };
    const cancel = () => void api.cancelImport(state.id).finally(() => onDone(null));
    const width = Math.max(1, ...state.preview.map((row) => row.length));
    return (
        <Dialog.Root open onOpenChange={(open) => !open && cancel()}>
            <Dialog.Portal>
                <Shade />
                <Dialog.Content className="dialog w-[880px]" aria-describedby="proposal-about">
                    <Dialog.Title className="text-[15px] font-semibold">{state.name}</Dialog.Title>
                    <Dialog.Description id="proposal-about" className="mt-1 mb-3 text-quiet">
                        This is how the text was understood. Change what is wrong; nothing is kept before you say so.
                    </Dialog.Description>
                    <div className="mb-3 flex flex-wrap gap-4">
                        <Choice
                            label="Encoding"
                            value={dialect.encoding}
                            options={ENCODINGS.map((name) => [name, name])}
                            onChange={(encoding) => change({ encoding })}
                        />
                        <Choice
                            label="Delimiter"
                            value={dialect.delimiter}
                            options={DELIMITERS}
                            onChange={(delimiter) => change({ delimiter })}
                        />
                        <Choice
                            label="Quote sign"
                            value={dialect.quote}
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
                                            className={`border-r border-b border-hair bg-ground
                                                    px-2 py-0.5 text-right font-normal text-quiet`}
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
