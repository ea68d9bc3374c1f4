import type { PagesRecord } from '@/api/types';

/** Who says the rules of a facet: the sheet goes before its stylebook, that before its file. */
export function sourceOf(
    pages: PagesRecord,
    rules: string[],
    book: string | null,
): { words: string; colour: string; here: boolean } {
    const says = (some: string[]) => rules.some((rule) => some.includes(rule));
    if (says(pages.here)) return { words: 'this sheet', colour: '#5C2B57', here: true };
    if (says(pages.book)) return { words: book ?? 'the stylebook', colour: '#B9B1A4', here: false };
    if (says(pages.file)) return { words: 'the file', colour: '#8A8192', here: false };
    return { words: 'as usual', colour: '#D8D2C8', here: false };
}

export const text = (pages: PagesRecord, rule: string) => String(pages.rules[rule] ?? '');
export const number = (pages: PagesRecord, rule: string) => Number(pages.rules[rule] ?? 0);
export const flag = (pages: PagesRecord, rule: string) => pages.rules[rule] === true;

/** Texts of a head or foot by place; an empty list is how JSON says that nothing is said. */
export function places(pages: PagesRecord, rule: string): Record<string, string> {
    const says = pages.rules[rule];
    return typeof says === 'object' && !Array.isArray(says) ? says : {};
}

/** Pages as they are said: "4 wide", "any tall". */
export const wanted = (count: number, way: string) => (count === 0 ? `any ${way}` : `${count} ${way}`);

/** The place nearest to a point, as an index. */
export function nearest(places: number[], at: number): number {
    let best = 0;
    for (const [index, place] of places.entries()) {
        if (Math.abs(place - at) < Math.abs((places[best] ?? 0) - at)) best = index;
    }
    return best;
}
