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
            .map((each) => [...each.querySelectorAll<HTMLElement>('button:not(:disabled)')])
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
            const step = STEPS[event.key];
            const lists = entries();
            const at = lists.findIndex((buttons) => buttons.includes(event.target as HTMLElement));
            if (at < 0 || event.ctrlKey || event.metaKey || event.altKey || event.shiftKey) return;
            const along = lists[at]?.indexOf(event.target as HTMLElement) ?? 0;
            const to =
                event.key === 'Home' ? lists[0] : event.key === 'End' ? lists.at(-1) : step ? lists[at + step[0]] : undefined;
            if (!step && !to) return;
            event.preventDefault();
            event.stopPropagation();
            (to?.[Math.min(to.length - 1, along + (step?.[1] ?? 0))] ?? null)?.focus();
        },
    };
}
