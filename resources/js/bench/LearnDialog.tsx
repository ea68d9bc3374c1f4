import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, type LearnFrom } from '@/api/client';
import { keys } from '@/api/keys';
import { newName } from '@/api/names';
import type { LearnedRecord } from '@/api/types';
import { DialogFrame } from '@/parts/DialogFrame';
import { say, tell } from '@/parts/Messages';
import { counted } from '@/parts/counted';
import { go } from '@/parts/path';

/** A stylebook from sheets that already look right: each rule with its evidence, then what does not follow. */
export function LearnDialog({ from, onClose }: { from: LearnFrom[] | null; onClose: () => void }) {
    const [chosen, setChosen] = useState<LearnFrom[] | null>(from);
    const [kept, setKept] = useState<{ id: number; name: string } | null>(null);
    return (
        <DialogFrame
            title={
                kept
                    ? `${kept.name} stands on the shelf`
                    : chosen
                      ? `Learned from ${chosen.map((one) => one.name).join(', ')}`
                      : 'Learn a stylebook from workbooks'
            }
            width={680}
            onClose={onClose}
        >
            {kept && chosen ? (
                <Strays stylebook={kept} from={chosen} onClose={onClose} />
            ) : chosen ? (
                <Rules from={chosen} onKeep={setKept} />
            ) : (
                <Choose onChoose={setChosen} />
            )}
        </DialogFrame>
    );
}

function Choose({ onChoose }: { onChoose: (from: LearnFrom[]) => void }) {
    const shelf = useQuery({ queryKey: ['shelf'], queryFn: api.shelf, staleTime: 60_000 });
    const [chosen, setChosen] = useState<LearnFrom[]>([]);
    const workbooks = shelf.data?.workbooks ?? [];
    const put = (workbook: number, one: LearnFrom | null) =>
        setChosen((all) => [...all.filter((each) => each.workbook !== workbook), ...(one ? [one] : [])]);
    return (
        <>
            <p className="mt-2 text-quiet">
                Choose workbooks that look the way sheets are to look. All their sheets have a voice, unless you take the tick off
                one.
            </p>
            <ul className="mt-2 max-h-[300px] overflow-auto rounded-md border border-hair" tabIndex={0} aria-label="Workbooks">
                {workbooks.map((workbook) => {
                    const one = chosen.find((each) => each.workbook === workbook.id);
                    return (
                        <li key={workbook.id} className="border-t border-hair first:border-t-0">
                            <label className="flex items-center gap-2 px-3 py-1.5">
                                <input
                                    type="checkbox"
                                    className="accent-damson"
                                    checked={one !== undefined}
                                    onChange={(event) =>
                                        put(
                                            workbook.id,
                                            event.target.checked
                                                ? { workbook: workbook.id, name: workbook.name, sheets: 'all' }
                                                : null,
                                        )
                                    }
                                />
                                <span className="flex-1 truncate">{workbook.name}</span>
                                <span className="text-[12px] text-quiet">{counted(workbook.sheets, 'sheet')}</span>
                            </label>
                            {one && workbook.sheets > 1 && (
                                <SheetsOf from={one} onChange={(sheets) => put(workbook.id, { ...one, sheets })} />
                            )}
                        </li>
                    );
                })}
            </ul>
            <div className="mt-3 flex justify-end">
                <button
                    type="button"
                    className="btn btn-primary"
                    disabled={chosen.length === 0 || chosen.some((one) => one.sheets.length === 0)}
                    onClick={() => onChoose(chosen)}
                >
                    See what they follow
                </button>
            </div>
        </>
    );
}

