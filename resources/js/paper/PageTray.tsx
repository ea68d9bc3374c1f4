import { Ellipsis } from 'lucide-react';
import { useLayoutEffect, useRef, useState, type ReactNode } from 'react';
import type { BenchRecord, GivenPage, PagesRecord } from '@/api/types';
import { PanelButton } from '@/parts/openers';
import { counted } from '@/parts/counted';
import type { Acts } from '@/work/useActs';
import { Facet, type Saying } from './Facet';
import { BreaksFacet, EdgesFacet, PaperFacet, PrintsFacet, SizeFacet, WIDTHS } from './facets';
import { HeadFootDialog } from './HeadFootDialog';
import { places } from './layers';

type Name = keyof typeof WIDTHS;
const FOLDED: Name[] = ['Edge', 'Edges', 'Breaks', 'Prints'];
const TITLES: Record<Name, string> = {
    Scope: 'Applies to',
    Paper: 'Paper',
    Size: 'Size on it',
    Prints: 'What prints',
    Breaks: 'Breaks',
    Edges: 'Edges',
    Edge: 'Head and foot',
};
const MORE = 116;

/** Facets of pages as columns; what there is no room for is one press away. */
export function PageTray({
    bench,
    sheet,
    name,
    book,
    pages,
    acts,
}: {
    bench: BenchRecord;
    sheet: number;
    name: string;
    book: string | null;
    pages: PagesRecord;
    acts: Acts;
}) {
    const [scope, setScope] = useState<'sheet' | 'all' | 'book'>('sheet');
    const [writing, setWriting] = useState(false);
    const [width, setWidth] = useState(window.innerWidth);
    const tray = useRef<HTMLElement>(null);
    useLayoutEffect(() => {
        const watch = new ResizeObserver(([entry]) => entry && setWidth(Math.floor(entry.contentRect.width)));
        if (tray.current) watch.observe(tray.current);
        return () => watch.disconnect();
    }, []);
    const to = scope === 'book' && book === null ? 'sheet' : scope;
    const sheets = to === 'all' ? ('all' as const) : [sheet];
    const saying: Saying = {
        pages,
        book,
        say: (says: GivenPage) => void (to === 'book' ? acts.revise('pages', { says }) : acts.act('pages', { sheets, says })),
        back: (rules) => void acts.act('pages', { sheets: [sheet], says: Object.fromEntries(rules.map((rule) => [rule, null])) }),
    };
    const facets: Record<Name, ReactNode> = {
        Scope: (
            <section
                aria-label="Applies to"
                className="flex flex-none flex-col gap-0.5 border-r border-hair px-2.5 py-2 text-[12.5px]"
                style={{ width: WIDTHS.Scope }}
            >
                <h2 className="flex h-5 items-center text-[12px] font-semibold">Applies to</h2>
                {(
                    [
                        ['sheet', `This sheet, ${name}`],
                        ['all', `All ${counted(bench.sheets.length, 'sheet')}`],
                        ['book', book === null ? 'No stylebook is worn' : `${book}, everywhere`],
                    ] as const
                ).map(([value, words]) => (
                    <label
                        key={value}
                        className={`flex min-h-[26px] items-center gap-2 ${value === 'book' && book === null ? 'text-quiet' : ''}`}
                    >
                        <input
                            type="radio"
                            name="pages-scope"
                            className="flex-none accent-damson"
                            checked={to === value}
                            disabled={value === 'book' && book === null}
                            onChange={() => setScope(value)}
                        />
                        <span className="line-clamp-2 leading-tight" title={words}>
                            {words}
                        </span>
                    </label>
                ))}
            </section>
        ),
        Paper: <PaperFacet saying={saying} />,
        Size: (
            <SizeFacet
                saying={saying}
                onNarrow={() =>
                    void acts.act('share', {
                        axis: 'columns',
                        row: pages.tableRow,
                        column: pages.tableColumn,
                        size: `${pages.room} px`,
                    })
                }
            />
        ),
        Prints: <PrintsFacet saying={saying} />,
        Breaks: <BreaksFacet saying={saying} onFree={() => void acts.act('freeBreaks', { sheets })} />,
        Edges: <EdgesFacet saying={saying} />,
        Edge: (
            <Facet
                title="Head and foot"
                rules={['header', 'footer', 'firstHeader', 'firstFooter', 'evenHeader', 'evenFooter']}
                width={WIDTHS.Edge}
                saying={saying}
            >
                <p className="line-clamp-2 text-[12px] leading-tight text-quiet">
                    {['header', 'footer'].flatMap((rule) => Object.values(places(pages, rule))).join(' · ') ||
                        'nothing stands there'}
                </p>
                <button type="button" className="btn h-[26px] w-fit" onClick={() => setWriting(true)}>
                    Write them
                </button>
            </Facet>
        ),
    };
    const names = Object.keys(WIDTHS) as Name[];
    const folded: Name[] = [];
    for (const one of FOLDED) {
        const taken = names.reduce((sum, each) => sum + (folded.includes(each) ? 0 : WIDTHS[each]), folded.length > 0 ? MORE : 0);
        if (taken > width) folded.push(one);
    }
    return (
        <section
            ref={tray}
            aria-label="Page tray"
            className="flex min-w-0 overflow-x-auto overflow-y-hidden border-t border-hair bg-panel"
        >
            {names.map(
                (one) =>
                    !folded.includes(one) && (
                        <div key={one} className="contents">
                            {facets[one]}
                        </div>
                    ),
            )}
            {folded.length > 0 && (
                <div className="flex-none px-2.5 py-2" style={{ width: MORE }}>
                    <h2 className="flex h-5 items-center gap-1.5 text-[12px] font-semibold">
                        <Ellipsis size={13} aria-hidden="true" /> More
                    </h2>
                    <div className="mt-1.5 grid justify-start gap-1.5">
                        {names
                            .filter((one) => folded.includes(one))
                            .map((one) => (
                                <PanelButton
                                    key={one}
                                    className="btn h-6 text-[12px]"
                                    panel={{
                                        className: 'menu p-1 [&>section]:border-r-0',
                                        side: 'top',
                                        align: 'end',
                                        'aria-label': TITLES[one],
                                    }}
                                    face={TITLES[one]}
                                >
                                    {facets[one]}
                                </PanelButton>
                            ))}
                    </div>
                </div>
            )}
            {writing && <HeadFootDialog pages={pages} onSay={saying.say} onClose={() => setWriting(false)} />}
        </section>
    );
}
