import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '@/api/client';
import type { BatchRecord } from '@/api/types';
import { tell } from '@/parts/Messages';

const FORMATS = [
    ['xlsx', 'xlsx'],
    ['ods', 'ods'],
    ['html', 'web page'],
    ['pdf', 'pdf'],
    ['csv', 'csv'],
    ['tsv', 'tsv'],
];

/** What a batch does with its files: a routine or a stylebook, what it mends, and what it hands over. */
export function WhatToDo({
    batch,
    isOpen,
    onChange,
}: {
    batch: BatchRecord;
    isOpen: boolean;
    onChange: (record: BatchRecord) => void;
}) {
    const shelf = useQuery({ queryKey: ['shelf'], queryFn: api.shelf });
    const [what, setWhat] = useState('');
    const [clean, setClean] = useState(false);
    const [fix, setFix] = useState<string[]>([]);
    const [format, setFormat] = useState(batch.format);
    const [data, setData] = useState<number | null>(null);
    const send = (change: { what?: string; clean?: boolean; fix?: string[]; format?: string; data?: number | null }) => {
        const now = { what, clean, fix, format, data, ...change };
        const [kind, name] = [now.what.slice(0, 1), now.what.slice(1)];
        void api
            .changeBatch(batch.id, {
                routine: kind === 'r' ? Number(name) : null,
                stylebook: kind === 's' ? name : null,
                clean: now.clean,
                fix: now.fix,
                format: now.format,
                data: now.data,
            })
            .then(onChange, tell);
    };
    return (
        <>
            <h2 className="mb-2 text-[15px] font-semibold">What is done</h2>
            {isOpen ? (
                <>
                    <label className="block">
                        <span className="mb-1 block text-[12px] text-quiet">Routine or stylebook</span>
                        <select
                            className="field w-full"
                            value={what}
                            onChange={(event) => {
                                setWhat(event.target.value);
                                send({ what: event.target.value });
                            }}
                        >
                            <option value="">{batch.routine ?? 'choose one…'}</option>
                            {(shelf.data?.routines.length ?? 0) > 0 && (
                                <optgroup label="Routines">
                                    {shelf.data?.routines.map((each) => (
                                        <option key={each.id} value={`r${each.id}`}>
                                            {each.name}
                                        </option>
                                    ))}
                                </optgroup>
                            )}
                            <optgroup label="Dress in a stylebook">
                                {shelf.data?.stylebooks.map((each) => (
                                    <option key={each.id} value={`s${each.name}`}>
                                        {each.name}
                                    </option>
                                ))}
                            </optgroup>
                        </select>
                    </label>
                    {what.startsWith('s') && (
                        <label className="mt-2 flex items-center gap-2">
                            <input
                                type="checkbox"
                                className="accent-damson"
                                checked={clean}
                                onChange={(event) => {
                                    setClean(event.target.checked);
                                    send({ clean: event.target.checked });
                                }}
                            />
                            Start clean: drop the looks that came
                        </label>
                    )}
                    {batch.wantsData && (
                        <label className="mt-2 block">
                            <span className="mb-1 block text-[12px] text-quiet">Newer data comes from</span>
                            <select
                                className="field w-full"
                                value={data ?? ''}
                                onChange={(event) => {
                                    const chosen = event.target.value === '' ? null : Number(event.target.value);
                                    setData(chosen);
                                    send({ data: chosen });
                                }}
                            >
                                <option value="">{batch.data ?? 'choose a workbook…'}</option>
                                {shelf.data?.workbooks.map((each) => (
                                    <option key={each.id} value={each.id}>
                                        {each.name}
                                    </option>
                                ))}
                            </select>
                        </label>
                    )}
                    <fieldset className="mt-4">
                        <legend className="mb-1 text-[12px] text-quiet">Mend as well, where it changes no value</legend>
                        {batch.mendable.map(({ name, title, reason }) => (
                            <label key={name} className="flex min-h-6 items-center gap-2" title={reason}>
                                <input
                                    type="checkbox"
                                    className="accent-damson"
                                    checked={fix.includes(name)}
                                    onChange={(event) => {
                                        const now = event.target.checked ? [...fix, name] : fix.filter((each) => each !== name);
                                        setFix(now);
                                        send({ fix: now });
                                    }}
                                />
                                {title}
                            </label>
                        ))}
                    </fieldset>
                    <label className="mt-4 flex items-center gap-2">
                        <span className="text-[12px] text-quiet">Hand over as</span>
                        <select
                            className="field"
                            value={format}
                            onChange={(event) => {
                                setFormat(event.target.value);
                                send({ format: event.target.value });
                            }}
                        >
                            {FORMATS.map(([name, words]) => (
                                <option key={name} value={name}>
                                    {words}
                                </option>
                            ))}
                        </select>
                    </label>
                </>
            ) : (
                <p>
                    {batch.routine}, handed over as {batch.format}
                </p>
            )}
            {batch.steps.length > 0 && (
                <ol className="mt-4 list-decimal pl-5 text-[12.5px]" aria-label="Steps">
                    {batch.steps.map((step, at) => (
                        <li key={at} className="py-0.5">
                            {step}
                        </li>
                    ))}
                </ol>
            )}
            <p className="mt-4 text-[12px] text-quiet">
                Files stay as they are; what is written is new. A workbook of the shelf is changed itself, as one step of its
                history.
            </p>
        </>
    );
}
