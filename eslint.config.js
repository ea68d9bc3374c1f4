import tseslint from 'typescript-eslint';
import hooks from 'eslint-plugin-react-hooks';

export default tseslint.config(
    { ignores: ['vendor', 'node_modules', 'public', 'storage', 'bench', 'docs'] },
    ...tseslint.configs.strict,
    {
        files: ['**/*.{ts,tsx}'],
        plugins: { 'react-hooks': hooks },
        // Handlers that a factory makes are taken for reads during render by react-hooks/refs.
        rules: {
            ...hooks.configs.recommended.rules,
            'react-hooks/refs': 'off',
            '@typescript-eslint/no-non-null-assertion': 'error',
        },
    },
);
