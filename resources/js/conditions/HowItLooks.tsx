import { MARK_SETS, type LookValues, type TrialRecord } from '@/api/types';
import { Mark } from '@/grid/signs';
import type { Formatter } from '@/tray/useFormat';
import { ColourField } from './ColourField';
import { setDraft, type Draft } from './draft';

const PRESSES: [name: string, words: string][] = [
    ['reversed', 'Reversed'],
    ['stronger', 'Stronger'],
    ['quieter', 'Quieter'],
    ['mark', 'Mark ▲'],
];

/** How it looks: at one press, or by hand; and by what it is told apart. */
export function HowItLooks({ draft, record, format }: { draft: Draft; record: TrialRecord | undefined; format: Formatter }) {
    const isLook = draft.show === 'look';
    const figures = draft.kind === null || !['text', 'longtext', 'code', 'category', 'boolean'].includes(draft.kind);
    const press = (name: string) => setDraft({ show: 'look', press: name });
    return (
        <div className="flex w-[304px] flex-none flex-col gap-1 border-r border-hair px-2.5 py-2">
            <h2 className="h-5 text-[12px] font-semibold">How it looks</h2>
            <div className="flex flex-wrap gap-1.5">
                {PRESSES.map(([name, words]) => (
                    <Choice key={name} on={isLook && draft.press === name} words={words} onPress={() => press(name)} />
                ))}
                {figures && (
                    <>
                        <Choice
                            on={draft.show === 'bar'}
                            words="Bar"
                            onPress={() =>
                                setDraft({
                                    show: 'bar',
                                    bar: { colour: record?.tints[0] ?? draft.bar.colour, below: draft.bar.below },
                                })
                            }
                        />
                        <Choice on={draft.show === 'scale'} words="Scale" onPress={() => setDraft({ show: 'scale' })} />
                        <Choice on={draft.show === 'marks'} words="Marks" onPress={() => setDraft({ show: 'marks' })} />
                    </>
                )}
                <Choice
                    on={isLook && draft.press === null}
                    words="By hand"
                    onPress={() => setDraft({ show: 'look', press: null })}
                />
            </div>
            {isLook && draft.press === null && <ByHand draft={draft} format={format} />}
            {draft.show === 'scale' && <ScaleFields draft={draft} format={format} />}
            {draft.show === 'bar' && <BarFields draft={draft} format={format} />}
            {draft.show === 'marks' && <MarkFields draft={draft} />}
            <p className="mt-auto text-[11.5px] text-quiet">
                {record && record.contrast !== null && (
                    <span className={record.contrast < 4.5 ? 'text-danger' : ''}>{record.contrast.toFixed(1)} : 1 · </span>
                )}
                {record &&
                    record.why === null &&
                    (record.told ? (
                        `told apart without colour, ${record.told}`
                    ) : (
                        <span className="text-caution">
                            told apart by its colour alone{' '}
                            {isLook && (
                                <button
                                    type="button"
                                    className="font-semibold underline underline-offset-2"
                                    onClick={() => setDraft({ press: null, look: { ...draft.look, bold: true } })}
                                >
                                    Make it bold too
                                </button>
                            )}
                        </span>
                    ))}
            </p>
        </div>
    );
}

function Choice({ on, words, onPress }: { on: boolean; words: string; onPress: () => void }) {
    return (
        <button
            type="button"
            aria-pressed={on}
            className={`btn h-[26px] text-[12px] ${on ? 'border-damson! bg-damson-soft! text-damson' : ''}`}
            onClick={onPress}
        >
            {words}
        </button>
    );
}

