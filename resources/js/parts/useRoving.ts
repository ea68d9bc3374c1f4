import { useEffect, useRef, type FocusEvent, type KeyboardEvent, type RefObject } from 'react';

const STEPS: Record<string, [number, number]> = { ArrowDown: [1, 0], ArrowUp: [-1, 0], ArrowRight: [0, 1], ArrowLeft: [0, -1] };

/**
 * A list of buttons is one stop of the Tab key; inside of it, arrows go from entry to entry, and along the buttons of an
 * entry (ARIA Authoring Practices, roving tabindex).
 */
export function useRoving<T extends HTMLElement>(
    entry = 'li',
): {
    ref: RefObject<T | null>;
    onFocusCapture: (event: FocusEvent) => void;
    onKeyDownCapture: (event: KeyboardEvent) => void;
} {
    const ref = useRef<T>(null);
    const stop = useRef<HTMLElement | null>(null);
    const entries = () =>
        [...(ref.current?.querySelectorAll<HTMLElement>(entry) ?? [])]
            .map((each) => (each.matches('button') ? [each] : [...each.querySelectorAll<HTMLElement>('button')]))
            .map((buttons) => buttons.filter((button) => !button.matches(':disabled')))
            .filter((buttons) => buttons.length > 0);
    const settle = () => {
        const all = entries().flat();
        if (!stop.current || !all.includes(stop.current))
            stop.current = all.find((button) => button.ariaCurrent === 'true' || button.ariaPressed === 'true') ?? all[0] ?? null;
        for (const button of all) button.tabIndex = button === stop.current ? 0 : -1;
    };
    // After each painting: entries come and go.
    useEffect(settle);
    return {
        ref,
        onFocusCapture: (event) => {
            const all = entries().flat();
            if (!all.includes(event.target as HTMLElement)) return;
            stop.current = event.target as HTMLElement;
            settle();
        },
        onKeyDownCapture: (event) => {
            const [down, right] = STEPS[event.key] ?? [0, 0];
            const lists = entries();
            const at = lists.findIndex((buttons) => buttons.includes(event.target as HTMLElement));
            if (at < 0 || event.ctrlKey || event.metaKey || event.altKey || event.shiftKey) return;
            const along = lists[at]?.indexOf(event.target as HTMLElement) ?? 0;
            // Entries of one button may stand beside each other as well as below.
            const next = lists[at]?.length === 1 ? at + down + right : at + down;
            const to = event.key === 'Home' ? lists[0] : event.key === 'End' ? lists.at(-1) : lists[next];
            if (down === 0 && right === 0 && event.key !== 'Home' && event.key !== 'End') return;
            event.preventDefault();
            event.stopPropagation();
            to?.[Math.max(0, Math.min(to.length - 1, along + right))]?.focus();
        },
    };
}
