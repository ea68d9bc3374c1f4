import { useQuery } from '@tanstack/react-query';
import { api } from '@/api/client';
import type { NumberSample, NumberView } from '@/api/types';
import { useBench } from '@/work/state';
import { ask } from '@/parts/Ask';
import { Select } from '@/parts/Select';
import { useDraft } from '@/parts/useDraft';
import { useRoving } from '@/parts/useRoving';
import { ColumnRule } from './ColumnRule';
import { changed } from './changed';
import type { Formatter } from './useFormat';

/** How the number could read, with the cell's own value as the sample; resting on a choice tries it on the sheet. */
export function NumberMenu({ view, format, onDone }: { view: NumberView; format: Formatter; onDone: () => void }) {
    const tryOn = (look: object | null, words = '') =>
        useBench.getState().tryOn(look && { act: 'format', args: format.tried(look), words });
    const choose = (look: object) => {
        tryOn(null);
        format.format(look);
    };
    const reads = useRoving<HTMLDivElement>('button');
    const patterns = useRoving<HTMLDivElement>('button');
    const severalColumns = view.alike !== 1;
    const keep = async () => {
        const name = await ask({ title: `Keep ${view.code} under a name`, label: 'Name of the format', action: 'Keep' });
        if (name) format.revise('keepNumber', { name: name.trim(), code: view.code });
    };
    const row = (sample: NumberSample, on: boolean, look: object, mono = false) => (
        <button
            key={sample.name}
            type="button"
            aria-pressed={on}
            className={`flex h-6 w-full items-center justify-between gap-3 rounded px-2 text-left text-[12px]
                    ${on ? 'bg-damson-soft text-damson' : 'hover:bg-ground'}`}
            title={sample.code}
            onMouseEnter={() => tryOn(look, sample.words)}
            onMouseLeave={() => tryOn(null)}
            // By arrows as by resting; a menu that opens under the mouse tries nothing yet.
            onFocus={(event) => event.currentTarget.matches(':focus-visible') && tryOn(look, sample.words)}
            onBlur={() => tryOn(null)}
            onClick={() => choose(look)}
        >
            <span className={`flex-none ${mono ? 'font-mono text-[11px]' : ''}`}>{sample.words}</span>
            <span className="truncate font-semibold">{sample.shown}</span>
        </button>
    );
    return (
        <>
            <p className="mb-2 text-[12px]">
                <span className="font-mono">{view.stored || 'An empty cell'}</span>{' '}
                <span className="text-quiet">is {view.explained}. The format changes how it reads, never what it is.</span>
            </p>
            <div className="grid grid-cols-[262px_minmax(0,1fr)] gap-3 max-[640px]:grid-cols-[minmax(0,1fr)]">
                <div role="group" aria-label="Reads as" {...reads}>
                    {view.samples.map((sample) => row(sample, view.choice?.purpose === sample.name, { number: sample.code }))}
                </div>
                <div className="flex flex-col gap-2">
                    {view.patterns.length > 0 && (
                        <div role="group" aria-label="Pattern" {...patterns}>
                            {view.patterns.map((sample) => row(sample, view.code === sample.code, { number: sample.code }, true))}
                        </div>
                    )}
                    <Options view={view} choose={choose} />
                    <CodeField code={view.code} onChoose={(number) => choose({ number })} />
                    {view.heading && severalColumns && (
                        <button
                            type="button"
                            className="btn justify-center text-[12px]"
                            onClick={() =>
                                format.act('formatHeaded', {
                                    heading: view.heading ?? '',
                                    sheets: 'all',
                                    look: { number: view.code },
                                })
                            }
                        >
                            Give it to all {view.alike} columns headed “{view.heading}”
                        </button>
                    )}
                    {format.record && format.record.sheets > 0 && (
                        <div role="group" aria-label="Kept formats">
                            <p className="menu-label px-0!">Kept in the stylebook</p>
                            {view.kept.map((sample) => row(sample, false, { number: sample.code }))}
                            <button type="button" className="btn mt-1 text-[12px]" onClick={() => void keep()}>
                                Keep this format…
                            </button>
                        </div>
                    )}
                </div>
            </div>
            {view.rule && format.record && (
                <ColumnRule rule={view.rule} sheets={format.record.sheets} format={format} needed={view.needed} />
            )}
            <div className="mt-2 flex justify-end">
                <button type="button" className="btn" onClick={onDone}>
                    Done
                </button>
            </div>
        </>
    );
}

