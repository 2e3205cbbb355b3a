import js from '@eslint/js'
import query from '@tanstack/eslint-plugin-query'
import a11y from 'eslint-plugin-jsx-a11y'
import hooks from 'eslint-plugin-react-hooks'
import tseslint from 'typescript-eslint'

export default tseslint.config(
    { ignores: ['resources/js/api/schema.d.ts'] },
    js.configs.recommended,
    tseslint.configs.strictTypeChecked,
    hooks.configs.flat.recommended,
    a11y.flatConfigs.strict,
    query.configs['flat/recommended'],
    {
        languageOptions: { parserOptions: { projectService: true } },
        rules: {
            '@typescript-eslint/no-confusing-void-expression': 'off',
            '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
        },
    },
    {
        files: ['resources/js/**'],
        rules: {
            complexity: ['error', 15],
            'max-lines-per-function': ['error', { max: 80, skipBlankLines: true, skipComments: true }],
        },
    },
    {
        // What Playwright calls "use" hands a fixture to the test: no hook of React.
        files: ['tests/Browser/test.ts'],
        rules: { 'react-hooks/rules-of-hooks': 'off', 'no-empty-pattern': 'off' },
    },
)
