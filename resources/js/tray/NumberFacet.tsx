import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { ChevronDown, Hash } from 'lucide-react';
import { useState } from 'react';
import { api } from '@/api/client';
import type { NumberView } from '@/api/types';
import { keys } from '@/api/keys';
import { useBench } from '@/work/state';
import { tell } from '@/parts/Messages';
import { PanelButton } from '@/parts/openers';
import { changed } from './changed';
import { FacetFrame, Press } from './FacetFrame';
import { NotesMenu } from './NotesMenu';
import { NumberMenu } from './NumberMenu';
import type { Formatter } from './useFormat';

/** What the cell stores, what it shows and the code between the two, side by side; choices by purpose. */
export function NumberFacet({ format }: { format: Formatter }) {
    const active = useBench((state) => state.active);
    const [open, setOpen] = useState(false);
    const [side, setSide] = useState(0);
    const client = useQueryClient();
    const question = {
        queryKey: keys.number(format.id, format.sheet, format.stamp, active.row, active.column, open),
        queryFn: ({ signal }: { signal?: AbortSignal }) =>
            api.number(format.id, format.sheet, active.row, active.column, open, signal),
        staleTime: Infinity,
        gcTime: 10_000,
    };
    const { data: view, isPlaceholderData: isOld } = useQuery({ ...question, placeholderData: keepPreviousData });
    /** Steps count from the decimals of the cell that is chosen now. */
    const step = (by: number) => {
        const set = (of: NumberView) => {
            const decimals = Math.max(0, Math.min(MOST_DECIMALS, (of.choice?.decimals ?? of.needed) + by));
            format.format(changed(of, { decimals, ...(of.choice?.hasDecimals ? {} : { purpose: 'grouped' }) }));
        };
        if (view && !isOld) set(view);
        else void client.fetchQuery({ ...question, retry: 4 }).then(set, tell);
    };
    const purpose = view?.samples.find((sample) => sample.name === view.choice?.purpose)?.words ?? 'By code';
    return (
        <FacetFrame title="Number" icon={Hash} facet="number" lead="number" attributes={['number']} format={format} width={178}>
            <div className="flex gap-1">
                <PanelButton
                    className="flex h-[26px] min-w-0 flex-1 items-center justify-between rounded-md border border-hair bg-white px-2"
                    aria-label={`Number format: ${purpose}`}
                    opened={open}
                    onOpen={(now) => {
                        setSide(beside());
                        setOpen(now);
                        if (!now) useBench.getState().tryOn(null);
                    }}
                    panel={{
                        className: 'menu w-[580px] p-3',
                        side: 'top',
                        align: 'start',
                        alignOffset: side,
                        sticky: 'always',
                        'aria-label': 'Number formats',
                    }}
                    face={
                        <>
                            <span className="truncate">{format.state('number')?.mixed ? 'mixed' : purpose}</span>
                            <ChevronDown size={13} aria-hidden="true" />
                        </>
                    }
                >
                    {view && <NumberMenu view={view} format={format} onDone={() => setOpen(false)} />}
                </PanelButton>
                {view && <Decimals view={view} onStep={step} />}
            </div>
            <dl className="grid grid-cols-[auto_minmax(0,1fr)] gap-x-1.5 text-[11px] leading-[1.35]">
                <dt className="text-quiet">stores</dt>
                <dd className="truncate font-mono" title={view && `${view.stored}: ${view.explained}`}>
                    {view?.stored || '–'}
                </dd>
                <dt className="text-quiet">shows</dt>
                <dd className="truncate font-semibold" title={view?.shown}>
                    {view?.shown || '–'}
                </dd>
                <dt className="text-quiet">code</dt>
                <dd className="truncate font-mono" title={view?.code}>
                    {view?.code}
                </dd>
            </dl>
            <NotesMenu format={format} />
        </FacetFrame>
    );
}

/** How far the menu stands aside, so that the selection is seen while choices are tried on it. */
function beside(): number {
    const mark = document.querySelector('[data-selected]')?.getBoundingClientRect();
    return mark && mark.left < window.innerWidth / 2 ? 318 : -140;
}

const MOST_DECIMALS = 10;

function Decimals({ view, onStep }: { view: NumberView; onStep: (by: number) => void }) {
    const decimals = view.choice?.decimals ?? view.needed;
    const off = view.choice !== null && !view.choice.hasDecimals && view.choice.purpose !== 'as_it_is';
    return (
        <>
            <Press label="Fewer decimals" disabled={off || decimals === 0} onPress={() => onStep(-1)}>
                <span className="text-[10px]">.0</span>
            </Press>
            <Press label="More decimals" disabled={off || decimals >= MOST_DECIMALS} onPress={() => onStep(1)}>
                <span className="text-[10px] tracking-tight">.00</span>
            </Press>
        </>
    );
}
