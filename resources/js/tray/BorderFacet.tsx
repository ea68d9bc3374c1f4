import { ChevronDown, Grid2x2 } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import { LINES } from '@/api/types';
import { useBench, type Pen } from '@/work/state';
import { dashed } from '@/grid/dashes';
import { ColourMenu } from './ColourMenu';
import { FacetFrame } from './FacetFrame';
import type { Formatter } from './useFormat';
import { MenuButton } from '@/parts/openers';

type Side = 'top' | 'right' | 'bottom' | 'left' | 'horizontal' | 'vertical' | 'rising' | 'falling';
const OUTER: Side[] = ['top', 'right', 'bottom', 'left'];
const WORDS: Record<Side, string> = {
    top: 'Top edge',
    right: 'Right edge',
    bottom: 'Bottom edge',
    left: 'Left edge',
    horizontal: 'Lines between rows',
    vertical: 'Lines between columns',
    rising: 'Rising diagonal',
    falling: 'Falling diagonal',
};

export function BorderFacet({ format }: { format: Formatter }) {
    const pen = useBench((state) => state.pen);
    // What was pressed belongs to the selection that it was pressed for.
    const here = `${format.sheet}:${format.ranges}`;
    const [pressed, setPressed] = useState<{ here: string; sides: Side[]; until: number }>({ here, sides: [], until: 0 });
    // It holds until something else is done: after an undo nothing of it is there any more.
    const drawn = pressed.here === here && format.revision <= pressed.until ? pressed.sides : [];
    const onPart = format.scope !== 'cells';

    const draw = (sides: Partial<Record<Side, string>>) => {
        if (onPart) {
            // A part's look says the edges of each of its cells; inner lines are those below and beside each.
            const look: Record<string, string> = {};
            for (const [side, edge] of Object.entries(sides))
                look[side === 'horizontal' ? 'bottom' : side === 'vertical' ? 'right' : side] = edge;
            format.format(look);
        } else format.act('borders', { sides });
        setPressed(() => {
            const next = new Set(drawn);
            for (const [side, edge] of Object.entries(sides)) {
                if (edge === 'none') next.delete(side as Side);
                else next.add(side as Side);
            }
            return { here, sides: [...next], until: format.revision + 1 };
        });
    };
    const stroke = (line?: string) => `${line ?? pen.line} ${pen.colour}`;
    const all = (sides: Side[], edge: string) => draw(Object.fromEntries(sides.map((side) => [side, edge])));
    const toggle = (side: Side) => draw({ [side]: drawn.includes(side) ? 'none' : stroke() });
    const sets: [string, string, () => void][] = [
        ['Outline', 'M2 2h10v10h-10z', () => all(OUTER, stroke())],
        ['All lines', 'M2 2h10v10h-10zM2 7h10M7 2v10', () => all([...OUTER, 'horizontal', 'vertical'], stroke())],
        ['Inner lines only', 'M2 7h10M7 2v10', () => all(['horizontal', 'vertical'], stroke())],
        ['Lines between rows', 'M2 4.5h10M2 9.5h10', () => all(['horizontal'], stroke())],
        ['Lines between columns', 'M4.5 2v10M9.5 2v10', () => all(['vertical'], stroke())],
        [
            'Total rule: single above, double below',
            'M2 3h10M2 10h10M2 12h10',
            () => draw({ top: stroke('thin'), bottom: stroke('double') }),
        ],
        ['No lines', 'M3 3l8 8M11 3l-8 8', () => all([...OUTER, 'horizontal', 'vertical', 'rising', 'falling'], 'none')],
    ];
    return (
        <FacetFrame
            title="Borders"
            icon={Grid2x2}
            facet="borders"
            lead="bottom"
            attributes={['top', 'right', 'bottom', 'left', 'rising', 'falling']}
            format={format}
            width={198}
        >
            <div className="flex gap-2">
                <FramePicker drawn={drawn} onPress={toggle} />
                <PenBox pen={pen} format={format} />
            </div>
            <div className="flex gap-0.5">
                {sets.map(([words, path, press]) => (
                    <button
                        key={words}
                        type="button"
                        className="grid h-[26px] w-6 flex-none place-items-center rounded-md border border-hair hover:bg-ground"
                        aria-label={words}
                        title={words}
                        onClick={press}
                    >
                        <svg width="14" height="14" fill="none" stroke="currentColor" strokeWidth="1.2" aria-hidden="true">
                            <path d={path} />
                        </svg>
                    </button>
                ))}
            </div>
        </FacetFrame>
    );
}

