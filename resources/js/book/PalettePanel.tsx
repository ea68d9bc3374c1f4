import { ChevronDown, ChevronUp, Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { ColourRecord, RulesRecord } from '@/api/types';
import { ask } from '@/parts/Ask';
import { counted } from '@/parts/counted';
import { useDraft } from '@/parts/useDraft';
import { ColourMenu } from '@/tray/ColourMenu';
import type { Formatter } from '@/tray/useFormat';

/** The colours of the stylebook: their names, their order, how often rules say them; a whole palette from one colour. */
export function PalettePanel({ rules, format }: { rules: RulesRecord; format: Formatter }) {
    const names = rules.palette.map((colour) => colour.name);
    const [leaving, setLeaving] = useState<ColourRecord | null>(null);
    const move = (at: number, by: number) => {
        const next = [...names];
        next.splice(at + by, 0, ...next.splice(at, 1));
        format.revise('orderColours', { names: next });
    };
    const add = async () => {
        const name = await ask({ title: 'Add a colour', label: 'Name of the colour', action: 'Add' });
        if (name) format.revise('colour', { name: name.trim(), hex: '#8A8192' });
    };
    return (
        <>
            <ul aria-label="Colours of the palette">
                {rules.palette.map((colour, at) => (
                    <Colour
                        key={colour.name}
                        colour={colour}
                        format={format}
                        onUp={at > 0 ? () => move(at, -1) : null}
                        onDown={at < names.length - 1 ? () => move(at, 1) : null}
                        onLeave={() =>
                            colour.uses > 0 ? setLeaving(colour) : format.revise('dropColour', { name: colour.name })
                        }
                    />
                ))}
            </ul>
            {leaving && (
                <div className="my-2 rounded-md bg-ground p-2" role="group" aria-label={`In the place of ${leaving.name}`}>
                    <p className="mb-1.5 text-[12px]">
                        {counted(leaving.uses, 'rule says', 'rules say')} {leaving.name}. Which takes its place?
                    </p>
                    <div className="flex flex-wrap gap-1">
                        {rules.palette
                            .filter((other) => other.name !== leaving.name)
                            .map((other) => (
                                <button
                                    key={other.name}
                                    type="button"
                                    className="btn text-[11.5px]"
                                    onClick={() => {
                                        setLeaving(null);
                                        format.revise('replaceColour', { name: leaving.name, by: other.name });
                                    }}
                                >
                                    <i className="h-3 w-3 rounded-sm border border-black/15" style={{ background: other.hex }} />
                                    {other.name}
                                </button>
                            ))}
                        <button type="button" className="btn text-[11.5px]" onClick={() => setLeaving(null)}>
                            Leave it
                        </button>
                    </div>
                </div>
            )}
            <div className="mt-2 flex gap-1.5">
                <button type="button" className="btn flex-1 justify-center text-[12px]" onClick={() => void add()}>
                    <Plus size={12} aria-hidden="true" /> Add a colour
                </button>
                <ColourMenu
                    format={format}
                    label="A whole palette from one colour"
                    value={rules.palette[0]?.hex ?? null}
                    onChoose={(hex) => format.revise('palette', { hex })}
                    trialOf={(hex) => ({ revise: 'palette', args: { hex }, words: `a palette of ${hex}` })}
                    button={{ className: 'btn flex-1 justify-center text-[12px]' }}
                >
                    All from one…
                </ColourMenu>
            </div>
        </>
    );
}

function Colour({
    colour,
    format,
    onUp,
    onDown,
    onLeave,
}: {
    colour: ColourRecord;
    format: Formatter;
    onUp: (() => void) | null;
    onDown: (() => void) | null;
    onLeave: () => void;
}) {
    const name = useDraft(colour.name, (to) => format.revise('renameColour', { name: colour.name, to }));
    const arrow = 'grid h-6 w-5 place-items-center rounded hover:bg-ground disabled:opacity-30';
    return (
        <li className="border-t border-hair py-1 first:border-t-0">
            <div className="flex items-center gap-1">
                <ColourMenu
                    format={format}
                    label={`Colour ${colour.name}`}
                    value={colour.hex}
                    onChoose={(hex) => format.revise('colour', { name: colour.name, hex })}
                    trialOf={(hex) => ({
                        revise: 'colour',
                        args: { name: colour.name, hex },
                        words: `${colour.name} as ${hex}`,
                    })}
                    button={{
                        className: 'h-6 w-6 flex-none rounded border border-black/15',
                        style: { background: colour.hex },
                        'aria-label': `Change ${colour.name}, ${colour.hex}`,
                        title: `${colour.hex}, said by ${counted(colour.uses, 'rule')}`,
                    }}
                />
                <input
                    aria-label={`Name of ${colour.name}`}
                    className="h-6 w-0 min-w-0 flex-1 rounded border border-transparent bg-transparent px-1 hover:border-hair"
                    {...name}
                />
                <span className="text-[11px] text-quiet">{colour.uses}×</span>
                <button
                    type="button"
                    className={arrow}
                    aria-label={`Move ${colour.name} up`}
                    disabled={!onUp}
                    onClick={onUp ?? undefined}
                >
                    <ChevronUp size={13} />
                </button>
                <button
                    type="button"
                    className={arrow}
                    aria-label={`Move ${colour.name} down`}
                    disabled={!onDown}
                    onClick={onDown ?? undefined}
                >
                    <ChevronDown size={13} />
                </button>
                <button type="button" className={arrow} aria-label={`Take ${colour.name} out`} onClick={onLeave}>
                    <Trash2 size={12} />
                </button>
            </div>
            <div className="mt-0.5 flex h-2 overflow-hidden rounded-sm" aria-hidden="true">
                {colour.run.map((hex) => (
                    <i key={hex} className="flex-1" style={{ background: hex }} />
                ))}
            </div>
        </li>
    );
}
