import { expect, test } from 'vitest';
import type { Rect } from '@/api/client';
import { inSight } from './quadrant';

const view = { top: 41, left: 10, bottom: 67, right: 18 };
const all = { top: 1, left: 1, bottom: 1_048_576, right: 16_384 };
const frozen = { row: 2, column: 1 };

test('the four quadrants show what is frozen, what is scrolled to, and a little around it', () => {
    const quadrants: [Rect, Rect][] = [
        [
            { ...all, bottom: 2, right: 1 },
            { top: 1, left: 1, bottom: 2, right: 1 },
        ],
        [
            { ...all, bottom: 2, left: 2 },
            { top: 1, left: 9, bottom: 2, right: 20 },
        ],
        [
            { ...all, top: 3, right: 1 },
            { top: 37, left: 1, bottom: 71, right: 1 },
        ],
        [
            { ...all, top: 3, left: 2 },
            { top: 37, left: 9, bottom: 71, right: 20 },
        ],
    ];
    for (const [clip, shown] of quadrants) expect(inSight(view, clip, frozen)).toEqual(shown);
});

test('scrolling by one column changes nothing but in every fourth', () => {
    const shown = [9, 10, 11, 12, 13].map((left) => inSight({ ...view, left, right: left + 3 }, all, frozen));
    expect(shown.map(({ left, right }) => [left, right])).toEqual([
        [9, 12],
        [9, 16],
        [9, 16],
        [9, 16],
        [13, 16],
    ]);
});
