import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '@/api/client';
import type { BenchRecord, SheetDetail, StylebookRecord } from '@/api/types';
import { Picture } from '@/grid/Picture';
import { go } from '@/parts/path';
import { useRoving } from '@/parts/useRoving';
import { useBench } from '@/work/state';
import { LearnDialog } from './LearnDialog';
import type { Acts } from '@/work/useActs';
import { useQuiet } from '@/work/useQuiet';

type Reach = 'sheet' | 'chosen' | 'all';

/** Facets whose hand touches can be dropped by themselves. */
const FACETS = ['type', 'number', 'place', 'fill', 'borders'];

/** Takes the tray's place while a sheet is dressed: what a stylebook is put on, and which; the sheet above wears it live. */
export function DressPanel({
    bench,
    detail,
    acts,
    onDone,
}: {
    bench: BenchRecord;
    detail: SheetDetail;
    acts: Acts;
    onDone: () => void;
}) {
    const [scope, setScope] = useState<Reach>('sheet');
    const [chosen, setChosen] = useState<number[]>([]);
    const [clean, setClean] = useState(detail.clean);
    const tryOn = useBench((state) => state.tryOn);
    const shelf = useQuery({ queryKey: ['shelf'], queryFn: api.shelf, staleTime: 60_000 });
    const sheets = scope === 'all' ? 'all' : scope === 'chosen' ? chosen : [detail.number];
    const [learning, setLearning] = useState(false);
    // What is counted over all sheets waits for a pause in the work.
    const stamp = useQuiet(bench.stamp);
    const touched = useQuery({
        queryKey: ['touches', bench.id, stamp],
        queryFn: () => api.touches(bench.id),
        placeholderData: keepPreviousData,
    });
    const reached = (touched.data ?? []).filter((one) => sheets === 'all' || sheets.includes(one.number));
    const cells = reached.reduce((sum, one) => sum + one.cells, 0);
    const [over, setOver] = useState('keep');
    // What is not there cannot be dropped.
    const touches = cells === 0 ? 'keep' : FACETS.includes(over) ? [over] : (over as 'keep' | 'said' | 'all');
    const roving = useRoving<HTMLDivElement>('button');
    const nothing = Array.isArray(sheets) && sheets.length === 0;
    const holds = bench.sheets.find((sheet) => sheet.number === detail.number)?.holds ?? null;
    const isDoubtful = detail.tables.some((table) => table.question !== null);
    const dress = (stylebook: string | null) => {
        tryOn(null);
        void acts.act('dress', { stylebook, clean, sheets, touches });
    };
    return (
        <section aria-label="Tray" className="flex min-w-0 border-t border-hair bg-panel">
            <fieldset className="flex w-[190px] flex-none flex-col gap-1.5 border-r border-hair px-3 py-2">
                <legend className="float-left text-[12px] font-semibold">Applies to</legend>
                <Radio checked={scope === 'sheet'} onChange={() => setScope('sheet')} label={`This sheet, ${detail.name}`} />
                <Radio
                    checked={scope === 'chosen'}
                    onChange={() => setScope('chosen')}
                    label={chosen.length > 0 ? `${chosen.length} chosen sheets` : 'Chosen sheets'}
                    disabled={bench.sheets.length < 2}
                />
                <Radio
                    checked={scope === 'all'}
                    onChange={() => setScope('all')}
                    label={bench.sheets.length === 1 ? 'The one sheet there is' : `All ${bench.sheets.length} sheets`}
                    disabled={bench.sheets.length < 2}
                />
                {cells > 0 && (
                    <select
                        className="field mt-auto w-full text-[11.5px]"
                        aria-label="What becomes of hand touches"
                        title={reached.map((one) => `${one.name}: ${one.places.join(', ')}`).join('\n')}
                        value={over}
                        onChange={(event) => setOver(event.target.value)}
                    >
                        <option value="keep">
                            Keep {cells === 1 ? 'the touched cell' : `${cells.toLocaleString('en')} hand touches`}
                        </option>
                        <option value="said">Drop what it says anyway</option>
                        {FACETS.map((facet) => (
                            <option key={facet} value={facet}>
                                Drop hand touches of {facet}
                            </option>
                        ))}
                        <option value="all">Drop all hand touches</option>
                    </select>
                )}
                <label
                    className={`flex items-center gap-2 text-[12px] ${cells > 0 ? '' : 'mt-auto'}`}
                    title="What came with the file is not seen while the stylebook is worn"
                >
                    <input
                        type="checkbox"
                        className="accent-damson"
                        checked={clean}
                        onChange={(event) => setClean(event.target.checked)}
                    />
                    {detail.design ? 'Start clean, drop its design' : 'Start clean'}
                </label>
            </fieldset>
            {scope === 'chosen' && (
                <fieldset className="w-[170px] flex-none overflow-auto border-r border-hair px-3 py-2 text-[12px]" tabIndex={0}>
                    <legend className="float-left mb-1 w-full font-semibold">Sheets</legend>
                    {bench.sheets.map((sheet) => (
                        <label key={sheet.number} className="flex w-full items-center gap-2 py-0.5">
                            <input
                                type="checkbox"
                                className="accent-damson"
                                checked={chosen.includes(sheet.number)}
                                onChange={(event) =>
                                    setChosen((all) =>
                                        event.target.checked
                                            ? [...all, sheet.number]
                                            : all.filter((number) => number !== sheet.number),
                                    )
                                }
                            />
                            <span className="truncate">{sheet.name}</span>
                        </label>
                    ))}
                </fieldset>
            )}
            <div className="flex min-w-0 flex-1 flex-col px-3 py-2">
                <h2 className="mb-1.5 flex items-center gap-3 text-[12px] font-semibold">
                    Stylebook
                    {isDoubtful ? (
                        <span className="font-normal text-caution">
                            A table here is read with doubt: answer the question above the sheet, or it is dressed as it is read.
                        </span>
                    ) : detail.design ? (
                        <span className="font-normal text-caution">
                            This sheet came with a design of its own: {detail.design}.{' '}
                            {clean ? 'It is dropped. ' : 'It shows where the stylebook says nothing. '}
                            <button
                                type="button"
                                className="underline underline-offset-2"
                                disabled={nothing}
                                onClick={() => setLearning(true)}
                            >
                                Learn a stylebook from it
                            </button>
                        </span>
                    ) : (
                        <span className="font-normal text-quiet">Rest on one to see it on the sheet, press it to keep it.</span>
                    )}
                    <button type="button" className="btn ml-auto h-[26px] font-normal" onClick={onDone}>
                        Format by hand
                    </button>
                </h2>
                <div className="flex min-w-0 gap-2.5 overflow-x-auto p-0.5 pb-1" role="group" aria-label="Stylebooks" {...roving}>
                    {shelf.data?.stylebooks.map((stylebook) => (
                        <Choice
                            key={stylebook.name}
                            stylebook={stylebook}
                            worn={detail.wears === stylebook.name}
                            holds={detail.wears === stylebook.name ? holds : null}
                            onHold={(version) =>
                                void acts.act('dress', { stylebook: stylebook.name, clean: detail.clean, sheets, version })
                            }
                            disabled={nothing}
                            onTry={(on) =>
                                tryOn(
                                    on
                                        ? {
                                              act: 'dress',
                                              args: { stylebook: stylebook.name, clean, touches },
                                              words: stylebook.name,
                                          }
                                        : null,
                                )
                            }
                            onPress={() => dress(stylebook.name)}
                        />
                    ))}
                    <button
                        type="button"
                        className="btn h-[34px] self-center"
                        disabled={detail.wears === null && scope === 'sheet'}
                        onClick={() => dress(null)}
                    >
                        Take off
                    </button>
                </div>
            </div>
            {learning && (
                <LearnDialog from={[{ workbook: bench.id, name: bench.name, sheets }]} onClose={() => setLearning(false)} />
            )}
        </section>
    );
}

