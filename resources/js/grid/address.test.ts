import { describe, expect, it } from 'vitest';
import { letters, parse, write } from './address';

describe('addresses', () => {
    it.each([
        [1, 'A'],
        [26, 'Z'],
        [27, 'AA'],
        [16384, 'XFD'],
    ])('column %i is %s', (column, name) => expect(letters(column)).toBe(name));

    it.each(['B4', 'B4:F20', 'C:D', '2:7', 'A1:XFC9'])('reads back %s', (text) => {
        const range = parse(text);
        expect(range).not.toBeNull();
        expect(range && write(range)).toBe(text);
    });

    it.each(['', 'B', 'A0', 'XFE1', 'A1048577', '1B', 'A1:B2:C3'])('refuses %s', (text) => expect(parse(text)).toBeNull());
});
