import { Trash2 } from 'lucide-react';
import type { RuleRecord, RulesRecord } from '@/api/types';
import { ask } from '@/parts/Ask';
import { useDraft } from '@/parts/useDraft';
import { SIZES } from '@/tray/FitRules';
import type { Acts } from '@/work/useActs';

/** How columns and rows are fitted, and how a dressed sheet opens. */
export function FitPanel({ rules, acts }: { rules: RulesRecord; acts: Acts }) {
    const { fit } = rules;
    const opens = (change: Record<string, unknown>) => void acts.revise('fit', { fit: {}, opens: change });
    const zoom = useDraft(
        fit.zoom === null ? '' : String(fit.zoom),
        (text) => opens({ zoom: text === '' ? null : Number(text) }),
        true,
    );
    const width = (heading: string, size: string | null) => void acts.revise('widthUnder', { axis: 'columns', heading, size });
    const add = async () => {
        const heading = await ask({ title: 'One width for columns of a heading', label: 'Heading', action: 'Go on' });
        if (!heading) return;
        const size = await ask({ title: `Width of columns headed ${heading}`, label: 'Width, such as 120 px', action: 'Keep' });
        if (size) width(heading, size);
    };
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
                <input className="field w-16" inputMode="numeric" placeholder="own" {...zoom} /> %
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
            <h3 className="mt-1 font-semibold">One width for columns headed</h3>
            {fit.widths.map((rule) => (
                <Width key={rule.key} rule={rule} onSet={(size) => width(rule.key, size)} />
            ))}
            <button type="button" className="btn w-full justify-center" onClick={() => void add()}>
                Add a heading…
            </button>
        </div>
    );
}

function Size({ words, px, onSet }: { words: string; px: number; onSet: (px: number) => void }) {
    const field = useDraft(String(px), (text) => onSet(Number(text)));
    return (
        <label className="flex items-center gap-2">
            <span className="min-w-0 flex-1 text-quiet">{words}</span>
            <input className="field w-16" inputMode="numeric" {...field} /> px
        </label>
    );
}

function Width({ rule, onSet }: { rule: RuleRecord; onSet: (size: string | null) => void }) {
    const field = useDraft(rule.says, (text) => onSet(`${text} px`));
    return (
        <div className="flex items-center gap-2">
            <span className="min-w-0 flex-1 truncate text-quiet">{rule.words}</span>
            <input
                className="field w-16"
                inputMode="numeric"
                aria-label={`Width of columns headed ${rule.words}`}
                {...field}
            />{' '}
            px
            <button
                type="button"
                className="grid h-6 w-5 place-items-center rounded hover:bg-ground"
                aria-label={`Columns headed ${rule.words} follow what they hold`}
                onClick={() => onSet(null)}
            >
                <Trash2 size={12} />
            </button>
        </div>
    );
}
