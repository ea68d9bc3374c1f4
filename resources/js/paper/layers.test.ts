import { expect, it } from 'vitest';
import type { PagesRecord } from '@/api/types';
import { nearest, places, sourceOf, wanted } from './layers';

const pages = {
    here: ['paper'],
    book: ['footer', 'wide'],
    file: ['top'],
    rules: { footer: { left: 'Nursery' }, header: [] as unknown as Record<string, string> },
} as unknown as PagesRecord;

it('says who says a rule, the nearest first', () => {
    expect(sourceOf(pages, ['turn', 'paper'], 'River ledger')).toMatchObject({ words: 'this sheet', here: true });
    expect(sourceOf(pages, ['wide', 'tall'], 'River ledger')).toMatchObject({ words: 'River ledger', here: false });
    expect(sourceOf(pages, ['top'], null).words).toBe('the file');
    expect(sourceOf(pages, ['mono'], null).words).toBe('as usual');
});

it('reads texts of head and foot, also where nothing is said', () => {
    expect(places(pages, 'footer')).toEqual({ left: 'Nursery' });
    expect(places(pages, 'header')).toEqual({});
    expect(places(pages, 'firstHeader')).toEqual({});
});

it('finds the place that a break is dropped at', () => {
    expect(nearest([100, 120, 140], 126)).toBe(1);
    expect(nearest([100, 120, 140], 900)).toBe(2);
    expect(nearest([100, 120, 140], -5)).toBe(0);
    expect(nearest([], 40)).toBe(0);
});

it('says pages in words', () => {
    expect(wanted(0, 'tall')).toBe('any tall');
    expect(wanted(2, 'wide')).toBe('2 wide');
});
