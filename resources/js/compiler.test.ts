import { Linter } from 'eslint';
import { expect, test } from 'vitest';
import compiler from '../../eslint.compiler.js';

/** Where the compiler finds something wrong: line, column, and the first words. */
function found(text: string): string[] {
    const config: Linter.Config = {
        files: ['**/*.jsx'],
        languageOptions: { parserOptions: { ecmaFeatures: { jsx: true } } },
        plugins: { own: compiler },
        rules: { 'own/compiles': 'error' },
    };
    return new Linter()
        .verify(text, config, 'seen.jsx')
        .map(({ line, column, message }) => `${line}:${column} ${message.split('.')[0]}`);
}

// The rules of React (react.dev, "Rules of React": components and hooks must be pure; state is a snapshot; rules of hooks).
test.each([
    [
        'Cannot call impure function during render',
        '3:16',
        '// äöü € 😀\nexport function Seen() {\n    return <p>{Math.random()}</p>;\n}',
    ],
    [
        'This value cannot be modified',
        '2:5',
        'export function Seen({ of }) {\n    of.name = "x";\n    return <p>{of.name}</p>;\n}',
    ],
    [
        'Calling setState synchronously within an effect can trigger cascading renders',
        '4:21',
        "import { useEffect, useState } from 'react';\nexport function Seen({ of }) {\n    const [it, setIt] = useState(0);\n" +
            '    useEffect(() => setIt(1), [of]);\n    return <p>{it}</p>;\n}',
    ],
    [
        'Cannot access refs during render',
        '4:16',
        "import { useRef } from 'react';\nexport function Seen() {\n    const it = useRef(0);\n    return <p>{it.current}</p>;\n}",
    ],
])('what a component may not do is told at its place: %s', (words, place, text) => {
    expect(found(text)).toContainEqual(`${place} ${words}`);
});

test('what is as it should be is left alone', () => {
    expect(
        found(
            "import { useState } from 'react';\nexport function Seen() {\n    const [it] = useState(0);\n    return <p>{it}</p>;\n}",
        ),
    ).toEqual([]);
});
