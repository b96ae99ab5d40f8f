import globals from 'globals';
import tseslint from 'typescript-eslint';
import vue from 'eslint-plugin-vue';
import vueParser from 'vue-eslint-parser';

const forbid = (...groups) => ({
  'no-restricted-imports': ['error', { patterns: groups.map(([regex, message]) => ({ regex, message })) }],
});
const oneWay = 'Imports go one way: core ← contract, paper ← server, web.';

/**
 * The floors of the core, lowest first. A folder knows the floors below it, and none beside it but its own words: all sentences stand in
 * `words`, those of what only one step knows in a folder named after the step.
 */
const floors = [
  ['invariant'],
  ['quantities', 'stats'],
  ['model'],
  ['data'],
  ['compare'],
  ['kinds'],
  ['study'],
  ['check'],
  ['power'],
  ['words'],
  ['ownWords'],
  ['ask', 'plan', 'prepare', 'log', 'weigh', 'words/ask', 'words/plan', 'words/prepare', 'words/weigh'],
  ['simulate'],
  ['write', 'words/write', 'package'],
];
/** Folders of the web that any page may use, and what they may not. */
const shared = ['components', 'bench', 'groupBadge', 'charts', 'layout', 'stores', 'workers', 'theme'];
const pages = ['ask', 'plan', 'prepare', 'log', 'weigh', 'write', 'today', 'auth'];
const anyOf = (names) => `^(\\.\\./)+(${names.join('|')})(/|$)`;

const noNode = ['^node:|^(fs|path|crypto|os)$', 'The core runs anywhere: no Node API.'];
const coreAlone = [['^@fern/', oneWay], noNode, ['^(vue|pinia|express|sequelize|joi)', oneWay]];

const coreFloor = (folder, own) => {
  const partner = folder.startsWith('words/') ? folder.slice('words/'.length) : `words/${folder}`;
  const allowed = new Set([folder, partner, ...floors.slice(0, own).flat()]);
  const others = [...floors.flat().filter((name) => !allowed.has(name)), 'analyse', 'index'];
  const inside = folder === 'words' ? [['^\\./(ask|plan|prepare|weigh|write)/', 'The words of a step stand above those of all.']] : [];
  return {
    files: [`core/src/${folder}/**/*.ts`],
    ignores: ['**/*.test.ts', '**/*.fixture.ts'],
    rules: forbid(...coreAlone, ...inside, [
      anyOf(others),
      `Floors import downwards only: ${folder} knows ${floors.slice(0, own).flat().join(', ') || 'no other'}.`,
    ]),
  };
};

export default tseslint.config(
  {
    ignores: ['**/dist/**', '**/node_modules/**', 'data/**', 'test-results/**', 'playwright-report/**', '**/.types/**', 'demo/held/**'],
  },
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
    // A promise that nobody waits for hides its error; one that is meant so is marked with void. Asked where there are promises, and not
    // with each push: it takes the types of everything that is imported, which is most of the time of all rules together.
    files: ['{server,web}/src/**/*.ts', 'web/src/**/*.vue', 'paper/src/files/**/*.ts', 'e2e/**/*.ts', 'perf/**/*.ts'],
    ignores: process.env.FERN_ALL === '1' ? [] : ['**'],
    languageOptions: { parserOptions: { projectService: true, extraFileExtensions: ['.vue'], tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: { attributes: false, arguments: false, properties: false } }],
      '@typescript-eslint/await-thenable': 'error',
      '@typescript-eslint/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
      '@typescript-eslint/no-unnecessary-type-assertion': 'error',
    },
  },
  {
    files: ['core/src/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      ...forbid(...coreAlone),
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
  ...floors.flatMap((floor, i) => floor.map((folder) => coreFloor(folder, i))),
  {
    // A fact is a field: nobody's English is read to find one out, but where that is the job.
    files: ['core/src/**/*.ts'],
    ignores: [
      '**/*.test.ts',
      '**/*.fixture.ts',
      ...['ask/claim', 'ask/closestQuestion.ts', 'ownWords', 'write/proofread', 'log', 'quantities', 'study/lengthWords.ts'].map(
        (own) => `core/src/${own}{,/**}`,
      ),
      // Names of files, cells of tables, and syllables that make no word.
      ...['model/measure.ts', 'model/photo.ts', 'package/zip.ts', 'prepare/blindCodes.ts'].map((own) => `core/src/${own}`),
    ],
    rules: {
      'no-restricted-syntax': [
        'error',
        { selector: 'Literal[regex.pattern=/[a-z]{3}/]', message: 'A pattern over words: make it a field, or read it in ownWords.' },
        { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: 'Time is an argument.' },
      ],
    },
  },
  { files: ['contract/src/**/*.ts'], rules: forbid(['^@fern/(server|web|demo|paper)', oneWay], ['^(vue|express|sequelize)', oneWay]) },
  { files: ['paper/src/**/*.ts'], rules: forbid(['^@fern/(server|web|demo|contract)', oneWay], ['^(vue|express|sequelize)', oneWay]) },
  { files: ['server/src/**/*.ts'], rules: forbid(['^@fern/web', oneWay]) },
  {
    files: ['web/src/**/*.{ts,vue}'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: "VariableDeclarator[id.name='document']",
          message: 'That name is the browser’s: the store of the experiment is documentStore.',
        },
      ],
    },
  },
  {
    files: ['server/src/services/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: "Identifier[name='sequelize']",
          message: 'SQL is prepared: statements. A row or two: models. Sequelize is for migrations.',
        },
      ],
    },
  },
  { files: ['demo/src/**/*.ts'], rules: forbid(['^@fern/(server|web|contract)', oneWay]) },
  ...pages.map((page) => ({
    files: [`web/src/${page}/**/*.{ts,vue}`],
    rules: forbid(['^@fern/(server|demo)', oneWay], [anyOf(pages.filter((other) => other !== page)), 'A page never imports another page.']),
  })),
  {
    files: [`web/src/{${shared.join(',')}}/**/*.{ts,vue}`],
    rules: forbid(['^@fern/(server|demo)', oneWay], [anyOf(pages), 'Shared parts do not know pages.']),
  },
  {
    files: ['web/src/{components,theme}/**/*.{ts,vue}'],
    ignores: ['**/*.test.ts'],
    rules: forbid(
      ['^@fern/(server|demo)', oneWay],
      [anyOf([...pages, 'layout', 'stores', 'workers', 'bench']), 'A plain component knows no experiment and no store.'],
    ),
  },
);
