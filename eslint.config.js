import tseslint from 'typescript-eslint';
import hooks from 'eslint-plugin-react-hooks';
import compiler from './eslint.compiler.js';

const stores = ['localStorage', 'sessionStorage', 'indexedDB', 'caches'];

export default tseslint.config(
    { ignores: ['vendor', 'node_modules', 'public', 'storage', 'bench', 'docs'] },
    ...tseslint.configs.strict,
    {
        files: ['**/*.{ts,tsx}'],
        rules: { '@typescript-eslint/no-non-null-assertion': 'error' },
    },
    {
        files: ['resources/js/**/*.{ts,tsx}'],
        plugins: { 'react-hooks': hooks, 'react-compiler': compiler },
        rules: {
            'react-hooks/rules-of-hooks': 'error',
            'react-hooks/exhaustive-deps': 'error',
            'react-compiler/compiles': 'error',
            // Nothing is kept in the browser but cookies: browser tests do not clear it, and two tabs never disagree.
            'no-restricted-globals': ['error', ...stores],
            'no-restricted-properties': ['error', ...stores.map((property) => ({ property }))],
        },
    },
);
