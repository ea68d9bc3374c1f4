import { useEffect } from 'react';
import type { Acts } from './useActs';

/** Keys that work everywhere on the Bench. */
export function useKeys({ acts, find, handOver }: { acts: Acts; find: () => void; handOver: () => void }): void {
    useEffect(() => {
        const press = (event: KeyboardEvent) => {
            const typing = (event.target as HTMLElement).closest('input, textarea, select, [contenteditable]') !== null;
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
    }, [acts, find, handOver]);
}
