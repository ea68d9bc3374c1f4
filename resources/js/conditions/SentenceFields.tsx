import { useId } from 'react';
import { OFFERED, PERIODS, TESTS, type TrialRecord } from '@/api/types';
import { Select } from '@/parts/Select';
import { setDraft, type Draft } from './draft';
import { Wears } from './Wears';

const CHOSEN = 'border-damson bg-damson-soft text-damson';

/** The sentence that a person completes: what, how it is compared, and with what. */
export function SentenceFields({ draft, record }: { draft: Draft; record: TrialRecord | undefined }) {
    const offered = OFFERED[draft.kind ?? 'any'] ?? OFFERED.any ?? [];
    const tests = offered.includes(draft.is) || draft.show !== 'look' ? offered : [draft.is, ...offered];
    if (draft.show !== 'look')
        return (
            <div className="mt-2 flex flex-wrap items-center gap-2">
                <Subject draft={draft} />
                <span>
                    {draft.show === 'scale'
                        ? 'runs from one colour to another'
                        : draft.show === 'bar'
                          ? 'shows a bar as long as it is'
                          : 'has a mark by how great it is'}
                </span>
                <Wears draft={draft} record={record} />
            </div>
        );
    return (
        <div className="mt-2 flex flex-wrap items-center gap-2">
            <Subject draft={draft} />
            <Select
                label="What has to be true"
                value={draft.is}
                choices={tests.map((is) => [is, is === 'formula' ? 'makes true the formula' : (TESTS[is]?.words ?? is)])}
                onChange={(is) => setDraft({ is })}
            />
            <Values draft={draft} record={record} />
            <Wears draft={draft} record={record} />
        </div>
    );
}

function Subject({ draft }: { draft: Draft }) {
    return <span className="max-w-[160px] truncate font-semibold">{draft.subject}</span>;
}

function Values({ draft, record }: { draft: Draft; record: TrialRecord | undefined }) {
    const wanted = TESTS[draft.is]?.values;
    const put = (at: number, value: string) => {
        const values = [...draft.values];
        while (values.length < at) values.push('');
        values[at] = value;
        setDraft({ values });
    };
    if (draft.is === 'period')
        return <Select label="When" value={draft.period} choices={PERIODS} onChange={(period) => setDraft({ period })} />;
    if (draft.is === 'greatest' || draft.is === 'least')
        return (
            <>
                <input
                    type="number"
                    className="field w-16"
                    aria-label="How many"
                    min={1}
                    max={draft.percent ? 100 : 1000}
                    value={draft.count}
                    onChange={(event) => setDraft({ count: Math.max(1, Math.round(Number(event.target.value)) || 1) })}
                />
                <Select
                    label="Counted"
                    value={draft.percent ? 'percent' : 'cells'}
                    choices={[
                        ['cells', 'cells'],
                        ['percent', 'percent of all'],
                    ]}
                    onChange={(each) => setDraft({ percent: each === 'percent' })}
                />
            </>
        );
    if (draft.is === 'aboveMean' || draft.is === 'belowMean')
        return (
            <Select
                label="By how much"
                value={draft.orEqual ? 'equal' : String(draft.deviations)}
                choices={[
                    ['0', 'at all'],
                    ['equal', 'or at it'],
                    ['1', 'by 1 deviation'],
                    ['2', 'by 2 deviations'],
                    ['3', 'by 3 deviations'],
                ]}
                onChange={(by) => setDraft({ deviations: by === 'equal' ? 0 : Number(by), orEqual: by === 'equal' })}
            />
        );
    if (wanted === null) return <Some draft={draft} record={record} />;
    return Array.from({ length: wanted ?? 0 }, (_, at) => (
        <Value
            key={at}
            label={draft.is === 'formula' ? 'Formula' : wanted === 2 ? (at === 0 ? 'From' : 'To') : 'Compared with'}
            wide={draft.is === 'formula'}
            value={draft.values[at] ?? ''}
            offers={record?.values.map((one) => one.value) ?? []}
            onChange={(value) => put(at, value)}
        />
    ));
}

function Value({
    label,
    value,
    offers,
    wide,
    onChange,
}: {
    label: string;
    value: string;
    offers: string[];
    wide: boolean;
    onChange: (value: string) => void;
}) {
    const list = useId();
    return (
        <>
            <input
                className={`field ${wide ? 'w-[240px] font-mono text-[12px]' : 'w-[120px]'}`}
                aria-label={label}
                placeholder={wide ? '=$B2>$C2' : label === 'Compared with' ? 'a value, today, =B2' : label}
                list={offers.length > 0 && !wide ? list : undefined}
                value={value}
                onChange={(event) => onChange(event.target.value)}
            />
            {offers.length > 0 && !wide && (
                <datalist id={list}>
                    {offers.map((offer) => (
                        <option key={offer} value={offer} />
                    ))}
                </datalist>
            )}
        </>
    );
}

/** Several values: those that occur are a press away, others are written. */
function Some({ draft, record }: { draft: Draft; record: TrialRecord | undefined }) {
    const occurring = record?.values.map((one) => one.value) ?? [];
    const turn = (value: string) =>
        setDraft({
            values: draft.values.includes(value)
                ? draft.values.filter((one) => one !== value)
                : [...draft.values.filter(Boolean), value],
        });
    const written = draft.values.filter((value) => !occurring.includes(value)).join(', ');
    return (
        <span className="flex min-w-0 flex-wrap items-center gap-1" role="group" aria-label="Values">
            {occurring.slice(0, 7).map((value) => (
                <button
                    key={value}
                    type="button"
                    aria-pressed={draft.values.includes(value)}
                    className={`max-w-[110px] truncate rounded-full border px-2 py-0.5 text-[11.5px]
                            ${draft.values.includes(value) ? CHOSEN : 'border-hair bg-white hover:bg-ground'}`}
                    onClick={() => turn(value)}
                >
                    {value}
                </button>
            ))}
            <input
                className="field w-[110px]"
                aria-label="Other values, parted by commas"
                placeholder="others, with commas"
                value={written}
                onChange={(event) =>
                    setDraft({
                        values: [
                            ...draft.values.filter((value) => occurring.includes(value)),
                            ...event.target.value.split(',').map((value) => value.trimStart()),
                        ].filter((value, at, all) => value !== '' || at === all.length - 1),
                    })
                }
            />
        </span>
    );
}
