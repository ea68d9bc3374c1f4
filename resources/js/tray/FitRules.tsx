import { Dialog } from 'radix-ui';
import { useState } from 'react';
import type { FitRulesRecord } from '@/api/types';
import type { Formatter } from './useFormat';
import { Shade } from '@/parts/Shade';

/** Sizes that a stylebook fits by, in px. */
export const SIZES = [
    ['least', 'Narrowest column'],
    ['greatest', 'Widest column'],
    ['air', 'Air beside the texts of a column'],
    ['rowAir', 'Air above and below a row'],
    ['headingAir', 'Air of heading rows'],
    ['titleAir', 'Air of titles'],
    ['rowLeast', 'Lowest row'],
] as const;

/** How the stylebook fits and opens sheets, on every sheet that wears it. */
export function FitRules({
    rules,
    stylebook,
    sheets,
    format,
    onClose,
}: {
    rules: FitRulesRecord;
    stylebook: string;
    /** How many sheets it changes at once; null for a draft. */
    sheets: number | null;
    format: Formatter;
    onClose: () => void;
}) {
    const [fit, setFit] = useState(() => SIZES.map(([name]) => String(rules[name])));
    const [freeze, setFreeze] = useState(rules.freeze);
    const [gridlines, setGridlines] = useState(rules.gridlines);
    const [zoom, setZoom] = useState(rules.zoom === null ? '' : String(rules.zoom));
    const keep = () => {
        onClose();
        format.revise('fit', {
            fit: Object.fromEntries(SIZES.map(([name], index) => [name, Number(fit[index])])),
            opens: { freeze, gridlines, zoom: zoom.trim() === '' ? null : Number(zoom) },
        });
    };
    const check = (words: string, value: boolean, set: (value: boolean) => void) => (
        <label className="flex items-center gap-2">
            <input
                type="checkbox"
                className="-ml-1 h-6 w-6 scale-[0.67] accent-damson"
                checked={value}
                onChange={(event) => set(event.target.checked)}
            />
            {words}
        </label>
    );
    return (
        <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
            <Dialog.Portal>
                <Shade />
                <Dialog.Content className="dialog w-[420px]" aria-describedby="fit-rules-about">
                    <Dialog.Title className="text-[15px] font-semibold">How {stylebook} fits and opens</Dialog.Title>
                    <p id="fit-rules-about" className="mt-2 text-quiet">
                        {sheets === null
                            ? 'Holds wherever it is worn, once it is kept.'
                            : `Holds on ${sheets === 1 ? 'the sheet' : `the ${sheets} sheets`} that wear it, and on those that will.`}{' '}
                        What was sized by hand stays.
                    </p>
                    <form
                        className="mt-3 flex flex-col gap-1.5"
                        onSubmit={(event) => {
                            event.preventDefault();
                            keep();
                        }}
                    >
                        {SIZES.map(([name, words], index) => (
                            <Figure
                                key={name}
                                words={words}
                                unit="px"
                                value={fit[index] ?? ''}
                                onChange={(value) => setFit(fit.map((old, at) => (at === index ? value : old)))}
                            />
                        ))}
                        <Figure words="Zoom (empty: as each sheet has it)" unit="%" value={zoom} onChange={setZoom} />
                        {check('Headings and row labels stay in sight', freeze, setFreeze)}
                        {check('Gridlines are shown', gridlines, setGridlines)}
                        {rules.widths.length > 0 && (
                            <p className="text-[12px] text-quiet">
                                One width each: columns headed {rules.widths.map((width) => width.words).join(', ')}.
                            </p>
                        )}
                        <div className="mt-3 flex justify-end gap-2">
                            <button type="button" className="btn" onClick={onClose}>
                                Leave it
                            </button>
                            <button type="submit" className="btn btn-primary">
                                Keep in the stylebook
                            </button>
                        </div>
                    </form>
                </Dialog.Content>
            </Dialog.Portal>
        </Dialog.Root>
    );
}

function Figure({
    words,
    unit,
    value,
    onChange,
}: {
    words: string;
    unit: string;
    value: string;
    onChange: (value: string) => void;
}) {
    return (
        <label className="flex items-center gap-2">
            <span className="flex-1">{words}</span>
            <input
                className="field w-[72px] text-right"
                inputMode="numeric"
                value={value}
                onChange={(event) => onChange(event.target.value)}
            />
            <span className="w-4 text-quiet">{unit}</span>
        </label>
    );
}
