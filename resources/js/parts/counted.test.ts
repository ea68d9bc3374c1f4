import { expect, test } from 'vitest';
import { counted } from './counted';

test('one is one, none and more are many, and thousands are set apart', () => {
    expect([0, 1, 2, 1204].map((count) => counted(count, 'sheet'))).toEqual(['0 sheets', '1 sheet', '2 sheets', '1,204 sheets']);
    expect([1, 3].map((count) => counted(count, 'text is cut', 'texts are cut'))).toEqual(['1 text is cut', '3 texts are cut']);
});
