import type { ChosenFormat, GivenLook, NumberView } from '@/api/types';

/** The choice in force with one thing changed; where only a code says it, grouped figures are the beginning. */
export function changed(view: NumberView, change: Partial<ChosenFormat>): GivenLook {
    const { purpose, decimals, negative, zero, symbol, place, length, pattern } = view.choice ?? {
        purpose: 'grouped',
        decimals: view.needed,
        negative: 'minus',
        zero: 'zero',
        symbol: '',
        place: 'before',
        length: 5,
        pattern: '',
    };
    return { number: { purpose, decimals, negative, zero, symbol, place, length, pattern, ...change } };
}
