import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '@/api/client';
import type { BenchRecord, SheetDetail } from '@/api/types';
import { parse } from '@/grid/address';
import { goToName } from '@/work/names';
import { useWaiting, WAITING } from '@/work/away';
import { useSending } from '@/work/sending';
import { keys } from '@/api/keys';
import { counted } from '@/parts/counted';
import { selectionText, useBench } from '@/work/state';
import type { Acts } from '@/work/useActs';
import { useQuiet } from '@/work/useQuiet';

export function FootLine({ bench, detail, acts }: { bench: BenchRecord; detail: SheetDetail; acts: Acts }) {
    const { id } = bench;
    // Looks change no sum: figures stand until cells are changed.
    const data = bench.sheets.find((sheet) => sheet.number === detail.number)?.dataRevision ?? 0;
    const text = useBench((state) => selectionText(state.selection));
    const trial = useBench((state) => state.trial);
    const lifted = useBench((state) => state.lifted);
    const figures = useQuery({
        queryKey: keys.figures(id, detail.number, data, text),
        queryFn: ({ signal }) => api.figures(id, detail.number, text, signal),
        placeholderData: keepPreviousData,
        staleTime: Infinity,
    });
    const shown = figures.data;
    return (
        <footer
            className={`flex min-w-0 items-center gap-4.5 overflow-hidden border-t whitespace-nowrap max-[820px]:gap-2.5
                border-hair bg-ground px-3 text-[11.5px] text-quiet`}
        >
            <Address text={text} bench={bench} acts={acts} />
            {shown && (
                <>
                    <span>
                        {shown.numbers > 0 ? counted(shown.numbers, 'number') : `${shown.filled.toLocaleString('en')} filled`}
                    </span>
                    {shown.sum !== null && <Figure name="sum" value={shown.sum} />}
                    {shown.mean !== null && shown.numbers > 1 && <Figure wide name="mean" value={shown.mean} />}
                    {shown.least !== null && shown.numbers > 1 && <Figure wide name="least" value={shown.least} />}
                    {shown.greatest !== null && shown.numbers > 1 && <Figure wide name="greatest" value={shown.greatest} />}
                </>
            )}
            <span className="flex-1" />
            {trial && <span className="font-semibold text-caution">Trying on {trial.words}, not kept</span>}
            {lifted && (
                <button type="button" className="font-semibold text-damson" onClick={() => useBench.setState({ lifted: null })}>
                    Laying the look of {lifted.from} · Escape ends
                </button>
            )}
            <Results detail={detail} />
            <Cut bench={bench} detail={detail} acts={acts} />
            <Saving />
            <Zoom detail={detail} acts={acts} />
        </footer>
    );
}

/** What has become of what was done last. */
function Saving() {
    const pending = useSending((state) => state.pending);
    const waiting = useWaiting();
    return (
        <span aria-live="polite" className={waiting ? 'font-semibold text-caution' : ''}>
            {waiting ? WAITING : pending > 0 ? 'Saving…' : 'Saved'}
        </span>
    );
}

const ZOOMS = [50, 75, 85, 100, 115, 130, 150, 200];

/** The zoom that the sheet opens with, here and in the file. */
function Zoom({ detail, acts }: { detail: SheetDetail; acts: Acts }) {
    const values = ZOOMS.includes(detail.zoom) ? ZOOMS : [...ZOOMS, detail.zoom].sort((a, b) => a - b);
    return (
        <select
            className="h-6 w-[62px] rounded border border-transparent bg-transparent text-[11.5px] hover:border-hair"
            aria-label="Zoom"
            title="The zoom that the sheet opens with, here and in the file"
            value={detail.zoom}
            onChange={(event) =>
                void acts.act(
                    'opening',
                    event.target.value === 'all' ? { zoom: detail.zoom, sheets: 'all' } : { zoom: Number(event.target.value) },
                )
            }
        >
            {values.map((zoom) => (
                <option key={zoom} value={zoom}>
                    {zoom}%
                </option>
            ))}
            <option value="all">{detail.zoom}% on all sheets</option>
        </select>
    );
}

