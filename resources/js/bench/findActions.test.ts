import { describe, expect, it } from 'vitest';
import type { Action } from './actions';
import { findActions } from './findActions';

const called = (...words: string[]): Action[] => words.map((each) => ({ words: each, run: () => undefined }));
const found = (actions: Action[], text: string, most = 40) => findActions(actions, text, most).map((each) => each.words);

describe('findActions', () => {
    const some = called('Freeze the rows above', 'Put a row in above row 4', 'Keep row 1 in sight', 'Merge these cells', 'Bold');

    it('finds all where nothing is typed, in their order', () => {
        expect(found(some, ' ')).toEqual(some.map((each) => each.words));
        expect(found(some, '', 2)).toEqual(['Freeze the rows above', 'Put a row in above row 4']);
    });

    it('finds what has every word, whatever the case and order', () => {
        expect(found(some, 'ROW put')).toEqual(['Put a row in above row 4']);
        expect(found(some, 'row column')).toEqual([]);
    });

    it('puts what is called so before what an everyday word finds', () => {
        expect(found(some, 'freeze')).toEqual(['Freeze the rows above', 'Keep row 1 in sight']);
        expect(found(called('Keep row 1 in sight', 'Freeze the rows above'), 'freeze')).toEqual([
            'Freeze the rows above',
            'Keep row 1 in sight',
        ]);
        expect(found(some, 'combine')).toEqual(['Merge these cells']);
        expect(found(some, 'insert row')).toEqual(['Put a row in above row 4']);
    });

    it('stops at the most that is shown, and leaves room for what is called so', () => {
        const many = called(...Array.from({ length: 50 }, (_, at) => `Keep row ${at} in sight`), 'Freeze the rows above');
        expect(found(many, 'freeze', 3)).toEqual(['Freeze the rows above', 'Keep row 0 in sight', 'Keep row 1 in sight']);
    });

    it('says the same when it is asked again', () => {
        for (let time = 0; time < 2; time++) expect(found(some, 'combine cells')).toEqual(['Merge these cells']);
        expect(found(some, 'combine bold')).toEqual([]);
    });
});
