import { FAMILIES, type Part, type RuleRecord, type RulesRecord } from '@/api/types';
import { Select } from '@/parts/Select';
import { useDraft } from '@/parts/useDraft';
import type { Acts } from '@/work/useActs';

/** One scale of sizes: the base moves all of them, each can be said by itself. */
export function SizesPanel({ rules, acts }: { rules: RulesRecord; acts: Acts }) {
    const base = useDraft(String(rules.size), (text) => void acts.revise('scale', { size: Number(text.replace(',', '.')) }));
    return (
        <>
            <div className="mb-2 flex items-center gap-2 text-[12px]">
                <span className="w-24 flex-none text-quiet">Font</span>
                <Select
                    label="Font"
                    wide
                    value={rules.font}
                    choices={[...new Set([rules.font, ...FAMILIES])].map((font) => [font, font])}
                    onChange={(font) => void acts.revise('ground', { look: { font } })}
                />
            </div>
            <label className="mb-2 flex items-center gap-2 text-[12px]">
                <span className="w-24 text-quiet">Base, moves all</span>
                <input className="field w-16" inputMode="decimal" {...base} /> pt
            </label>
            {rules.sizes
                .filter((size) => size.key !== 'ground')
                .map((size) => (
                    <Size key={size.key} size={size} acts={acts} />
                ))}
        </>
    );
}

function Size({ size, acts }: { size: RuleRecord; acts: Acts }) {
    const field = useDraft(
        size.says,
        (text) => void acts.revise('say', { part: size.key as Part, kind: null, look: { size: Number(text.replace(',', '.')) } }),
    );
    return (
        <label className="mb-2 flex items-center gap-2 text-[12px]">
            <span className="w-24 text-quiet">{size.words}</span>
            <input className="field w-16" inputMode="decimal" {...field} /> pt
        </label>
    );
}
