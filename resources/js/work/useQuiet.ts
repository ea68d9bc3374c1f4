import { useEffect, useState } from 'react';

/** A value once it has stayed the same for a while: what looks a whole sheet over waits for a pause in the work. */
export function useQuiet<T>(value: T, ms = 600): T {
    const [quiet, setQuiet] = useState(value);
    useEffect(() => {
        const timer = setTimeout(() => setQuiet(value), ms);
        return () => clearTimeout(timer);
    }, [value, ms]);
    return quiet;
}
