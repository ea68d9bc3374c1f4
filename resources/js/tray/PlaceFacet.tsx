import {
    AlignCenter,
    AlignLeft,
    AlignRight,
    AlignVerticalJustifyCenter,
    AlignVerticalJustifyEnd,
    AlignVerticalJustifyStart,
    AlignLeft as PlaceIcon,
    IndentDecrease,
    IndentIncrease,
    MoveRight,
    Scissors,
    Shrink,
    WrapText,
    type LucideIcon,
} from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { MenuButton } from '@/parts/openers';
import { ask } from '@/parts/Ask';
import { FacetFrame, Press } from './FacetFrame';
import type { Formatter } from './useFormat';

const PLACE = ['horizontal', 'vertical', 'indent', 'wrap', 'shrink', 'clip', 'rotation'];
const TURNS: [string, number][] = [
    ['Level', 0],
    ['Up, 90°', 90],
    ['Up, 45°', 45],
    ['Down, 45°', -45],
    ['Down, 90°', -90],
    ['Letters stacked', 255],
];

export function PlaceFacet({ format, onMerge }: { format: Formatter; onMerge: () => void }) {
    const horizontal = format.value('horizontal') ?? 'general';
    const vertical = format.value('vertical') ?? 'bottom';
    const indent = Number(format.value('indent') ?? 0);
    const rotation = Number(format.value('rotation') ?? 0);
    const merged = (format.record?.inspection.merges.length ?? 0) > 0;
    const align = (side: string) => format.format((now) => ({ horizontal: now.value('horizontal') === side ? 'general' : side }));
    const step = (by: number) =>
        format.format((now) => {
            const side = now.value('horizontal');
            const steps = Math.max(0, Math.min(15, Number(now.value('indent') ?? 0) + by));
            return { indent: steps, ...(by < 0 || side === 'left' || side === 'right' ? {} : { horizontal: 'left' }) };
        });
    return (
        <FacetFrame title="Place" icon={PlaceIcon} facet="place" lead="horizontal" attributes={PLACE} format={format} width={176}>
            <div className="flex gap-1">
                <Press on={horizontal === 'left'} label="Align left" onPress={() => align('left')}>
                    <AlignLeft size={14} />
                </Press>
                <Press on={horizontal === 'center'} label="Align in the middle" onPress={() => align('center')}>
                    <AlignCenter size={14} />
                </Press>
                <Press on={horizontal === 'right'} label="Align right" onPress={() => align('right')}>
                    <AlignRight size={14} />
                </Press>
                <Press label="Less indent" disabled={indent === 0} onPress={() => step(-1)}>
                    <IndentDecrease size={14} />
                </Press>
                <Press label="More indent" disabled={indent === 15} onPress={() => step(1)}>
                    <IndentIncrease size={14} />
                </Press>
            </div>
            <div className="flex gap-1">
                <Press on={vertical === 'top'} label="Set at the top" onPress={() => format.format({ vertical: 'top' })}>
                    <AlignVerticalJustifyStart size={14} />
                </Press>
                <Press on={vertical === 'center'} label="Set at mid height" onPress={() => format.format({ vertical: 'center' })}>
                    <AlignVerticalJustifyCenter size={14} />
                </Press>
                <Press on={vertical === 'bottom'} label="Set at the bottom" onPress={() => format.format({ vertical: 'bottom' })}>
                    <AlignVerticalJustifyEnd size={14} />
                </Press>
                <LongText format={format} />
                <MenuButton
                    className={`h-[26px] min-w-[40px] rounded-md border px-1
                                ${rotation === 0 ? 'border-hair' : 'border-damson bg-damson-soft text-damson'}`}
                    aria-label="Turn the text"
                    title="Turn the text"
                    side="top"
                    face={<>{rotation === 255 ? '⇩' : `${rotation}°`}</>}
                >
                    {TURNS.map(([words, degrees]) => (
                        <DropdownMenu.Item
                            key={degrees}
                            className="menu-item"
                            onSelect={() => format.format({ rotation: degrees })}
                        >
                            {words}
                        </DropdownMenu.Item>
                    ))}
                    <DropdownMenu.Item
                        className="menu-item"
                        onSelect={() =>
                            void ask({
                                title: 'Turn the text',
                                label: 'Angle in degrees, from -90 to 90',
                                value: String(rotation === 255 ? 0 : rotation),
                                action: 'Turn',
                            }).then((typed) => typed !== null && format.format({ rotation: Number(typed) }))
                        }
                    >
                        Another angle…
                    </DropdownMenu.Item>
                </MenuButton>
            </div>
            <div className="flex gap-1.5">
                <button
                    type="button"
                    className={`btn h-[26px] flex-1 justify-center py-0
                            ${horizontal === 'span' ? 'border-damson bg-damson-soft text-damson' : ''}`}
                    aria-pressed={horizontal === 'span'}
                    title="Centre over several cells that stay separate"
                    onClick={() => align('span')}
                >
                    Span
                </button>
                {format.book === null && (
                    <button
                        type="button"
                        className="btn h-[26px] flex-1 justify-center"
                        onClick={() => (merged ? format.act('split') : onMerge())}
                    >
                        {merged ? 'Split' : 'Merge'}
                    </button>
                )}
            </div>
        </FacetFrame>
    );
}

const SPILL = { name: 'spill', words: 'Spills over blank neighbours', Icon: MoveRight };
const LONG: { name: string; words: string; Icon: LucideIcon }[] = [
    SPILL,
    { name: 'wrap', words: 'Wraps to more lines', Icon: WrapText },
    { name: 'clip', words: 'Is cut off at the edge', Icon: Scissors },
    { name: 'shrink', words: 'Shrinks to fit', Icon: Shrink },
];

/** What happens to a text that is longer than its cell is wide: one of four, so that no two of them are at odds. */
function LongText({ format }: { format: Formatter }) {
    const { name: now, words, Icon } = LONG.find(({ name }) => format.is(name)) ?? SPILL;
    return (
        <MenuButton
            className={`grid h-[26px] w-[30px] place-items-center rounded-md border
                        ${now === 'spill' ? 'border-hair' : 'border-damson bg-damson-soft text-damson'}`}
            aria-label={`Long text: ${words.toLowerCase()}`}
            title={`Long text: ${words.toLowerCase()}`}
            side="top"
            face={<Icon size={14} />}
        >
            <DropdownMenu.Label className="menu-label">Text longer than its cell</DropdownMenu.Label>
            {LONG.map(({ name, words: says, Icon: Choice }) => (
                <DropdownMenu.Item
                    key={name}
                    className="menu-item"
                    onSelect={() =>
                        format.format({
                            ...(now === 'spill' ? {} : { [now]: false }),
                            ...(name === 'spill' ? {} : { [name]: true }),
                        })
                    }
                >
                    <Choice size={14} aria-hidden="true" /> {says}
                </DropdownMenu.Item>
            ))}
        </MenuButton>
    );
}
