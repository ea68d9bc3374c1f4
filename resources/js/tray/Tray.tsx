import { useState } from 'react';
import type { BenchRecord, SheetDetail } from '@/api/types';
import type { Acts } from '@/bench/useActs';
import { BorderFacet } from './BorderFacet';
import { ColourFacet } from './ColourFacet';
import { FitFacet } from './FitFacet';
import { GuardFacet } from './GuardFacet';
import { MergeDialog } from './MergeDialog';
import { NumberFacet } from './NumberFacet';
import { PlaceFacet } from './PlaceFacet';
import { ScopeFacet } from './ScopeFacet';
import { TypeFacet } from './TypeFacet';
import { useFormat } from './useFormat';
import { useFormatKeys } from './useFormatKeys';

/** The facets as columns, in the order of work. All of it is in sight at once. */
export function Tray({ bench, detail, acts }: { bench: BenchRecord; detail: SheetDetail; acts: Acts }) {
    const format = useFormat(bench, detail, acts);
    const [hidden, setHidden] = useState<string[] | null>(null);
    useFormatKeys(format);
    const merge = () => acts.ask('merge', { ranges: format.ranges, sheets: [detail.number] }, setHidden);
    return (
        <section aria-label="Tray" className="flex min-w-0 overflow-x-auto border-t border-hair bg-panel" tabIndex={0}>
            <ScopeFacet format={format} />
            <TypeFacet format={format} />
            <NumberFacet format={format} />
            <PlaceFacet format={format} onMerge={merge} />
            <ColourFacet format={format} />
            <BorderFacet format={format} />
            <FitFacet format={format} detail={detail} />
            <GuardFacet format={format} />
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
