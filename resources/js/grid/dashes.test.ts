import { expect, test } from 'vitest';
import { LINES } from '@/api/types';
import { dashed } from './dashes';

test('each kind of line is drawn in its own way, along and across', () => {
    for (const along of [true, false]) {
        const drawn = Object.keys(LINES)
            .filter((kind) => kind !== 'none')
            .map((kind) => JSON.stringify([LINES[kind]?.width, dashed(kind, '#112233', along)]));
        expect(new Set(drawn).size).toBe(drawn.length);
    }
});

test('pieces of one line go on with each other', () => {
    const { dashes = [] } = LINES.dashDot ?? {};
    const period = dashes.reduce((sum, length) => sum + length, 0);
    expect(period).toBeGreaterThan(0);
    const at = (begin: number) => dashed('dashDot', '#112233', true, begin).backgroundPosition;
    expect(at(0)).toBe(at(period));
    expect(at(3)).toBe('-3px 0px');
    expect(at(period + 3)).toBe(at(3));
    expect(dashed('dashDot', '#112233', false, 3).backgroundPosition).toBe('0px -3px');
});

test('a line without gaps is a colour, and what nobody knows is drawn as one', () => {
    expect(dashed('thin', '#112233', true)).toEqual({ background: '#112233' });
    expect(dashed('wavy', '#112233', true)).toEqual({ background: '#112233' });
    expect(dashed('double', '#112233', true).background).toContain('transparent 1px 2px');
});