/** Which sheets of a chosen workbook have a voice. */
function SheetsOf({ from, onChange }: { from: LearnFrom; onChange: (sheets: number[] | 'all') => void }) {
    const bench = useQuery({ queryKey: keys.bench(from.workbook), queryFn: () => api.bench(from.workbook), staleTime: 60_000 });
    const all = (bench.data?.sheets ?? []).map((sheet) => sheet.number);
    const heard = from.sheets === 'all' ? all : from.sheets;
    const turn = (number: number) => {
        const next = heard.includes(number) ? heard.filter((each) => each !== number) : [...heard, number];
        onChange(next.length === all.length ? 'all' : next);
    };
    return (
        <fieldset className="flex flex-wrap gap-x-4 px-3 pb-1.5 pl-8 text-[12px]">
            <legend className="sr-only">Sheets of {from.name}</legend>
            {bench.isError && <span className="text-danger">{bench.error.message}</span>}
            {bench.data?.sheets.map((sheet) => (
                <label key={sheet.number} className="flex max-w-full items-center gap-1.5 py-0.5">
                    <input
                        type="checkbox"
                        className="accent-damson"
                        checked={heard.includes(sheet.number)}
                        onChange={() => turn(sheet.number)}
                    />
                    <span className="truncate">{sheet.name}</span>
                </label>
            ))}
            {heard.length === 0 && all.length > 0 && (
                <span className="py-0.5 text-caution">Choose a sheet, or leave the workbook out.</span>
            )}
        </fieldset>
    );
}

function Rules({ from, onKeep }: { from: LearnFrom[]; onKeep: (stylebook: { id: number; name: string }) => void }) {
    const client = useQueryClient();
    const [watch] = useState(newName);
    const learned = useQuery({
        queryKey: ['learn', from],
        queryFn: () => api.learn(from, '', [], false, watch),
        gcTime: 0,
        retry: false,
    });
    const [refused, setRefused] = useState<string[]>([]);
    const [name, setName] = useState<string | null>(null);
    const [busy, setBusy] = useState(false);
    if (learned.isError) return <p className="mt-3 text-danger">{learned.error.message}</p>;
    if (!learned.data) return <Looking watch={watch} words="Looking at what the cells have in common…" />;
    const keep = () => {
        setBusy(true);
        void api
            .learn(from, (name ?? learned.data.name).trim(), refused, true)
            .then((made: LearnedRecord) => {
                onKeep({ id: made.id ?? 0, name: made.name });
                return client.invalidateQueries({ queryKey: ['shelf'] });
            }, tell)
            .finally(() => setBusy(false));
    };
    const { rules } = learned.data;
    return (
        <>
            <label className="mt-3 block text-[12px] text-quiet">
                Name of the stylebook
                <input
                    className="field mt-1 w-full text-[13px] text-ink"
                    value={name ?? learned.data.name}
                    onChange={(event) => setName(event.target.value)}
                />
            </label>
            <p className="mt-3 text-[12px] text-quiet">
                {rules.length} rules, each with what it rests on. Take the tick off one that is not to be a rule.
            </p>
            <ul
                className="mt-1.5 max-h-[300px] overflow-auto rounded-md border border-hair"
                tabIndex={0}
                aria-label="Rules that were learned"
            >
                {rules.map((rule) => (
                    <li key={rule.where} className="border-t border-hair first:border-t-0">
                        <label className="flex items-center gap-2 px-3 py-1 text-[12.5px]">
                            <input
                                type="checkbox"
                                className="accent-damson"
                                checked={!refused.includes(rule.where)}
                                onChange={(event) =>
                                    setRefused((all) =>
                                        event.target.checked ? all.filter((where) => where !== rule.where) : [...all, rule.where],
                                    )
                                }
                            />
                            <span className="w-[210px] flex-none truncate">{rule.words}</span>
                            <span className="flex min-w-0 flex-1 items-center gap-1.5 truncate">
                                {/^#[0-9A-F]{6}$/.test(rule.value) && (
                                    <i
                                        className="h-3.5 w-3.5 flex-none rounded-sm border border-black/15"
                                        style={{ background: rule.value }}
                                    />
                                )}
                                {rule.value}
                            </span>
                            <span className={`flex-none text-[11.5px] ${rule.split ? 'text-caution' : 'text-quiet'}`}>
                                {rule.evidence}
                            </span>
                        </label>
                    </li>
                ))}
            </ul>
            <div className="mt-3 flex justify-end">
                <button
                    type="button"
                    className="btn btn-primary"
                    disabled={busy || rules.length === refused.length}
                    onClick={keep}
                >
                    Keep as a stylebook
                </button>
            </div>
        </>
    );
}

