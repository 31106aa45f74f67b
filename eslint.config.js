import jsxA11y from 'eslint-plugin-jsx-a11y'
import reactHooks from 'eslint-plugin-react-hooks'
import tseslint from 'typescript-eslint'

/** Arrows point one way: routes -> features -> ui, drawing; routes -> data -> core; core -> nothing. */
const forbid = (...patterns) => ({
  '@typescript-eslint/no-restricted-imports': [
    'error',
    { patterns: patterns.map((regex) => ({ regex, allowTypeImports: regex.endsWith('server') })) },
  ],
})

export default tseslint.config(
  { ignores: ['build/', 'data/', '.react-router/', 'node_modules/'] },
  ...tseslint.configs.recommended,
  {
    files: ['**/*.tsx'],
    plugins: { 'react-hooks': reactHooks, 'jsx-a11y': jsxA11y },
    rules: {
      ...reactHooks.configs.recommended.rules,
      ...jsxA11y.configs.recommended.rules,
      'jsx-a11y/no-autofocus': 'off',
      'jsx-a11y/no-noninteractive-tabindex': 'off',
    },
  },
  {
    rules: {
      'no-console': ['error', { allow: ['error'] }],
      eqeqeq: 'error',
      '@typescript-eslint/no-unused-expressions': ['error', { allowTernary: true, allowShortCircuit: true }],
    },
  },
  {
    files: ['core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: forbid('^#app/', '^#db/', '^react', '^knex', '^better-sqlite3', '^node:', '^express', '^styled-components'),
  },
  { files: ['app/ui/**', 'app/drawing/**'], rules: forbid('^#app/features/', '^#app/routes/', '^#app/data/.*server') },
  { files: ['app/features/**'], rules: forbid('^#app/routes/', '^#app/data/.*server') },
  { files: ['app/data/**'], rules: forbid('^#app/features/', '^#app/routes/', '^#app/ui/') },
  { files: ['db/**', 'bench/**', 'e2e/**', 'bin/**'], rules: { 'no-console': 'off' } },
)
