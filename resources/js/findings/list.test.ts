import { expect, it } from 'vitest';
import type { FindingRecord } from '@/api/types';
import { filtered, grouped, places, shortly } from './list';

const finding = (more: Partial<FindingRecord>): FindingRecord => ({
    key: 'k',
    check: 'mixed-formats',
    title: 'Mixed formats in one column',
    reason: '',
    subject: 'Numbers',
    severity: 'worth a look',
    sheet: 'Beds',
    number: 2,
    range: 'C2:C41, E5',
    count: 2,
    words: '',
    mend: 'changes no value',
    changes: 'looks',
    left: null,
    ...more,
});
const all = { sheet: 0, severity: 'note', show: 'all', subject: '' };

it('lets through what a filter asks for', () => {
    const some = [
        finding({ key: 'a' }),
        finding({ key: 'b', severity: 'wrong', number: 1, mend: null }),
        finding({ key: 'c', severity: 'note', subject: 'Truth' }),
        finding({ key: 'd', left: 'as it is meant' }),
    ];
    const keys = (filter: object) => filtered(some, { ...all, ...filter }).map((one) => one.key);
    expect(keys({})).toEqual(['a', 'b', 'c']);
    expect(keys({ severity: 'worth a look' })).toEqual(['a', 'b']);
    expect(keys({ severity: 'wrong' })).toEqual(['b']);
    expect(keys({ sheet: 1 })).toEqual(['b']);
    expect(keys({ show: 'mendable' })).toEqual(['a', 'c']);
    expect(keys({ show: 'left' })).toEqual(['d']);
    expect(keys({ subject: 'Truth' })).toEqual(['c']);
});

it('groups by subject in the order of the worst', () => {
    const some = [finding({ subject: 'Truth' }), finding({}), finding({ subject: 'Truth', key: 'z' })];
    expect(grouped(some).map(([name, of]) => [name, of.length])).toEqual([
        ['Truth', 2],
        ['Numbers', 1],
    ]);
});

it('says the place in a few words, and where it is', () => {
    expect(shortly(finding({}))).toBe('Beds, C2:C41 and 1 more');
    expect(shortly(finding({ range: 'A1' }))).toBe('Beds, A1');
    expect(shortly(finding({ range: '' }))).toBe('Beds');
    expect(places(finding({}))).toEqual([
        { top: 2, left: 3, bottom: 41, right: 3 },
        { top: 5, left: 5, bottom: 5, right: 5 },
    ]);
    expect(places(finding({ range: '' }))).toEqual([]);
});