/** How far the server has come, sheet by sheet. */
function Looking({ watch, words }: { watch: string; words: string }) {
    const asked = useQuery({
        queryKey: ['learning', watch],
        queryFn: () => api.learning(watch),
        refetchInterval: 400,
        gcTime: 0,
    });
    const done = Math.round((asked.data?.done ?? 0) * 100);
    return (
        <div className="mt-3 text-quiet">
            <p role="status">{words}</p>
            <div
                className="mt-2 h-[5px] overflow-hidden rounded bg-damson-soft"
                role="progressbar"
                aria-label={words}
                aria-valuenow={done}
            >
                <div className="h-full bg-damson" style={{ width: `${done}%` }} />
            </div>
        </div>
    );
}

function Strays({
    stylebook,
    from,
    onClose,
}: {
    stylebook: { id: number; name: string };
    from: LearnFrom[];
    onClose: () => void;
}) {
    const client = useQueryClient();
    const [watch] = useState(newName);
    const strays = useQuery({
        queryKey: ['strays', stylebook.id, from],
        queryFn: () => api.strays(stylebook.id, from, watch),
        retry: false,
    });
    const [busy, setBusy] = useState(false);
    const dress = async () => {
        setBusy(true);
        try {
            for (const { workbook, sheets } of from) {
                const { revision } = await api.bench(workbook);
                const sight = { windows: [], ranges: 'A1', row: 1, column: 1, number: false, figures: false };
                const name = `learn-${stylebook.id}-${workbook}-${revision}`;
                await api.act(workbook, { revision, sheet: 0, name, sight }, 'dress', {
                    stylebook: stylebook.name,
                    clean: true,
                    sheets,
                });
                await client.invalidateQueries({ queryKey: ['bench', workbook] });
            }
            say(
                from.length === 1
                    ? `The sheets wear ${stylebook.name}. One undo takes it back.`
                    : `All of them wear ${stylebook.name}. One undo in each workbook takes it back.`,
            );
            onClose();
        } catch (fault) {
            tell(fault);
        }
        setBusy(false);
    };
    return (
        <>
            {strays.isError && <p className="mt-3 text-danger">{strays.error.message}</p>}
            {!strays.data && !strays.isError && <Looking watch={watch} words="Looking for cells that do not follow…" />}
            {strays.data && (
                <p className="mt-3 text-quiet">
                    {strays.data.strays.length === 0
                        ? 'Every cell of these sheets follows it already.'
                        : 'These cells do not follow it. Dressing the sheets in it brings them in line, in one step.'}
                </p>
            )}
            {strays.data && strays.data.cut.length > 0 && (
                <p className="mt-1 text-caution">
                    Large sheets were looked at only from their top, 60,000 cells each: {strays.data.cut.join(', ')}.
                </p>
            )}
            {strays.data && strays.data.strays.length > 0 && (
                <ul
                    className="mt-2 max-h-[260px] overflow-auto rounded-md border border-hair"
                    tabIndex={0}
                    aria-label="What does not follow"
                >
                    {strays.data.strays.map((stray, at) => (
                        <li key={at} className="flex gap-3 border-t border-hair px-3 py-1 text-[12.5px] first:border-t-0">
                            <span className="w-[130px] flex-none truncate">{stray.name}</span>
                            <span className="w-[230px] flex-none truncate">{stray.words}</span>
                            <span
                                className="min-w-0 flex-1 truncate font-mono text-[11.5px] text-quiet"
                                title={stray.places.join(', ')}
                            >
                                {stray.places.join(', ')}
                            </span>
                        </li>
                    ))}
                </ul>
            )}
            <div className="mt-3 flex justify-end gap-2">
                <button type="button" className="btn" onClick={() => go(`/stylebooks/${stylebook.id}`)}>
                    Open the stylebook
                </button>
                <button type="button" className="btn btn-primary" disabled={busy || !strays.data} onClick={() => void dress()}>
                    Dress these sheets in it
                </button>
            </div>
        </>
    );
}
