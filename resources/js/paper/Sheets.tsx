import { useEffect, useRef, useState } from 'react';
import type { PagesRecord } from '@/api/types';
import { usePage } from './usePages';

/** A page as it will print; it is drawn by the server, texts and all. */
export function Leaf({
    svg,
    width,
    height,
    zoom,
    label,
}: {
    svg: string;
    width: number;
    height: number;
    zoom: number;
    label: string;
}) {
    return (
        <div
            role="figure"
            aria-label={label}
            className="border border-hair bg-white shadow-sm [&>svg]:h-full [&>svg]:w-full"
            style={{ width: width * zoom, height: height * zoom }}
            // The server draws it and escapes every text of it.
            dangerouslySetInnerHTML={{ __html: svg }}
        />
    );
}

/** Width of a small page, px, and what stands around it. */
const WIDTH = 150;
const AROUND = 26;

/** All pages of a sheet, small; only those in sight are drawn. */
export function Leaves({
    id,
    sheet,
    seen,
    pages,
    page,
    onPage,
}: {
    id: number;
    sheet: number;
    seen: string;
    pages: PagesRecord;
    page: number;
    onPage: (page: number) => void;
}) {
    const list = useRef<HTMLDivElement>(null);
    const [sight, setSight] = useState({ top: 0, height: 600 });
    const zoom = WIDTH / Math.max(pages.width, pages.height * 0.8);
    const each = Math.round(pages.height * zoom) + AROUND;
    const first = Math.max(0, Math.floor(sight.top / each) - 1);
    const last = Math.min(pages.pages - 1, Math.ceil((sight.top + sight.height) / each));
    useEffect(() => {
        const element = list.current;
        if (!element) return;
        const watch = new ResizeObserver(() => setSight({ top: element.scrollTop, height: element.clientHeight }));
        watch.observe(element);
        return () => watch.disconnect();
    }, []);
    // The chosen one is in sight.
    useEffect(() => {
        const element = list.current;
        if (!element) return;
        const top = (page - 1) * each;
        if (top < element.scrollTop || top + each > element.scrollTop + element.clientHeight)
            element.scrollTo({ top: top - each });
    }, [page, each]);
    const step = (to: number) => onPage(Math.max(1, Math.min(pages.pages, to)));
    return (
        <div
            ref={list}
            role="listbox"
            tabIndex={0}
            aria-label="Pages"
            aria-activedescendant={`leaf-${page}`}
            className="min-h-0 overflow-y-auto"
            onScroll={(event) => setSight({ top: event.currentTarget.scrollTop, height: event.currentTarget.clientHeight })}
            onKeyDown={(event) => {
                const to = {
                    ArrowDown: page + 1,
                    ArrowUp: page - 1,
                    Home: 1,
                    End: pages.pages,
                    PageDown: page + 5,
                    PageUp: page - 5,
                }[event.key];
                if (to === undefined) return;
                event.preventDefault();
                step(to);
            }}
        >
            <div className="relative" style={{ height: pages.pages * each }}>
                {Array.from({ length: Math.max(0, last - first + 1) }, (_, index) => first + index + 1).map((number) => (
                    <Small
                        key={number}
                        id={id}
                        sheet={sheet}
                        seen={seen}
                        pages={pages}
                        number={number}
                        zoom={zoom}
                        top={(number - 1) * each}
                        chosen={number === page}
                        onChoose={() => onPage(number)}
                    />
                ))}
            </div>
        </div>
    );
}

function Small({
    id,
    sheet,
    seen,
    pages,
    number,
    zoom,
    top,
    chosen,
    onChoose,
}: {
    id: number;
    sheet: number;
    seen: string;
    pages: PagesRecord;
    number: number;
    zoom: number;
    top: number;
    chosen: boolean;
    onChoose: () => void;
}) {
    const page = usePage(id, sheet, seen, number, pages.pages);
    return (
        <div
            id={`leaf-${number}`}
            role="option"
            aria-selected={chosen}
            aria-label={`Page ${number}`}
            className="absolute flex cursor-pointer items-start gap-3 px-3 pt-3"
            style={{ top }}
            onClick={onChoose}
        >
            <span className="w-5 text-right text-[12px] text-quiet">{number}</span>
            <span className={`rounded-sm ${chosen ? 'ring-2 ring-damson ring-offset-2' : ''}`} aria-hidden="true">
                <Leaf svg={page.data?.svg ?? ''} width={pages.width} height={pages.height} zoom={zoom} label={`Page ${number}`} />
            </span>
        </div>
    );
}