function ByHand({ draft, format }: { draft: Draft; format: Formatter }) {
    const look = draft.look as LookValues;
    const put = (change: LookValues) => setDraft({ look: { ...draft.look, ...change } });
    const turn = (name: string) => put({ [name]: look[name] !== true });
    return (
        <div className="flex flex-wrap items-center gap-1.5" role="group" aria-label="The look by hand">
            {(
                [
                    ['bold', 'B', 'font-bold', 'Bold'],
                    ['italic', 'I', 'italic', 'Italic'],
                    ['strike', 'S', 'line-through', 'Struck through'],
                ] as const
            ).map(([name, letter, style, words]) => (
                <button
                    key={name}
                    type="button"
                    aria-label={words}
                    aria-pressed={look[name] === true}
                    className={`grid h-[26px] w-[26px] place-items-center rounded-md border ${style}
                            ${look[name] === true ? 'border-damson bg-damson-soft text-damson' : 'border-hair bg-white'}`}
                    onClick={() => turn(name)}
                >
                    {letter}
                </button>
            ))}
            {(['ink', 'fill'] as const).map((name) => (
                <ColourField
                    key={name}
                    format={format}
                    label={name === 'ink' ? 'Ink' : 'Fill'}
                    value={typeof look[name] === 'string' ? look[name] : null}
                    onChoose={(hex) => put({ [name]: hex })}
                />
            ))}
        </div>
    );
}

function ScaleFields({ draft, format }: { draft: Draft; format: Formatter }) {
    const put = (at: number, colour: string) =>
        setDraft({ scale: draft.scale.map((one, place) => (place === at ? { ...one, colour } : one)) });
    const names = draft.scale.length === 3 ? ['Least', 'Middle', 'Greatest'] : ['Least', 'Greatest'];
    const [first, last] = [draft.scale[0], draft.scale.at(-1)];
    return (
        <div className="flex flex-wrap items-center gap-1.5">
            {draft.scale.map((one, at) => (
                <ColourField
                    key={at}
                    format={format}
                    label={names[at] ?? ''}
                    value={one.colour}
                    onChoose={(hex) => put(at, hex)}
                />
            ))}
            {first && last && draft.scale.length > 1 && (
                <button
                    type="button"
                    className="btn h-[26px] text-[12px]"
                    onClick={() =>
                        setDraft({
                            scale:
                                draft.scale.length === 3
                                    ? [first, last]
                                    : [first, { colour: '#FFFFFF', point: { at: 'percentile', value: '50' } }, last],
                        })
                    }
                >
                    {draft.scale.length === 3 ? 'Without a middle' : 'With a middle'}
                </button>
            )}
        </div>
    );
}

function BarFields({ draft, format }: { draft: Draft; format: Formatter }) {
    return (
        <div className="flex flex-wrap items-center gap-1.5">
            <ColourField
                format={format}
                label="Bar"
                value={draft.bar.colour}
                onChoose={(colour) => setDraft({ bar: { ...draft.bar, colour } })}
            />
            <label className="flex items-center gap-1.5 text-[11.5px]">
                <input
                    type="checkbox"
                    className="accent-damson"
                    checked={draft.bar.below !== null}
                    onChange={(event) => setDraft({ bar: { ...draft.bar, below: event.target.checked ? '#C98A6B' : null } })}
                />
                below nought to the left
            </label>
            {draft.bar.below && (
                <ColourField
                    format={format}
                    label="Below nought"
                    value={draft.bar.below}
                    onChoose={(below) => setDraft({ bar: { ...draft.bar, below } })}
                />
            )}
        </div>
    );
}

function marksOf(set: string): string {
    const marks = MARK_SETS[set] ?? [];
    return `Marks of ${marks.length} steps: ${marks.map((mark) => mark.shape).join(', ')}`;
}

function MarkFields({ draft }: { draft: Draft }) {
    const sets = ['3Arrows', '5Arrows', '3Flags', '3Signs', '3Symbols', '4Rating', '5Quarters', '5Rating'];
    return (
        <div className="flex flex-wrap gap-1" role="group" aria-label="Marks">
            {(sets.includes(draft.set) ? sets : [draft.set, ...sets]).map((set) => (
                <button
                    key={set}
                    type="button"
                    aria-label={marksOf(set)}
                    aria-pressed={draft.set === set}
                    className={`flex h-[22px] items-center gap-px rounded border px-1
                            ${draft.set === set ? 'border-damson bg-damson-soft' : 'border-hair bg-white'}`}
                    onClick={() => setDraft({ set })}
                >
                    {(MARK_SETS[set] ?? []).map((mark, at) => (
                        <Mark key={at} mark={mark} size={11} />
                    ))}
                </button>
            ))}
        </div>
    );
}
