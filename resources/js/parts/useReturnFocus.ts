import { useEffect, useState } from 'react';

/**
 * Gives the focus back to where it was before a dialog took it. A field that takes it by itself does so before the dialog
 * can look where it was, so that is remembered as the dialog is made.
 */
export function useReturnFocus(): void {
    const [before] = useState(() => document.activeElement as HTMLElement | null);
    useEffect(
        () => () => {
            setTimeout(() => {
                const lost = !document.activeElement || document.activeElement === document.body;
                const back =
                    before?.isConnected && before !== document.body ? before : document.querySelector<HTMLElement>('[role=grid]');
                if (lost) back?.focus({ preventScroll: true });
            }, 20);
        },
        [before],
    );
}