/** The selection as a small table whose edges are pressed to draw, and pressed again to wipe. */
function FramePicker({ drawn, onPress }: { drawn: Side[]; onPress: (side: Side) => void }) {
    const lines: [Side, number, number, number, number][] = [
        ['top', 8, 6, 88, 6],
        ['horizontal', 8, 28, 88, 28],
        ['bottom', 8, 50, 88, 50],
        ['left', 8, 6, 8, 50],
        ['vertical', 48, 6, 48, 50],
        ['right', 88, 6, 88, 50],
        ['rising', 8, 50, 48, 28],
        ['falling', 48, 28, 88, 50],
    ];
    const [near, setNear] = useState<Side | null>(null);
    /** The line that is nearest to where the pointer is. */
    const nearest = (event: { clientX: number; clientY: number; currentTarget: Element }): Side => {
        const box = event.currentTarget.getBoundingClientRect();
        const [x, y] = [event.clientX - box.left, event.clientY - box.top];
        // Where an inner line runs into the frame, the frame is meant.
        const far = ([side, x1, y1, x2, y2]: (typeof lines)[number]) => {
            const along = Math.max(
                0,
                Math.min(1, ((x - x1) * (x2 - x1) + (y - y1) * (y2 - y1)) / ((x2 - x1) ** 2 + (y2 - y1) ** 2)),
            );
            return Math.hypot(x - x1 - along * (x2 - x1), y - y1 - along * (y2 - y1)) - (OUTER.includes(side) ? 5 : 0);
        };
        return lines.reduce((best, line) => (far(line) < far(best) ? line : best))[0];
    };
    return (
        <svg
            width="96"
            height="56"
            role="group"
            aria-label="Frame of the selection"
            className="flex-none cursor-pointer"
            onPointerMove={(event) => setNear(nearest(event))}
            onPointerLeave={() => setNear(null)}
            onClick={(event) => onPress(nearest(event))}
        >
            <rect x="8" y="6" width="80" height="44" fill="#FAF8F4" />
            {lines.map(([side, x1, y1, x2, y2]) => {
                const on = drawn.includes(side);
                return (
                    <g
                        key={side}
                        role="button"
                        tabIndex={0}
                        aria-label={WORDS[side]}
                        aria-pressed={on}
                        className={`outline-none [&:focus-visible>line]:stroke-damson ${near === side ? '[&>line]:stroke-damson' : ''}`}
                        onKeyDown={(event) => {
                            if (event.key !== 'Enter' && event.key !== ' ') return;
                            event.preventDefault();
                            onPress(side);
                        }}
                    >
                        <title>{WORDS[side]}</title>
                        <line
                            x1={x1}
                            y1={y1}
                            x2={x2}
                            y2={y2}
                            stroke={on ? '#3B2A4A' : '#B9B1A4'}
                            strokeWidth={on ? 2.5 : 1}
                            strokeDasharray={on ? undefined : '2 3'}
                        />
                    </g>
                );
            })}
        </svg>
    );
}

function PenBox({ pen, format }: { pen: Pen; format: Formatter }) {
    const set = (part: Partial<Pen>) => useBench.setState((state) => ({ pen: { ...state.pen, ...part } }));
    return (
        <div className="flex min-w-0 flex-1 flex-col gap-1.5">
            <MenuButton
                className="flex h-[26px] items-center gap-1 rounded-md border border-hair px-2"
                aria-label={`Pen: ${LINES[pen.line]?.words ?? pen.line}`}
                side="top"
                face={
                    <>
                        <Sample line={pen.line} colour={pen.colour} />
                        <ChevronDown size={12} aria-hidden="true" />
                    </>
                }
            >
                {Object.entries(LINES).map(([line, { words }]) => (
                    <DropdownMenu.Item key={line} className="menu-item" onSelect={() => set({ line })}>
                        <span className="w-16">
                            <Sample line={line} colour={pen.colour} />
                        </span>
                        {words}
                    </DropdownMenu.Item>
                ))}
            </MenuButton>
            <ColourMenu
                format={format}
                label="Pen colours"
                value={pen.colour}
                onChoose={(colour) => set({ colour })}
                button={{ className: 'flex items-center gap-1.5 text-[11px] text-quiet', 'aria-label': 'Colour of the pen' }}
            >
                <span className="h-[18px] w-[18px] rounded border border-black/15" style={{ background: pen.colour }} />
                pen, {pen.line}
            </ColourMenu>
        </div>
    );
}

function Sample({ line, colour }: { line: string; colour: string }) {
    return <span className="block w-full" style={{ height: LINES[line]?.width ?? 1, ...dashed(line, colour, true) }} />;
}
