import { expect, it } from 'vitest';
import { across, isMatched } from './match';

// Two rows were put in at the right after the third; the last of the left was taken out.
const runs = [
    [1, 1, 3],
    [4, 6, 5],
];

it('finds the line that stands for another', () => {
    expect([1, 3, 4, 8].map((line) => across(runs, line, true))).toEqual([1, 3, 6, 10]);
    expect([1, 3, 6, 10].map((line) => across(runs, line, false))).toEqual([1, 3, 4, 8]);
});

it('goes on to the next where none stands for it', () => {
    expect(across(runs, 4, false)).toBe(4);
    expect(across(runs, 9, true)).toBe(11);
    expect(across([], 7, true)).toBe(7);
});

it('tells lines that are on one side only', () => {
    expect([3, 4, 5, 6].map((line) => isMatched(runs, line, false))).toEqual([true, false, false, true]);
});
