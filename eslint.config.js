import tseslint from 'typescript-eslint';
import hooks from 'eslint-plugin-react-hooks';

export default tseslint.config(
    { ignores: ['vendor', 'node_modules', 'public', 'storage', 'bench', 'docs'] },
    ...tseslint.configs.strict,
    { files: ['**/*.{ts,tsx}'], rules: { '@typescript-eslint/no-non-null-assertion': 'error' } },
    {
        // What is compiled for React: looking through what is none takes as long.
        files: ['resources/js/**/*.{ts,tsx}'],
        ignores: ['**/*.test.ts', 'resources/js/api/types.ts'],
        plugins: { 'react-hooks': hooks },
        // Handlers that a factory makes are taken for reads during render by react-hooks/refs.
        rules: { ...hooks.configs.recommended.rules, 'react-hooks/refs': 'off' },
    },
);
