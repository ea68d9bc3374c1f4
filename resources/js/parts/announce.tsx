import { create } from 'zustand';

const useAnnounced = create<{ text: string; turn: number }>(() => ({ text: '', turn: 0 }));

/** Has something read out once, politely, that is seen on the screen anyway. */
export function announce(text: string): void {
    useAnnounced.setState(({ turn }) => ({ text, turn: turn + 1 }));
}

export function Announced() {
    const { text, turn } = useAnnounced();
    return (
        <div aria-live="polite" aria-atomic="true" className="sr-only" data-announced="">
            {/* A new element each time, so that the same words are read again. */}
            <span key={turn}>{text}</span>
        </div>
    );
}
