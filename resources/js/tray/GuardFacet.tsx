import { EyeOff, Lock } from 'lucide-react';
import { FacetFrame, Press } from './FacetFrame';
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
            width={48}
            narrow
        >
            <Press on={locked} label="Locked once the sheet is protected" onPress={() => format.format({ locked: !locked })}>
                <Lock size={14} />
            </Press>
            <Press
                on={format.is('concealed')}
                label="Formula hidden once the sheet is protected"
                onPress={() => format.format((now) => ({ concealed: !now.is('concealed') }))}
            >
                <EyeOff size={14} />
            </Press>
        </FacetFrame>
    );
}
