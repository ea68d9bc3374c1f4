import { Ellipsis } from 'lucide-react';
import { useLayoutEffect, useRef, useState, type ReactNode } from 'react';
import type { BenchRecord, SheetDetail } from '@/api/types';
import type { Acts } from '@/work/useActs';
import { BorderFacet } from './BorderFacet';
import { ColourFacet } from './ColourFacet';
import { FitFacet } from './FitFacet';
import { GuardFacet } from './GuardFacet';
import { MergeDialog } from './MergeDialog';
import { NumberFacet } from './NumberFacet';
import { PlaceFacet } from './PlaceFacet';
import { RuleFit, RuleScope } from './RuleFacets';
import { ScopeFacet } from './ScopeFacet';
import { TypeFacet } from './TypeFacet';
import { useFormat } from './useFormat';
import { useFormatKeys } from './useFormatKeys';
import { PanelButton } from '@/parts/openers';

/** Width of each facet in px, in the order of work. */
const WIDTHS = { Scope: 182, Type: 186, Number: 178, Place: 176, Colour: 192, Borders: 198, Fit: 116, Guard: 48 };
type Name = keyof typeof WIDTHS;

/** What is folded away first where the window is narrow. */
const FOLDED: Name[] = ['Guard', 'Fit', 'Borders', 'Number', 'Place', 'Type', 'Colour'];

/** Width of a column that folded ones are opened from, and how many stand in one. */
const MORE = 92;
const ROWS = 4;
const roomForMore = (folded: number) => Math.ceil(folded / ROWS) * MORE;

function foldedAt(width: number): Name[] {
    const folded: Name[] = [];
    const room = () =>
        width -
        roomForMore(folded.length) -
        Object.entries(WIDTHS).reduce((sum, [name, each]) => sum + (folded.includes(name as Name) ? 0 : each), 0);
    for (const name of FOLDED) {
        if (room() >= 0) break;
        folded.push(name);
    }
    return folded;
}

/** The facets as columns, in the order of work. What there is no room for is one press away. */
export function Tray({ bench, detail, acts }: { bench: BenchRecord; detail: SheetDetail; acts: Acts }) {
    const format = useFormat(bench, detail, acts);
    const [hidden, setHidden] = useState<string[] | null>(null);
    const [width, setWidth] = useState(window.innerWidth);
    const tray = useRef<HTMLElement>(null);
    useFormatKeys(format);
    useLayoutEffect(() => {
        const watch = new ResizeObserver(([entry]) => entry && setWidth(Math.floor(entry.contentRect.width)));
        if (tray.current) watch.observe(tray.current);
        return () => watch.disconnect();
    }, []);
    const merge = () => acts.merge({ ranges: format.ranges, sheets: [detail.number] }, setHidden);
    const facets: Record<Name, ReactNode> = {
        Scope: format.book === null ? <ScopeFacet format={format} worn={detail.wears} /> : <RuleScope format={format} />,
        Type: <TypeFacet format={format} />,
        Number: <NumberFacet format={format} />,
        Place: <PlaceFacet format={format} onMerge={merge} />,
        Colour: <ColourFacet format={format} />,
        Borders: <BorderFacet format={format} />,
        Fit: format.book === null ? <FitFacet format={format} detail={detail} /> : <RuleFit format={format} detail={detail} />,
        Guard: <GuardFacet format={format} />,
    };
    const names = Object.keys(WIDTHS) as Name[];
    const folded = foldedAt(width);
    return (
        <section
            ref={tray}
            aria-label="Tray"
            className="flex min-w-0 overflow-hidden border-t max-[400px]:overflow-x-auto border-hair bg-panel"
        >
            {names.map(
                (name) =>
                    !folded.includes(name) && (
                        <div key={name} className="contents">
                            {facets[name]}
                        </div>
                    ),
            )}
            {folded.length > 0 && (
                <div className="flex-none px-2.5 py-2" style={{ width: roomForMore(folded.length) }}>
                    <h2 className="flex h-5 items-center gap-1.5 text-[12px] font-semibold">
                        <Ellipsis size={13} aria-hidden="true" /> More
                    </h2>
                    <div className="mt-1.5 grid grid-flow-col grid-rows-4 justify-start gap-1.5">
                        {names
                            .filter((name) => folded.includes(name))
                            .map((name) => (
                                <PanelButton
                                    key={name}
                                    className="btn h-6 text-[12px]"
                                    panel={{
                                        className: 'menu p-1 [&>section]:border-r-0',
                                        side: 'top',
                                        align: 'end',
                                        'aria-label': name,
                                    }}
                                    face={name}
                                >
                                    {facets[name]}
                                </PanelButton>
                            ))}
                    </div>
                </div>
            )}
            {hidden && (
                <MergeDialog
                    hidden={hidden}
                    onChoose={(mode) => {
                        setHidden(null);
                        if (mode === 'span') format.format({ horizontal: 'span' });
                        else if (mode) format.act('merge', { mode });
                    }}
                />
            )}
        </section>
    );
}
