import { KINDS, type ColumnKind, type ColumnRuleView } from '@/api/types';
import { Select } from '@/parts/Select';
import type { Formatter } from './useFormat';

const SIGNS = [
    ['every', 'in every cell'],
    ['first', 'in the first row and the totals'],
    ['heading', 'only in the heading'],
    ['none', 'nowhere'],
];
const SCALES = [
    ['0', 'as they are'],
    ['3', 'in thousands'],
    ['6', 'in millions'],
];
const PLACES = ['0', '1', '2', '3', '4', '6'].map((count) => [count, count]);

/** The stylebook's rule for all columns of a kind, wherever it is worn; rows that come later follow it too. */
export function ColumnRule({
    rule,
    sheets,
    needed,
    format,
}: {
    rule: ColumnRuleView;
    sheets: number;
    needed: number;
    format: Formatter;
}) {
    const change = (part: Record<string, unknown>) => format.revise('rule', { kind: rule.kind, rule: part });
    const field = (label: string, value: string, choices: string[][], onChange: (value: string) => void) => (
        <label className="flex items-center gap-1.5">
            <span className="text-quiet">{label}</span>
            <Select label={label} value={value} choices={choices} onChange={onChange} />
        </label>
    );
    return (
        <fieldset className="mt-3 border-t border-hair pt-2 text-[12px]">
            <legend className="float-left mb-1 w-full text-[12px] font-semibold">
                Rule for all {KINDS[rule.kind as ColumnKind].words} columns
                <span className="ml-2 font-normal text-quiet">
                    {sheets === 1 ? 'on the sheet' : `on the ${sheets} sheets`} that wear this stylebook
                </span>
            </legend>
            <div className="clear-both flex flex-wrap gap-x-4 gap-y-1.5">
                {field('Currency sign', rule.sign, SIGNS, (sign) => change({ sign }))}
                {rule.kind !== 'percent' &&
                    field('Figures', String(rule.scale), SCALES, (scale) =>
                        change({ scale: Number(scale), ...(scale === '0' ? {} : { least: 1 }) }),
                    )}
                {field('Decimals, least', String(rule.least), PLACES, (least) =>
                    change({ least: Number(least), most: Math.max(rule.most, Number(least)) }),
                )}
                {field('most', String(rule.most), PLACES, (most) =>
                    change({ most: Number(most), least: Math.min(rule.least, Number(most)) }),
                )}
                <button
                    type="button"
                    className="btn text-[12px]"
                    title={`The fewest that show every value of a column, and the same all down it; here ${needed}`}
                    onClick={() => change({ least: 0, most: 4 })}
                >
                    As needed
                </button>
                {field('Totals have more', String(rule.totals), PLACES, (totals) => change({ totals: Number(totals) }))}
                <label className="flex items-center gap-1.5">
                    <input
                        type="checkbox"
                        className="accent-damson"
                        checked={rule.accounting}
                        onChange={(event) => change({ accounting: event.target.checked })}
                    />
                    Brackets below zero, dash for zero
                </label>
            </div>
        </fieldset>
    );
}
