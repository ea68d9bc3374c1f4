import { useEffect, useState } from 'react';
import { useSending } from '@/work/sending';

/** Milliseconds after which it is said that something takes its time. */
const PATIENCE = 350;

/** A bar while the server is at work on something that a person waits for. */
export function Working() {
    const isPending = useSending((state) => state.pending > 0);
    const [isLong, setLong] = useState(false);
    useEffect(() => {
        const timer = setTimeout(() => setLong(isPending), isPending ? PATIENCE : 0);
        return () => clearTimeout(timer);
    }, [isPending]);
    if (!isLong) return null;
    return (
        <div
            role="progressbar"
            aria-label="The server is at work"
            className="fixed top-[47px] right-0 left-0 z-40 h-[3px] overflow-hidden bg-damson-soft"
        >
            <div className="h-full w-1/3 animate-[working_1.2s_ease-in-out_infinite] bg-damson" />
        </div>
    );
}