/** Texts that are not seen whole: walked through one by one, or fitted in one act. */
function Cut({ bench, detail, acts }: { bench: BenchRecord; detail: SheetDetail; acts: Acts }) {
    const [at, setAt] = useState(0);
    const seen = useQuiet(bench.sheets.find((sheet) => sheet.number === detail.number)?.seen ?? bench.stamp);
    const { data } = useQuery({
        queryKey: ['cut', bench.id, detail.number, seen],
        queryFn: () => api.cut(bench.id, detail.number),
        staleTime: Infinity,
        gcTime: 30_000,
        placeholderData: keepPreviousData,
    });
    if (!data || data.count === 0) return null;
    const next = () => {
        const range = parse(data.places[at % data.places.length] ?? '');
        setAt(at + 1);
        if (range) useBench.getState().select([range]);
    };
    const fit = () => void acts.act('fitCut', {});
    return (
        <span className="flex items-center gap-1 text-caution">
            <button type="button" className="h-6 rounded px-1 hover:bg-white" title="Go to the next of them" onClick={next}>
                {counted(data.count, 'text is cut', 'texts are cut')}
            </button>
            <button type="button" className="h-6 rounded px-1 font-semibold hover:bg-white" onClick={fit}>
                Fit
            </button>
        </span>
    );
}

/** Formulas that are still calculated, or that keep a value which may no longer be theirs. */
function Results({ detail }: { detail: SheetDetail }) {
    const { waiting, notCalculated, circles } = detail;
    if (waiting + notCalculated === 0) return null;
    const many = (count: number) => counted(count, 'result');
    return (
        <span
            className="text-caution"
            role="status"
            title={
                circles !== ''
                    ? 'Formulas that look at themselves have no result; the notes of Number name them'
                    : notCalculated > 0
                      ? 'They keep their last value; the notes of Number name them, and a file handed over asks to be calculated'
                      : undefined
            }
        >
            {waiting > 0 && `${many(waiting)} being calculated`}
            {waiting > 0 && notCalculated > 0 && ' · '}
            {circles !== '' ? `${circles} look at themselves` : notCalculated > 0 && `${many(notCalculated)} not calculated here`}
        </span>
    );
}

function Figure({ name, value, wide = false }: { name: string; value: string; wide?: boolean }) {
    return (
        <span className={wide ? 'max-[820px]:hidden' : ''}>
            {name} <b className="font-medium text-ink">{value}</b>
        </span>
    );
}

/** The address of the selection; typing another one, or a name, goes there; typing a new name gives it to the selection. */
function Address({ text, bench, acts }: { text: string; bench: BenchRecord; acts: Acts }) {
    // While somebody types here, what is typed stays, whatever becomes of the selection meanwhile.
    const [typing, setTyping] = useState<string | null>(null);
    const typed = typing ?? text;
    const setTyped = setTyping;
    const leave = () => {
        setTyping(null);
        document.querySelector<HTMLElement>('[role=grid]')?.focus();
    };
    const go = () => {
        const ranges = typed.split(',').map((part) => parse(part));
        if (ranges.some((range) => range === null)) {
            const named = bench.names.find((name) => name.name.toLowerCase() === typed.trim().toLowerCase());
            if (named) {
                goToName(named);
                leave();
            } else {
                // What is no address and no name yet becomes the name of the selection.
                void acts.act('name', { name: typed.trim(), ranges: text });
                setTyped(null);
            }
            return;
        }
        useBench.getState().select(ranges.flatMap((range) => range ?? []));
        leave();
    };
    return (
        <input
            id="selection-address"
            aria-label="Address of the selection"
            className={`h-5 w-[210px] max-[820px]:w-[120px] rounded border border-transparent bg-transparent px-1
                    font-mono text-[11.5px] text-ink hover:border-hair focus:bg-white`}
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
            onFocus={(event) => event.currentTarget.select()}
            onBlur={() => setTyped(null)}
            onKeyDown={(event) => {
                if (event.key === 'Enter') go();
                if (event.key === 'Escape') leave();
            }}
        />
    );
}
