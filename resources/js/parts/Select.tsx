import { useEffect, useState } from 'react';

/** ms for which a choice is shown though nothing has come of it: what is refused shows as it is again. */
const HELD = 5000;

export function Select({
    label,
    value,
    choices,
    onChange,
    wide,
}: {
    label: string;
    value: string;
    choices: string[][];
    onChange: (value: string) => void;
    /** As wide as what it stands in. */
    wide?: boolean;
}) {
    // What is chosen stays so while it is on its way: letters that are typed after it go on from there.
    const [held, setHeld] = useState<string | null>(null);
    const [was, setWas] = useState(value);
    if (was !== value) {
        setWas(value);
        setHeld(null);
    }
    useEffect(() => {
        if (held === null) return;
        const timer = setTimeout(() => setHeld(null), HELD);
        return () => clearTimeout(timer);
    }, [held]);
    return (
        <select
            className={`field h-[26px] min-w-0 px-1 ${wide ? 'w-full' : ''}`}
            aria-label={label}
            value={held ?? value}
            onChange={(event) => {
                setHeld(event.target.value);
                onChange(event.target.value);
            }}
            onBlur={() => setHeld(null)}
        >
            {choices.map(([name, words]) => (
                <option key={name} value={name}>
                    {words}
                </option>
            ))}
        </select>
    );
}