function Choice({
    stylebook,
    worn,
    holds,
    onHold,
    disabled,
    onTry,
    onPress,
}: {
    stylebook: StylebookRecord;
    worn: boolean;
    /** The version that the sheet keeps; null where it follows the newest. */
    holds: number | null;
    onHold: (version: number | null) => void;
    disabled: boolean;
    onTry: (on: boolean) => void;
    onPress: () => void;
}) {
    return (
        <div
            className={`w-[190px] flex-none overflow-hidden rounded-md border
                    ${worn ? 'border-damson ring-1 ring-damson' : 'border-hair hover:border-[#b9b1a4]'}`}
        >
            <button
                type="button"
                disabled={disabled}
                aria-pressed={worn}
                title={stylebook.about}
                className="block w-full text-left outline-offset-[-2px]! disabled:opacity-50"
                onMouseEnter={() => onTry(true)}
                onMouseLeave={() => onTry(false)}
                onFocus={() => onTry(true)}
                onBlur={() => onTry(false)}
                onClick={onPress}
            >
                <Picture window={stylebook.specimen} width={190} height={worn ? 33 : 56} />
                <span className="flex h-[22px] items-center gap-2 border-t border-hair px-2 text-[12px] font-semibold">
                    <span className="flex-1 truncate">{stylebook.name}</span>
                    {worn && <span className="font-normal text-damson">worn</span>}
                </span>
            </button>
            {worn && (
                <p className="flex h-[22px] items-center gap-2 border-t border-hair px-2 text-[11px] whitespace-nowrap text-quiet">
                    <button
                        type="button"
                        className="h-6 min-w-0 flex-1 truncate text-left underline underline-offset-2"
                        title={
                            holds === null
                                ? `Keep version ${stylebook.version} here, whatever becomes of the stylebook`
                                : `Follow the newest, version ${stylebook.version}`
                        }
                        onClick={() => onHold(holds === null ? stylebook.version : null)}
                    >
                        {holds === null ? `follows · hold v ${stylebook.version}` : `holds v ${holds} · follow`}
                    </button>
                    <button
                        type="button"
                        className="h-6 flex-none underline underline-offset-2"
                        aria-label={`Change ${stylebook.name}`}
                        onClick={() => go(`/stylebooks/${stylebook.id}`)}
                    >
                        Change it
                    </button>
                </p>
            )}
        </div>
    );
}

function Radio({
    checked,
    onChange,
    label,
    disabled,
}: {
    checked: boolean;
    onChange: () => void;
    label: string;
    disabled?: boolean;
}) {
    return (
        <label
            className={`flex h-6 items-center gap-2 text-[12px] ${checked ? 'font-semibold' : ''} ${disabled ? 'text-[#8a8192]' : ''}`}
        >
            <input
                type="radio"
                name="reach"
                className="accent-damson"
                checked={checked}
                onChange={onChange}
                disabled={disabled}
            />
            <span className="truncate">{label}</span>
        </label>
    );
}
