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

const word = '[value=/\\p{L}{2}/u]'
const spoken = '[name.name=/^(label|title|aria-label|placeholder|alt|subtitle|description)$/]'

/** What the interface says stands in app/texts, a file a page. */
const wordsElsewhere = [
  `JSXText${word}`,
  `JSXAttribute${spoken} > Literal${word}`,
  `JSXAttribute${spoken} > JSXExpressionContainer > Literal${word}`,
  `JSXElement > JSXExpressionContainer > :matches(ConditionalExpression, LogicalExpression) > Literal${word}`,
].map((selector) => ({ selector, message: 'What the interface says belongs into app/texts.' }))

export default tseslint.config(
  { ignores: ['build/', 'data/', '.react-router/', 'node_modules/', '.stryker-tmp/', 'reports/'] },
  ...tseslint.configs.recommended,
  {
    files: ['app/**/*.{ts,tsx}'],
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
      'object-shorthand': 'error',
      'no-useless-rename': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { ignoreRestSiblings: true }],
      '@typescript-eslint/no-non-null-assertion': 'error',
      'max-lines': ['error', { max: 300 }],
      'max-len': [
        'error',
        { code: 120, ignoreRegExpLiterals: true, ignoreStrings: true, ignoreTemplateLiterals: true },
      ],
      'max-lines-per-function': ['error', { max: 60 }],
      '@typescript-eslint/no-unused-expressions': ['error', { allowTernary: true, allowShortCircuit: true }],
    },
  },
  { files: ['**/*.tsx'], rules: { 'max-lines-per-function': ['error', { max: 120 }] } },
  {
    files: ['**/*.test.{ts,tsx}', '**/*.fixture.ts', 'e2e/**', 'benchmarks/**'],
    rules: { '@typescript-eslint/no-non-null-assertion': 'off', 'max-lines-per-function': 'off' },
  },
  {
    // Numeric kernels over typed arrays, whose indices are within bounds by construction.
    files: [
      'core/score/acceptability.ts',
      'core/score/chances-problem.ts',
      'core/score/draw-*.ts',
      'core/score/first-places.ts',
      'core/score/point-chances.ts',
      'core/score/random.ts',
      'core/score/related-points.ts',
      'core/plan/opening-gain.ts',
      'core/verdict/cheapest-review.ts',
      'core/verdict/first-by-range.ts',
      'core/verdict/next-reading.ts',
      'core/verdict/specimens-until-sure.ts',
    ],
    rules: { '@typescript-eslint/no-non-null-assertion': 'off' },
  },
  {
    files: ['core/**/*.ts'],
    ignores: ['**/*.test.{ts,tsx}'],
    rules: forbid('^#app/', '^#db/', '^react', '^knex', '^better-sqlite3', '^node:', '^express', '^styled-components'),
  },
  {
    files: ['app/{features,routes,ui,drawing}/**/*.tsx', 'app/root.tsx'],
    rules: { 'no-restricted-syntax': ['error', ...wordsElsewhere] },
  },
  { files: ['app/ui/**', 'app/drawing/**'], rules: forbid('^#app/features/', '^#app/routes/', '^#app/data/.*server') },
  { files: ['app/features/**'], rules: forbid('^#app/routes/', '^#app/data/.*server') },
  { files: ['app/data/**'], rules: forbid('^#app/features/', '^#app/routes/', '^#app/ui/') },
  {
    files: ['app/server/**', 'db/**', 'benchmarks/**', 'e2e/**', 'bin/**', 'simulation/**', '{torture,fuzz}/**'],
    rules: { 'no-console': 'off' },
  },
)
