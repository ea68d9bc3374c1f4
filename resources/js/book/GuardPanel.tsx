import { X } from 'lucide-react';
import { PARTS, type Part, type RoleRuleRecord, type RuleRecord, type RulesRecord } from '@/api/types';
import { Select } from '@/parts/Select';
import { useDraft } from '@/parts/useDraft';
import type { Acts } from '@/work/useActs';

type CellPart = 'entry_cell' | 'choice_cell' | 'formula_cell';

/** Which single cells are marked wherever the stylebook is worn, what headings say of them, what may be entered, and what roles bring. */
export function GuardPanel({ rules, acts }: { rules: RulesRecord; acts: Acts }) {
    return (
        <>
            {rules.heads.map((rule) => (
                <Cells key={rule.key} rule={rule} isMarked={rules.marks.includes(rule.key)} acts={acts} />
            ))}
            {rules.cases.map((rule) => (
                <div key={rule.key} className="mb-1 flex items-center gap-2 text-[12px]">
                    <span className="w-24 flex-none text-quiet">{rule.words}</span>
                    <Select
                        label={rule.words}
                        wide
                        value={rule.says}
                        choices={[
                            ['', 'as written'],
                            ['capitals', 'in capitals'],
                            ['sentence', 'sentence case'],
                        ]}
                        onChange={(to) =>
                            void acts.revise('casesOf', {
                                part: rule.key as 'heading' | 'column_group',
                                to: (to || null) as 'capitals' | 'sentence' | null,
                            })
                        }
                    />
                </div>
            ))}
            <h3 className="mt-3 mb-1 text-[11.5px] font-semibold text-quiet">What may be entered</h3>
            {rules.entries.length === 0 && (
                <p className="text-[11.5px] text-quiet">
                    Nothing yet. It is set on a sheet that wears this stylebook, for a heading or a kind of columns.
                </p>
            )}
            <ul>
                {rules.entries.map((entry) => (
                    <li key={entry.key} className="flex items-center gap-1 text-[12px]">
                        <span className="min-w-0 flex-1 truncate" title={entry.words}>
                            {entry.words}
                        </span>
                        <button
                            type="button"
                            className="icon-btn"
                            aria-label={`Take out: ${entry.words}`}
                            onClick={() => void acts.revise('dropEntry', { id: entry.key })}
                        >
                            <X size={12} />
                        </button>
                    </li>
                ))}
            </ul>
            <h3 className="mt-3 mb-1 text-[11.5px] font-semibold text-quiet">What sheets are for</h3>
            <ul>
                {rules.roles.map((rule) => (
                    <RoleRule key={rule.role} rule={rule} acts={acts} />
                ))}
            </ul>
        </>
    );
}

function Cells({ rule, isMarked, acts }: { rule: RuleRecord; isMarked: boolean; acts: Acts }) {
    const part = rule.key as CellPart;
    const says = useDraft(rule.says, (text) => void acts.revise('headsSay', { part, says: text.trim() || null }));
    return (
        <div className="mb-3 text-[12px]">
            <label className="flex min-h-6 items-center gap-1.5">
                <input
                    type="checkbox"
                    className="accent-damson"
                    checked={isMarked}
                    onChange={(event) => void acts.revise('mark', { part, on: event.target.checked })}
                />
                {PARTS[rule.key as Part].words} marked on every sheet
            </label>
            <label className="mt-1 flex items-center gap-2">
                <span className="w-24 text-quiet">Headings say</span>
                <input
                    className="field min-w-0 flex-1"
                    maxLength={40}
                    aria-label={`Headings over ${rule.words.toLowerCase()} say`}
                    placeholder="nothing"
                    {...says}
                />
            </label>
        </div>
    );
}

function RoleRule({ rule, acts }: { rule: RoleRuleRecord; acts: Acts }) {
    const set = (change: { colour?: string; hidden?: boolean; protected?: boolean }) =>
        void acts.revise('roleRule', {
            role: rule.role,
            rule: { colour: rule.colour ?? 'none', hidden: rule.hidden, protected: rule.protected, ...change },
        });
    return (
        <li className="mb-0.5 flex min-h-[26px] items-center gap-1.5 text-[12px]">
            <input
                type="color"
                className="h-6 w-6 flex-none rounded-[3px]"
                aria-label={`Colour of the tab: ${rule.words}`}
                value={rule.colour ?? '#ffffff'}
                onChange={(event) => set({ colour: event.target.value })}
            />
            <span className="min-w-0 flex-1 truncate">{rule.words}</span>
            <label className="flex items-center gap-1 text-quiet">
                <input
                    type="checkbox"
                    className="accent-damson"
                    checked={rule.hidden}
                    aria-label={`${rule.words} hidden`}
                    onChange={(event) => set({ hidden: event.target.checked })}
                />
                hidden
            </label>
            <label className="flex items-center gap-1 text-quiet">
                <input
                    type="checkbox"
                    className="accent-damson"
                    checked={rule.protected}
                    aria-label={`${rule.words} protected`}
                    onChange={(event) => set({ protected: event.target.checked })}
                />
                protected
            </label>
        </li>
    );
}
