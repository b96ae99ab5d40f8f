import globals from 'globals';
import tseslint from 'typescript-eslint';
import vue from 'eslint-plugin-vue';
import vueParser from 'vue-eslint-parser';

const forbid = (...groups) => ({
  'no-restricted-imports': ['error', { patterns: groups.map(([regex, message]) => ({ regex, message })) }],
});
const oneWay = 'Imports go one way: core ← contract ← server, web.';
const pages = ['ask', 'plan', 'prepare', 'log', 'weigh', 'write', 'today', 'door'];

export default tseslint.config(
  { ignores: ['**/dist/**', '**/node_modules/**', 'data/**', 'test-results/**', 'playwright-report/**'] },
  ...tseslint.configs.recommended,
  ...vue.configs['flat/recommended'],
  {
    files: ['**/*.{ts,vue,mjs,js}'],
    languageOptions: { globals: { ...globals.node } },
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      'no-warning-comments': 'error',
      eqeqeq: ['error', 'always', { null: 'ignore' }],
    },
  },
  {
    files: ['**/*.vue'],
    languageOptions: { parser: vueParser, parserOptions: { parser: tseslint.parser }, globals: { ...globals.browser } },
    rules: {
      'vue/max-attributes-per-line': 'off',
      'vue/singleline-html-element-content-newline': 'off',
      'vue/html-self-closing': 'off',
      'vue/multi-word-component-names': 'off',
      'vue/html-closing-bracket-newline': 'off',
      'vue/html-indent': 'off',
      'vue/first-attribute-linebreak': 'off',
      'vue/multiline-html-element-content-newline': 'off',
      'vue/require-default-prop': 'off',
      'vue/attributes-order': 'off',
    },
  },
  {
    files: ['core/src/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      ...forbid(
        ['^@fern/', oneWay],
        ['^node:|^(fs|path|crypto|os)$', 'The core runs anywhere: no Node API.'],
        ['^(vue|pinia|express|sequelize|joi)', oneWay],
      ),
      'no-restricted-globals': [
        'error',
        ...['window', 'document', 'process', 'localStorage', 'fetch', 'crypto'].map((name) => ({
          name,
          message: 'The core has no DOM and no Node API.',
        })),
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Chance is an argument: stats/random.' },
        { object: 'Date', property: 'now', message: 'Time is an argument.' },
      ],
      'no-restricted-syntax': [
        'error',
        { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: 'Time is an argument.' },
      ],
    },
  },
  { files: ['contract/src/**/*.ts'], rules: forbid(['^@fern/(server|web|demo)', oneWay], ['^(vue|express|sequelize)', oneWay]) },
  { files: ['server/src/**/*.ts'], rules: forbid(['^@fern/web', oneWay]) },
  { files: ['demo/src/**/*.ts'], rules: forbid(['^@fern/(server|web|contract)', oneWay]) },
  ...pages.map((page) => ({
    files: [`web/src/${page}/**/*.{ts,vue}`],
    rules: forbid(
      ['^@fern/(server|demo)', oneWay],
      [`^\\.\\./(${pages.filter((other) => other !== page).join('|')})/`, 'A page never imports another page.'],
    ),
  })),
  {
    files: ['web/src/{bench,stake,charts,stores,workers,theme}/**/*.{ts,vue}'],
    rules: forbid(['^@fern/(server|demo)', oneWay], [`^\\.\\./(${pages.join('|')})/`, 'Shared parts do not know pages.']),
  },
);
