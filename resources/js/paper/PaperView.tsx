import { useEffect, useRef, useState } from 'react';
import type { BenchRecord } from '@/api/types';
import { Select } from '@/parts/Select';
import { counted } from '@/parts/counted';
import { useBench } from '@/work/state';
import type { Acts } from '@/work/useActs';
import { BreakLine } from './BreakLine';
import { PageTray } from './PageTray';
import { Leaf, Leaves } from './Sheets';
import { TakePdf } from './TakePdf';
import { TakePicture } from './TakePicture';
import { usePage, usePageCounts, usePages } from './usePages';

const ZOOMS: [string, string][] = [
    ['page', 'whole page'],
    ['width', 'page width'],
    ['1', 'true size'],
    ['1.5', '150 %'],
    ['2', '200 %'],
];

/** Room around a page in the middle, px. */
const AROUND = 40;

/** The pages of a sheet as they will print, what stands on each, and why it ends there. */
export function PaperView({
    bench,
    acts,
    sheet,
    seen,
    book,
}: {
    bench: BenchRecord;
    acts: Acts;
    sheet: number;
    seen: string;
    /** Name of the stylebook that the sheet wears. */
    book: string | null;
}) {
    const open = useBench((state) => state.open);
    const [at, setAt] = useState({ sheet, page: 1 });
    const [zooming, setZooming] = useState('page');
    const [room, setRoom] = useState({ width: 800, height: 500 });
    const stage = useRef<HTMLDivElement>(null);
    const asked = usePages(bench.id, sheet, seen);
    const counts = usePageCounts(bench);
    const pages = asked.data;
    const wantedPage = at.sheet === sheet ? at.page : 1;
    const number = Math.max(1, Math.min(pages?.pages ?? 1, wantedPage));
    const page = usePage(bench.id, sheet, seen, number, pages?.pages ?? 0);
    const record = bench.sheets.find((one) => one.number === sheet);
    const name = record?.name ?? '';
    useEffect(() => {
        const element = stage.current;
        if (!element) return;
        const watch = new ResizeObserver(
            ([entry]) => entry && setRoom({ width: entry.contentRect.width, height: entry.contentRect.height }),
        );
        watch.observe(element);
        return () => watch.disconnect();
    }, []);
    const toPage = (to: number) => setAt({ sheet, page: to });
    const zoom =
        pages === undefined
            ? 1
            : zooming === 'page'
              ? Math.max(0.1, Math.min((room.width - 2 * AROUND) / pages.width, (room.height - AROUND) / pages.height))
              : zooming === 'width'
                ? Math.max(0.1, (room.width - 2 * AROUND) / pages.width)
                : Number(zooming);
    const all = counts.data?.reduce((sum, one) => sum + one.pages, 0) ?? null;
    const visible = bench.sheets.filter((one) => one.state === 'visible' || one.number === sheet);
    const { down, across } = page.data ?? {};
    const move = (axis: 'rows' | 'columns', from: number | null, to: number | null) => acts.act('breakPage', { axis, from, to });
    return (
        <>
            <div className="grid min-h-0 grid-rows-[minmax(0,1fr)_152px]">
                <div className="grid min-h-0 grid-cols-[216px_minmax(0,1fr)] max-[820px]:grid-cols-[minmax(0,1fr)]">
                    <section
                        aria-label="Pages of the sheet"
                        className="grid min-h-0 grid-rows-[38px_minmax(0,1fr)] border-r border-hair bg-panel max-[820px]:hidden"
                    >
                        <div className="flex items-center justify-between px-3 text-[12px] font-semibold text-quiet">
                            <h2>Pages of {name}</h2>
                            <span>{pages?.pages.toLocaleString('en')}</span>
                        </div>
                        {pages && pages.pages > 0 && (
                            <Leaves id={bench.id} sheet={sheet} seen={seen} pages={pages} page={number} onPage={toPage} />
                        )}
                    </section>
                    <section aria-label="The page" className="grid min-h-0 min-w-0 grid-rows-[38px_minmax(0,1fr)] bg-[#e9e4dc]">
                        <div className="flex min-w-0 items-center gap-2.5 border-b border-hair bg-ground px-3.5">
                            <Select
                                label="Sheet"
                                value={String(sheet)}
                                choices={visible.map((one) => {
                                    const count = counts.data?.find((each) => each.sheet === one.number)?.pages;
                                    return [
                                        String(one.number),
                                        count === undefined ? one.name : `${one.name}, ${counted(count, 'page')}`,
                                    ];
                                })}
                                onChange={(to) => open(Number(to))}
                            />
                            <span className="flex-none font-semibold whitespace-nowrap" role="status">
                                {pages === undefined
                                    ? 'Laying out the pages…'
                                    : pages.pages === 0
                                      ? 'No page prints'
                                      : `Page ${number} of ${pages.pages.toLocaleString('en')}`}
                            </span>
                            <span className="truncate text-[12px] text-quiet">{page.data?.place}</span>
                            <span className="ml-auto" />
                            <button
                                type="button"
                                className="btn h-7"
                                disabled={number <= 1}
                                aria-label="The page before"
                                onClick={() => toPage(number - 1)}
                            >
                                ‹
                            </button>
                            <button
                                type="button"
                                className="btn h-7"
                                disabled={pages === undefined || number >= pages.pages}
                                aria-label="The next page"
                                onClick={() => toPage(number + 1)}
                            >
                                ›
                            </button>
                            <Select label="Zoom" value={zooming} choices={ZOOMS} onChange={setZooming} />
                            <span className="w-10 text-right text-[12px] text-quiet">{Math.round(zoom * 100)} %</span>
                            <TakePicture id={bench.id} sheet={sheet} name={name} />
                            <TakePdf id={bench.id} sheet={sheet} name={name} pages={pages?.pages ?? 0} all={all} />
                        </div>
                        <div ref={stage} className="min-h-0 overflow-auto" tabIndex={0} aria-label="The page as it prints">
                            {asked.isError && !pages ? (
                                <p role="alert" className="p-10 text-danger">
                                    {asked.error.message}{' '}
                                    <button type="button" className="btn ml-2" onClick={() => void asked.refetch()}>
                                        Try again
                                    </button>
                                </p>
                            ) : pages?.pages === 0 ? (
                                <p className="p-10 text-quiet">Nothing stands on this sheet, or on the cells that print.</p>
                            ) : (
                                pages && (
                                    <div className="grid min-h-full min-w-fit place-items-center px-10 py-5">
                                        <div
                                            className="relative"
                                            style={{ width: pages.width * zoom, height: pages.height * zoom }}
                                        >
                                            <Leaf
                                                svg={page.data?.svg ?? ''}
                                                width={pages.width}
                                                height={pages.height}
                                                zoom={zoom}
                                                label={`Page ${number} of ${name}`}
                                            />
                                            {page.isError && (
                                                <p role="alert" className="absolute inset-x-0 top-1/2 text-center text-danger">
                                                    {page.error.message}
                                                </p>
                                            )}
                                            {down && !down.whole && down.lines.length > 0 && (
                                                <BreakLine
                                                    key={`d${number}`}
                                                    end={down}
                                                    along
                                                    zoom={zoom}
                                                    length={pages.width}
                                                    onMove={(to) => move('rows', down.made ? down.last : null, to)}
                                                    onDrop={() => void move('rows', down.last, null)}
                                                />
                                            )}
                                            {across && !across.whole && across.lines.length > 0 && (
                                                <BreakLine
                                                    key={`a${number}`}
                                                    end={across}
                                                    along={false}
                                                    zoom={zoom}
                                                    length={pages.height}
                                                    onMove={(to) => move('columns', across.made ? across.last : null, to)}
                                                    onDrop={() => void move('columns', across.last, null)}
                                                />
                                            )}
                                        </div>
                                    </div>
                                )
                            )}
                        </div>
                    </section>
                </div>
                {pages ? (
                    <PageTray bench={bench} sheet={sheet} name={name} book={book} pages={pages} acts={acts} />
                ) : (
                    <section aria-label="Page tray" className="border-t border-hair bg-panel" />
                )}
            </div>
            <footer
                className={`flex min-w-0 items-center gap-4.5 overflow-hidden border-t border-hair bg-ground px-3
                    text-[11.5px] whitespace-nowrap text-quiet`}
            >
                {pages && (
                    <span>
                        {name}: {counted(pages.pages, 'page')}
                    </span>
                )}
                {all !== null && (
                    <span>
                        {bench.name}: {counted(all, 'page')}
                    </span>
                )}
                {pages?.held && (
                    <span className="truncate font-semibold text-caution" title={pages.held}>
                        {pages.held}
                    </span>
                )}
                <span className="flex-1" />
                <span className="max-[1100px]:hidden">{pages?.fullness}</span>
            </footer>
        </>
    );
}
