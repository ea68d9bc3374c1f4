import { describe, expect, it } from 'vitest';
import { contains, dragged, without } from './selection';

describe('selection', () => {
    it('takes away exactly the cells of the hole, with a naive grid as judge', () => {
        let seed = 11;
        const random = (most: number) => ((seed = (seed * 16807) % 2147483647) % most) + 1;
        for (let round = 0; round < 200; round++) {
            const rect = () => {
                const [a, b, c, d] = [random(8), random(8), random(8), random(8)];
                return { top: Math.min(a, b), bottom: Math.max(a, b), left: Math.min(c, d), right: Math.max(c, d) };
            };
            const range = rect();
            const hole = rect();
            const left = without([range], hole);
            for (let row = 1; row <= 8; row++)
                for (let column = 1; column <= 8; column++) {
                    const place = { row, column };
                    expect(contains(left, place)).toBe(contains([range], place) && !contains([hole], place));
                    expect(left.filter((piece) => contains([piece], place)).length).toBeLessThanOrEqual(1);
                }
        }
    });

    it('never leaves nothing selected', () => {
        const rect = { top: 1, left: 1, bottom: 2, right: 2 };
        expect(dragged([rect], rect, 'take')).toEqual([rect]);
    });
});
