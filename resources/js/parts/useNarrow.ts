import { useSyncExternalStore } from 'react';

/** A window, or a zoom, that leaves too little room for the outline and the tray beside the sheet. */
const NARROW = '(max-width: 820px), (max-height: 560px)';

export function useNarrow(): boolean {
    return useSyncExternalStore(
        (changed) => {
            const query = window.matchMedia(NARROW);
            query.addEventListener('change', changed);
            return () => query.removeEventListener('change', changed);
        },
        () => window.matchMedia(NARROW).matches,
    );
}
