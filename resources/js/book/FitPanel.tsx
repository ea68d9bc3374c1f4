import type { RulesRecord } from '@/api/types';
import { useDraft } from '@/parts/useDraft';
import type { Acts } from '@/work/useActs';

const SIZES = [
    ['least', 'Narrowest column'],
    ['greatest', 'Widest column'],
    ['air', 'Air beside texts'],
    ['rowAir', 'Air above and below'],
    ['headingAir', 'Air of headings'],
    ['titleAir', 'Air of titles'],
    ['rowLeast', 'Lowest row'],
] as const;

/** How columns and rows are fitted, and how a dressed sheet opens. */
export function FitPanel({ rules, acts }: { rules: RulesRecord; acts: Acts }) {
    const { fit } = rules;
    const opens = (change: Record<string, unknown>) => void acts.revise('fit', { fit: {}, opens: change });
    const zoom = useDraft(fit.zoom === null ? '' : String(fit.zoom), (text) => opens({ zoom: Number(text) }));
    return (
        <div className="flex flex-col gap-1.5 text-[12px]">
            {SIZES.map(([name, words]) => (
                <Size
                    key={name}
                    words={words}
                    px={fit[name]}
                    onSet={(px) => void acts.revise('fit', { fit: { [name]: px }, opens: {} })}
                />
            ))}
            <label className="flex items-center gap-2">
                <span className="min-w-0 flex-1 text-quiet">Opens at zoom</span>
                <input className="field h-[26px] w-16" inputMode="numeric" placeholder="own" {...zoom} /> %
            </label>
            <label className="flex items-center gap-2">
                <input
                    type="checkbox"
                    className="accent-damson"
                    checked={fit.freeze}
                    onChange={(event) => opens({ freeze: event.target.checked })}
                />
                Headings and labels frozen
            </label>
            <label className="flex items-center gap-2">
                <input
                    type="checkbox"
                    className="accent-damson"
                    checked={fit.gridlines}
                    onChange={(event) => opens({ gridlines: event.target.checked })}
                />
                Gridlines shown
            </label>
        </div>
    );
}

function Size({ words, px, onSet }: { words: string; px: number; onSet: (px: number) => void }) {
    const field = useDraft(String(px), (text) => onSet(Number(text)));
    return (
        <label className="flex items-center gap-2">
            <span className="min-w-0 flex-1 text-quiet">{words}</span>
            <input className="field h-[26px] w-16" inputMode="numeric" {...field} /> px
        </label>
    );
}
