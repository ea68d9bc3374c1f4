import { useEffect, useRef, useState } from 'react';

/** ms for which a choice is shown though nothing has come of it: what is refused shows as it is again. */
const HELD = 5000;

/** ms without another key after which what was reached by key is chosen. */
const PAUSE = 500;

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
        if (held === value) setHeld(null);
    }
    useEffect(() => {
        if (held === null) return;
        const timer = setTimeout(() => setHeld(null), HELD);
        return () => clearTimeout(timer);
    }, [held]);
    /** What was reached by key, and is chosen once nothing is typed after it: letters of one word are one choice. */
    const reached = useRef<{ value: string; timer: ReturnType<typeof setTimeout> } | null>(null);
    const byKey = useRef(false);
    const tell = useRef(onChange);
    useEffect(() => {
        tell.current = onChange;
    });
    const choose = () => {
        const last = reached.current;
        if (!last) return;
        clearTimeout(last.timer);
        reached.current = null;
        tell.current(last.value);
    };
    useEffect(() => choose, []);
    return (
        <select
            className={`field min-w-0 ${wide ? 'w-full' : ''}`}
            aria-label={label}
            value={held ?? value}
            onKeyDown={(event) => {
                byKey.current = event.key !== 'Enter';
                if (event.key !== 'Enter' || !reached.current) return;
                // It is chosen, and the list is not opened on top of that.
                event.preventDefault();
                choose();
            }}
            onPointerDown={() => (byKey.current = false)}
            onChange={(event) => {
                const next = event.target.value;
                setHeld(next);
                clearTimeout(reached.current?.timer);
                reached.current = { value: next, timer: setTimeout(choose, byKey.current ? PAUSE : 0) };
                if (!byKey.current) choose();
            }}
            onBlur={choose}
        >
            {choices.map(([name, words]) => (
                <option key={name} value={name}>
                    {words}
                </option>
            ))}
        </select>
    );
}
