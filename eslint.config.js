import tseslint from 'typescript-eslint';
import { oneName } from './scripts/lint/one-name.js';

/** Class names of buttons, fields and menus, which stand in ui/parts alone. */
const CLASSES_OF_PARTS = '(^|\\s)(btn|form-(control|select|label|check)|dropdown|modal|input-group)(-[a-z]+)*(\\s|$)';

const LINK = { name: 'next/link', message: 'Use ui/parts/link: it asks for a page when somebody points at it.' };

export default tseslint.config(
  { ignores: ['.next/', 'public/', 'node_modules/', 'next-env.d.ts', 'test-results/'] },
  ...tseslint.configs.recommended,
  {
    rules: {
      eqeqeq: 'error',
      'no-console': 'error',
      'prefer-const': 'error',
      'max-lines': ['error', { max: 260, skipBlankLines: true, skipComments: true }],
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { varsIgnorePattern: '^_', argsIgnorePattern: '^_' }],
    },
  },
  {
    files: ['ui/parts/**'],
    ignores: ['ui/parts/link.tsx'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          paths: [LINK],
        },
      ],
    },
  },
  {
    // views use parts; what these are made of is theirs
    files: ['ui/**', 'app/**'],
    ignores: ['ui/parts/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          paths: [LINK],
          patterns: [{ group: ['react-bootstrap', 'react-bootstrap/*'], message: 'Use a part of ui/parts.' }],
        },
      ],
      'no-restricted-syntax': [
        'error',
        ...['Literal[value=/CLASSES/]', 'TemplateElement[value.raw=/CLASSES/]'].map((selector) => ({
          selector: `JSXAttribute[name.name="className"] ${selector.replace('CLASSES', CLASSES_OF_PARTS)}`,
          message: 'This class is a part’s own: use the part (ui/parts).',
        })),
        {
          selector:
            'JSXOpeningElement[name.name="input"] > JSXAttribute[name.name="type"][value.value=/^(checkbox|radio)$/], JSXOpeningElement[name.name="select"]',
          message: 'Use Check, Option, Select or SelectField (ui/parts).',
        },
        {
          selector: 'JSXOpeningElement[name.name="button"]',
          message: 'Use Button, ToolButton or BareButton (ui/parts).',
        },
      ],
    },
  },
  {
    // lengths are worked out in core/; these draw what it says
    files: ['ui/**/*.tsx', 'app/**/*.tsx'],
    ignores: ['ui/drawing/**', 'ui/bench/preview/**', 'ui/comparison/overlaid-grids.tsx', 'ui/type/rhythm-drawing.tsx'],
    rules: {
      'no-restricted-properties': [
        'error',
        ...['sub', 'mul', 'div', 'mod', 'floor', 'ceil'].map((property) => ({
          property,
          allowObjects: ['Math'],
          message: 'Lengths are worked out in core/.',
        })),
      ],
    },
  },
  {
    // what a route of app/ exports has the names that the framework asks for
    files: ['{cli,core,scripts,server,ui}/**', 'app/*.ts'],
    ignores: ['**/*.test.*'],
    plugins: { ours: { rules: { 'one-name': oneName } } },
    rules: { 'ours/one-name': 'error' },
  },
  { files: ['**/*.test.ts'], rules: { 'max-lines': 'off' } },
  { files: ['scripts/**', 'cli/**', 'tests/**', 'server/http/serve.ts'], rules: { 'no-console': 'off' } },
);
