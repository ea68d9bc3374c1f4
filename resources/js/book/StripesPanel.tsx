import type { RulesRecord, SheetDetail, StripesRecord } from '@/api/types';
import { Select } from '@/parts/Select';
import { useDraft } from '@/parts/useDraft';
import { ColourMenu } from '@/tray/ColourMenu';
import type { Formatter } from '@/tray/useFormat';

/** What the fills of the body take turns with, in two or three colours. */
export function StripesPanel({ rules, format, detail }: { rules: RulesRecord; format: Formatter; detail: SheetDetail }) {
    const now = rules.stripes;
    const [pale = 'none', stronger = 'none'] = rules.pale;
    const set = (change: Partial<StripesRecord>) => {
        const from: StripesRecord = now ?? { by: 'rows', every: 1, key: null, fills: ['none', pale], first: 1, anew: true };
        format.revise('stripes', { stripes: { ...from, ...change } });
    };
    // A key is a word that stands in several rows.
    const columns = detail.tables.flatMap((table) => table.columns);
    const keyed = [...columns.filter((column) => column.kind === 'category'), ...columns];
    const headings = [...new Set(keyed.flatMap((column) => column.heading ?? []))];
    const every = useDraft(String(now?.every ?? 1), (text) => set({ every: Number(text) }));
    const first = useDraft(String(now?.first ?? 1), (text) => set({ first: Number(text) }));
    const key = useDraft(now?.key ?? '', (text) => set({ by: 'key', key: text }));
    const by = now?.by ?? 'none';
    const unit = by === 'columns' ? 'columns' : by === 'key' ? 'changes' : 'rows';
    return (
        <div className="flex flex-col gap-2 text-[12px]">
            <div className="flex items-center gap-2">
                <span className="w-20 flex-none text-quiet">Change</span>
                <Select
                    label="Change"
                    wide
                    value={by}
                    choices={[
                        ['none', 'never: no stripes'],
                        ['rows', 'every some rows'],
                        ['key', 'with a key column'],
                        ['columns', 'every some columns'],
                    ]}
                    onChange={(to) =>
                        to === 'none'
                            ? format.revise('stripes', { stripes: null })
                            : set({ by: to, key: now?.key ?? headings[0] ?? 'Name' })
                    }
                />
            </div>
            {now && (
                <>
                    {by === 'key' && (
                        <label className="flex items-center gap-2">
                            <span className="w-20 text-quiet">Key heading</span>
                            <input className="field min-w-0 flex-1" list="headings" {...key} />
                            <datalist id="headings">
                                {headings.map((heading) => (
                                    <option key={heading} value={heading} />
                                ))}
                            </datalist>
                        </label>
                    )}
                    <label className="flex items-center gap-2">
                        <span className="w-20 text-quiet">One band is</span>
                        <input className="field w-14" inputMode="numeric" {...every} /> {unit}
                    </label>
                    <label className="flex items-center gap-2">
                        <span className="w-20 text-quiet">Begin at</span>
                        <input className="field w-14" inputMode="numeric" {...first} />{' '}
                        {by === 'key' ? 'change' : by === 'columns' ? 'column' : 'row'}
                    </label>
                    <div className="flex items-center gap-2" role="group" aria-label="Fills of the bands">
                        <span className="w-20 text-quiet">Fills</span>
                        {now.fills.map((fill, at) => (
                            <ColourMenu
                                key={at}
                                format={format}
                                label={`Fill of band ${at + 1}`}
                                value={fill}
                                none
                                onChoose={(hex) => set({ fills: now.fills.map((old, index) => (index === at ? hex : old)) })}
                                button={{
                                    className: 'h-6 w-7 rounded border border-black/20 text-[11px]',
                                    style: { background: fill === 'none' ? '#fff' : fill },
                                    'aria-label': `Fill of band ${at + 1}: ${fill === 'none' ? 'none' : fill}`,
                                }}
                            >
                                {fill === 'none' ? '–' : ''}
                            </ColourMenu>
                        ))}
                        <button
                            type="button"
                            className="btn text-[11.5px]"
                            onClick={() =>
                                set({ fills: now.fills.length === 2 ? [...now.fills, stronger] : now.fills.slice(0, 2) })
                            }
                        >
                            {now.fills.length === 2 ? 'Three' : 'Two'}
                        </button>
                    </div>
                    {by !== 'columns' && (
                        <label className="flex items-center gap-2">
                            <input
                                type="checkbox"
                                className="accent-damson"
                                checked={now.anew}
                                onChange={(event) => set({ anew: event.target.checked })}
                            />
                            Begin anew below each group and subtotal
                        </label>
                    )}
                    <p className="text-[11px] text-quiet">
                        Headings, groups and totals are left out; hidden rows are not counted.
                    </p>
                </>
            )}
        </div>
    );
}
