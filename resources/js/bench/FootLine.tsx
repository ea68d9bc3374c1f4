import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '@/api/client';
import type { SheetDetail } from '@/api/types';
import { parse } from '@/grid/address';
import { say } from '@/parts/Messages';
import { selectionText, useBench } from './state';

export function FootLine({ id, detail, revision }: { id: number; detail: SheetDetail; revision: number }) {
    const text = useBench((state) => selectionText(state.selection));
    const trial = useBench((state) => state.trial);
    const lifted = useBench((state) => state.lifted);
    const figures = useQuery({
        queryKey: ['figures', id, detail.number, revision, text],
        queryFn: ({ signal }) => api.figures(id, detail.number, text, signal),
        placeholderData: keepPreviousData,
        staleTime: Infinity,
    });
    const shown = figures.data;
    return (
        <footer className="flex items-center gap-4.5 border-t border-hair bg-ground px-3 text-[11.5px] text-quiet">
            <Address key={text} text={text} />
            {shown && (
                <>
                    <span>
                        {shown.numbers > 0
                            ? `${shown.numbers.toLocaleString('en')} numbers`
                            : `${shown.filled.toLocaleString('en')} filled`}
                    </span>
                    {shown.sum !== null && <Figure name="sum" value={shown.sum} />}
                    {shown.mean !== null && shown.numbers > 1 && <Figure name="mean" value={shown.mean} />}
                    {shown.least !== null && shown.numbers > 1 && <Figure name="least" value={shown.least} />}
                    {shown.greatest !== null && shown.numbers > 1 && <Figure name="greatest" value={shown.greatest} />}
                </>
            )}
            <span className="flex-1" />
            {trial && <span className="font-semibold text-caution">Trying on {trial.stylebook}, not kept</span>}
            {lifted && (
                <button type="button" className="font-semibold text-damson" onClick={() => useBench.setState({ lifted: null })}>
                    Laying the look of {lifted.from} · Escape ends
                </button>
            )}
            <span>Saved</span>
            <span>{detail.zoom}%</span>
        </footer>
    );
}

function Figure({ name, value }: { name: string; value: string }) {
    return (
        <span>
            {name} <b className="font-medium text-ink">{value}</b>
        </span>
    );
}

/** The address of the selection; typing another one goes there. */
function Address({ text }: { text: string }) {
    const [typed, setTyped] = useState(text);
    const go = () => {
        const ranges = typed.split(',').map((part) => parse(part));
        if (ranges.some((range) => range === null)) {
            say(`"${typed}" is no cell or range. Write B4, B4:F20, C:D or 2:7, several with commas.`, 'refused');
            setTyped(text);
            return;
        }
        useBench.getState().select(ranges.flatMap((range) => range ?? []));
        document.querySelector<HTMLElement>('[role=grid]')?.focus();
    };
    return (
        <input
            id="selection-address"
            aria-label="Address of the selection"
            className="h-5 w-[210px] rounded border border-transparent bg-transparent px-1 font-mono text-[11.5px] text-ink hover:border-hair focus:bg-white"
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
            onFocus={(event) => event.currentTarget.select()}
            onBlur={() => setTyped(text)}
            onKeyDown={(event) => {
                if (event.key === 'Enter') go();
                if (event.key === 'Escape') document.querySelector<HTMLElement>('[role=grid]')?.focus();
            }}
        />
    );
}