const NEGATIVE = [
    ['minus', '−1'],
    ['brackets', '(1)'],
    ['red', 'red −1'],
    ['red_brackets', 'red (1)'],
];
const ZERO = [
    ['zero', '0'],
    ['dash', '–'],
    ['blank', 'blank'],
];
const PLACES = [
    ['before', 'before the figures'],
    ['edge', 'at the left edge'],
    ['behind', 'behind the figures'],
];

function Options({ view, choose }: { view: NumberView; choose: (look: object) => void }) {
    const { data: currencies } = useQuery({ queryKey: ['currencies'], queryFn: api.currencies, staleTime: Infinity });
    const choice = view.choice;
    if (!choice) return null;
    return (
        <div className="grid grid-cols-[84px_minmax(0,1fr)] items-center gap-x-2 gap-y-1.5 text-[12px]">
            {choice.hasDecimals && (
                <>
                    <span className="text-quiet">Decimals</span>
                    <span className="flex items-center gap-1.5">
                        <input
                            type="number"
                            min={0}
                            max={10}
                            className="field w-14"
                            aria-label="Decimals"
                            value={choice.decimals}
                            onChange={(event) => choose(changed(view, { decimals: Number(event.target.value) }))}
                        />
                        <button
                            type="button"
                            className="btn text-[12px]"
                            title="The fewest that show every value of the column as it is"
                            onClick={() => choose(changed(view, { decimals: view.needed }))}
                        >
                            As needed: {view.needed}
                        </button>
                    </span>
                </>
            )}
            {choice.purpose === 'money' && (
                <>
                    <span className="text-quiet">Currency</span>
                    <select
                        className="field"
                        aria-label="Currency"
                        value=""
                        onChange={(event) => {
                            const chosen = currencies?.[Number(event.target.value)];
                            if (chosen)
                                choose(
                                    changed(view, {
                                        symbol: chosen.symbol,
                                        place: chosen.place,
                                        decimals: chosen.decimals,
                                    }),
                                );
                        }}
                    >
                        <option value="">{choice.symbol || 'no sign'}</option>
                        {currencies?.map((currency, index) => (
                            <option key={`${currency.code}${currency.region}`} value={index}>
                                {currency.code} · {currency.symbol} · {currency.region}
                            </option>
                        ))}
                    </select>
                    <span className="text-quiet">Its sign</span>
                    <Select
                        label="Its sign"
                        value={choice.place}
                        choices={PLACES}
                        onChange={(place) => choose(changed(view, { place }))}
                    />
                </>
            )}
            {choice.hasSigns && (
                <>
                    <span className="text-quiet">Below zero</span>
                    <Select
                        label="Below zero"
                        value={choice.negative}
                        choices={NEGATIVE}
                        onChange={(negative) => choose(changed(view, { negative }))}
                    />
                    <span className="text-quiet">Zero</span>
                    <Select
                        label="Zero"
                        value={choice.zero}
                        choices={ZERO}
                        onChange={(zero) => choose(changed(view, { zero }))}
                    />
                </>
            )}
            {choice.purpose === 'code' && (
                <>
                    <span className="text-quiet">Digits</span>
                    <input
                        type="number"
                        min={1}
                        max={20}
                        className="field w-14"
                        aria-label="Digits"
                        value={choice.length}
                        onChange={(event) => choose(changed(view, { length: Number(event.target.value) }))}
                    />
                </>
            )}
        </div>
    );
}

function CodeField({ code, onChoose }: { code: string; onChoose: (code: string) => void }) {
    const field = useDraft(code, onChoose);
    return (
        <label className="text-[12px] text-quiet">
            Code by hand
            <input className="field mt-0.5 w-full font-mono text-[11.5px] text-ink" aria-label="Number format code" {...field} />
        </label>
    );
}
