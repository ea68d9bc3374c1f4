import { MoveHorizontal } from 'lucide-react';
import { useState } from 'react';
import { KINDS, PARTS, type ColumnKind, type Part, type SheetDetail } from '@/api/types';
import { useBench } from '@/work/state';
import { FitRules } from './FitRules';
import type { Formatter } from './useFormat';

/** What a rule of a stylebook is set for: the part that was chosen, or the kind of its column. */
export function RuleScope({ format }: { format: Formatter }) {
    const aim = useBench((state) => state.aim);
    const meant = useBench((state) => state.meant);
    const part = (meant ?? format.record?.inspection.part) as Part | null | undefined;
    const kind = meant ? null : (format.record?.inspection.kind as ColumnKind | null | undefined);
    const radio = (name: 'part' | 'kind', words: string, disabled: boolean) => (
        <label className={`flex h-6 items-center gap-1.5 text-[11.5px] ${disabled ? 'text-[#8a8192]' : ''}`}>
            <input
                type="radio"
                name="aim"
                className="flex-none accent-damson"
                checked={aim === name}
                disabled={disabled}
                onChange={() => useBench.setState({ aim: name })}
            />
            <span className={`truncate ${aim === name ? 'font-semibold' : ''}`}>{words}</span>
        </label>
    );
    return (
        <fieldset className="flex w-[182px] min-w-0 flex-none flex-col gap-0.5 border-r border-hair px-2.5 py-2">
            <legend className="float-left h-5 text-[12px] font-semibold">Applies to</legend>
            {radio('part', part ? PARTS[part].words : 'No part', !part)}
            {radio('kind', kind ? KINDS[kind].many : 'No column kind', !kind)}
            <p className="mt-auto text-[11px] leading-tight text-quiet">
                What is set here is a rule: it holds wherever the stylebook is worn, once it is kept.
            </p>
        </fieldset>
    );
}

/** Rules of fitting, a press away. */
export function RuleFit({ format, detail }: { format: Formatter; detail: SheetDetail }) {
    const [open, setOpen] = useState(false);
    const rules = detail.rules;
    if (!rules) return null;
    return (
        <section aria-label="Fit" className="flex w-[116px] flex-none flex-col gap-1.5 border-r border-hair px-2.5 py-2">
            <h2 className="flex h-5 items-center gap-1.5 text-[12px] font-semibold">
                <MoveHorizontal size={13} strokeWidth={1.75} aria-hidden="true" />
                Fit
            </h2>
            <p className="text-[11px] leading-snug text-quiet">
                Columns {rules.least} to {rules.greatest} px, {rules.air} px of air
            </p>
            <button type="button" className="btn h-[26px] justify-center text-[11.5px]" onClick={() => setOpen(true)}>
                Rules of fit
            </button>
            {open && (
                <FitRules
                    rules={rules}
                    stylebook={detail.wears ?? ''}
                    sheets={null}
                    format={format}
                    onClose={() => setOpen(false)}
                />
            )}
        </section>
    );
}
