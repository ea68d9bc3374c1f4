import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import type { Rect } from '@/api/client';
import { parse, write } from './address';
import { without } from './selection';

type Sides = [number, number, number, number];
const cases = JSON.parse(readFileSync('tests/shared/ranges.json', 'utf8')) as {
    read: [string, Sides | null][];
    written: [Sides, string][];
    apart: [Sides[], Sides, Sides[]][];
};
const rect = ([top, left, bottom, right]: Sides): Rect => ({ top, left, bottom, right });
const sides = (range: Rect | null) => range && [range.top, range.left, range.bottom, range.right];

/** The same cases as in tests/Core/RangesTest.php: the rule is one, though it is needed on both sides. */
describe('ranges as the server has them', () => {
    it.each(cases.read)('%s is read or refused', (text, read) => expect(sides(parse(text))).toEqual(read));

    it.each(cases.written)('%j is written', (range, text) => expect(write(rect(range))).toBe(text));

    it('what is taken away leaves the same pieces', () => {
        for (const [ranges, hole, left] of cases.apart) expect(without(ranges.map(rect), rect(hole)).map(sides)).toEqual(left);
    });
});
