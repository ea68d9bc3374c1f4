import { Lock } from 'lucide-react';
import { FacetFrame } from './FacetFrame';
import type { Formatter } from './useFormat';

/** Whether cells may be changed, and their formulas seen, once the sheet is protected. */
export function GuardFacet({ format }: { format: Formatter }) {
    const locked = format.value('locked') !== 'false';
    return (
        <FacetFrame
            title="Guard"
            icon={Lock}
            facet="guard"
            lead="locked"
            attributes={['locked', 'concealed']}
            format={format}
            width={118}
        >
            <label className="flex h-6 items-center gap-2 text-[12px]">
                <input
                    type="checkbox"
                    className="accent-damson"
                    checked={locked}
                    onChange={() => format.format({ locked: !locked })}
                />{' '}
                Locked
            </label>
            <label className="flex h-6 items-center gap-2 text-[12px]">
                <input
                    type="checkbox"
                    className="accent-damson"
                    checked={format.is('concealed')}
                    onChange={() => format.format({ concealed: !format.is('concealed') })}
                />{' '}
                Formula hidden
            </label>
        </FacetFrame>
    );
}
