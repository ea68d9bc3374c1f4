import { useEffect } from 'react';
import type { Acts } from '@/work/useActs';

const PLACES = ['nav[aria-label=Outline]', 'nav[aria-label=Rules]', '[role=grid]', '[aria-label=Tray]', 'footer', 'header'];
const TAKES_FOCUS = 'button:not(:disabled):not([tabindex="-1"]), input:not(:disabled), select, textarea, a[href], [tabindex="0"]';

/** What has an undo of its own, for its texts. */
const TYPED_INTO = 'textarea, [contenteditable], input:not([type=checkbox], [type=radio], [type=range])';

/** Goes on to the next part of the Bench, or back to the one before. */
function round(step: number): void {
    const places = PLACES.flatMap((place) => document.querySelector<HTMLElement>(place) ?? []);
    const here = places.findIndex((place) => place.contains(document.activeElement));
    const next = places[(here + step + places.length) % places.length];
    if (!next) return;
    (next.matches('[role=grid]') ? next : (next.querySelector<HTMLElement>(TAKES_FOCUS) ?? next)).focus();
}

/** Keys that work everywhere on the Bench. */
export function useKeys({
    acts,
    find,
    keys,
    handOver,
}: {
    acts: Acts;
    find: () => void;
    keys: () => void;
    handOver: () => void;
}): void {
    useEffect(() => {
        const press = (event: KeyboardEvent) => {
            const typing = (event.target as HTMLElement).closest(TYPED_INTO) !== null;
            if (event.key === 'F6') {
                event.preventDefault();
                round(event.shiftKey ? -1 : 1);
                return;
            }
            // In the grid a character is typed into its cell.
            const inGrid = (event.target as HTMLElement).getAttribute('role') === 'grid';
            if (event.key === '?' && !typing && !inGrid && !event.ctrlKey && !event.metaKey) return keys();
            if (!(event.ctrlKey || event.metaKey) || event.altKey) return;
            // With a dialog open, keys are the dialog's.
            if (document.querySelector('[role=dialog].dialog, [role=alertdialog]')) return;
            const key = event.key.toLowerCase();
            const does =
                key === 'k'
                    ? find
                    : typing
                      ? null
                      : key === 'z' && !event.shiftKey
                        ? acts.undo
                        : key === 'y' || (key === 'z' && event.shiftKey)
                          ? acts.redo
                          : key === 's'
                            ? handOver
                            : null;
            if (!does) return;
            event.preventDefault();
            void does();
        };
        document.addEventListener('keydown', press);
        return () => document.removeEventListener('keydown', press);
    }, [acts, find, keys, handOver]);
}
