import { ChevronDown, Palette } from 'lucide-react';
import { useState } from 'react';
import { ColourMenu, Swatch } from './ColourMenu';
import { FacetFrame } from './FacetFrame';
import { StripesDialog } from './StripesDialog';
import type { Formatter } from './useFormat';

export function ColourFacet({ format }: { format: Formatter }) {
    const inspection = format.record?.inspection;
    const palette = format.record?.palette.groups.flatMap((group) => group.swatches).slice(0, 4) ?? [];
    const fill = format.value('fill');
    const ink = format.value('ink') ?? '#000000';
    const contrast = inspection?.contrast ?? null;
    const low = contrast !== null && contrast < 4.5;
    const [striping, setStriping] = useState<string | null>(null);
    return (
        <FacetFrame
            title="Colour"
            icon={Palette}
            facet="fill"
            lead="fill"
            attributes={['fill', 'ink']}
            format={format}
            width={192}
        >
            <Row
                name="Fill"
                format={format}
                value={fill}
                none
                against={ink}
                onChoose={(hex) => format.format({ fill: hex })}
                onStripes={format.book === null ? (hex) => setStriping(hex ?? '#F2F0EC') : undefined}
                swatches={palette}
            />
            <Row
                name="Ink"
                format={format}
                value={ink}
                against={fill && fill !== 'none' ? fill : '#FFFFFF'}
                onChoose={(hex) => format.format({ ink: hex })}
                swatches={palette}
            />
            <div className="flex items-center gap-2 text-[11.5px]">
                <span
                    className="rounded border border-hair px-1.5 py-0.5"
                    style={{ background: fill && fill !== 'none' ? fill : '#fff', color: ink }}
                >
                    Ag
                </span>
                {contrast === null ? (
                    <span className="text-quiet">differs</span>
                ) : (
                    <span className={low ? 'text-danger' : ''}>
                        <b>{contrast.toFixed(1)} : 1</b> {low ? 'hard to read' : contrast >= 7 ? 'reads well' : 'readable'}
                    </span>
                )}
                {inspection && inspection.readable !== ink && low && (
                    <button type="button" className="btn" onClick={() => format.format({ ink: inspection.readable })}>
                        Readable ink
                    </button>
                )}
            </div>
            {(inspection?.near.length ?? 0) > 0 && (
                <div
                    className="flex items-center gap-1 text-[11px] text-caution"
                    title="Two fills that differ by less than 3 (CIEDE2000) are taken for the same"
                >
                    nearly the same:
                    {inspection?.near.map((hex) => (
                        <Swatch key={hex} hex={hex} label={`Use ${hex} instead`} onPress={() => format.format({ fill: hex })} />
                    ))}
                </div>
            )}
            {striping !== null && <StripesDialog format={format} fill={striping} onClose={() => setStriping(null)} />}
        </FacetFrame>
    );
}

function Row({
    name,
    format,
    value,
    none,
    against,
    onChoose,
    onStripes,
    swatches,
}: {
    name: string;
    format: Formatter;
    value: string | null;
    none?: boolean;
    against: string;
    onChoose: (hex: string) => void;
    onStripes?: (hex: string | null) => void;
    swatches: { name: string; hex: string }[];
}) {
    // On the Bench a press is as quick as a trial; a rule is seen before it is set.
    const trialOf =
        format.book === null
            ? undefined
            : (hex: string) => ({
                  act: 'format' as const,
                  args: format.tried({ [name.toLowerCase()]: hex }),
                  words: `${name} ${hex}`,
              });
    return (
        <div className="flex items-center gap-1.5" role="group" aria-label={name}>
            <span className="w-7 text-[12px] text-quiet">{name}</span>
            {swatches.map((swatch) => (
                <Swatch
                    key={swatch.name}
                    hex={swatch.hex}
                    label={`${name} ${swatch.name}`}
                    on={value === swatch.hex}
                    trial={trialOf?.(swatch.hex)}
                    onPress={() => onChoose(swatch.hex)}
                />
            ))}
            <ColourMenu
                format={format}
                label={`${name} colours`}
                value={value}
                none={none}
                against={against}
                onChoose={onChoose}
                onStripes={onStripes}
                trialOf={trialOf}
                button={{
                    className: 'ml-auto flex h-[22px] items-center gap-1 rounded-md border border-hair px-1',
                    'aria-label': `Other colours for ${name.toLowerCase()}`,
                }}
            >
                <span
                    className="h-3.5 w-3.5 rounded-sm border border-black/15"
                    style={{
                        background:
                            value && value !== 'none'
                                ? value
                                : 'linear-gradient(135deg,#fff 45%,#9B2335 45%,#9B2335 55%,#fff 55%)',
                    }}
                />
                <ChevronDown size={12} />
            </ColourMenu>
        </div>
    );
}
