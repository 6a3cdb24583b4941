import jsxA11y from 'eslint-plugin-jsx-a11y';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
    { ignores: ['resources/js/api/schema.d.ts'] },
    ...tseslint.configs.recommended,
    reactHooks.configs.flat['recommended-latest'] ?? reactHooks.configs['recommended-latest'],
    jsxA11y.flatConfigs.recommended,
    {
        rules: {
            // numbers and dates are written by words/reader.ts as the reader writes them
            'no-restricted-syntax': [
                'error',
                {
                    selector:
                        'CallExpression > MemberExpression[property.name=/^(toFixed|toPrecision|toLocaleString|toLocaleDateString|toLocaleTimeString)$/]',
                    message: 'Use words/reader.ts or words/number.ts.',
                },
            ],
            // properties of our own components are not attributes of an element
            'jsx-a11y/aria-role': ['error', { ignoreNonDOM: true }],
            'jsx-a11y/no-autofocus': ['error', { ignoreNonDOM: true }],
            // what scrolls inside has to be reached by keyboard; axe asks for it in the browser tests
            'jsx-a11y/no-noninteractive-tabindex': 'off',
        },
    },
    { files: ['resources/js/words/{reader,number}.ts'], rules: { 'no-restricted-syntax': 'off' } },
);
