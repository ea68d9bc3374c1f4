import { FAMILIES, type Part, type RuleRecord, type RulesRecord } from '@/api/types';
import { useDraft } from '@/parts/useDraft';
import type { Acts } from '@/work/useActs';

/** One scale of sizes: the base moves all of them, each can be said by itself. */
export function SizesPanel({ rules, acts }: { rules: RulesRecord; acts: Acts }) {
    const base = useDraft(String(rules.size), (text) => void acts.revise('scale', { size: Number(text.replace(',', '.')) }));
    return (
        <>
            <label className="mb-2 flex items-center gap-2 text-[12px]">
                <span className="w-24 text-quiet">Font</span>
                <select
                    className="field h-[26px] min-w-0 flex-1 px-1"
                    value={rules.font}
                    onChange={(event) => void acts.revise('ground', { look: { font: event.target.value } })}
                >
                    {[...new Set([rules.font, ...FAMILIES])].map((font) => (
                        <option key={font}>{font}</option>
                    ))}
                </select>
            </label>
            <label className="mb-2 flex items-center gap-2 text-[12px]">
                <span className="w-24 text-quiet">Base, moves all</span>
                <input className="field h-[26px] w-16" inputMode="decimal" {...base} /> pt
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
            <input className="field h-[26px] w-16" inputMode="decimal" {...field} /> pt
        </label>
    );
}
