import { Hash } from 'lucide-react';
import { useState } from 'react';
import { FacetFrame } from './FacetFrame';
import type { Formatter } from './useFormat';

/** The number format in force, and a code by hand. Choices by purpose come with the numbers themselves. */
export function NumberFacet({ format }: { format: Formatter }) {
    return (
        <FacetFrame title="Number" icon={Hash} facet="number" lead="number" attributes={['number']} format={format} width={138}>
            <CodeField key={format.value('number') ?? ''} format={format} />
            <p className="text-[11px] leading-snug text-quiet">The format changes how a number reads, never what it is.</p>
        </FacetFrame>
    );
}

function CodeField({ format }: { format: Formatter }) {
    const code = format.value('number');
    const [text, setText] = useState(code ?? '');
    return (
        <input
            className="field h-[26px] w-full px-1.5 font-mono text-[11.5px]"
            aria-label="Number format code"
            placeholder={format.state('number')?.mixed ? 'mixed' : 'as it is'}
            value={text}
            onChange={(event) => setText(event.target.value)}
            onBlur={() => text.trim() !== '' && text !== code && format.format({ number: text })}
            onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
        />
    );
}
