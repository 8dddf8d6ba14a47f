import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { jsonSchemaText, rulesPage } from './pages';

test.each([
  ['docs/rules.md', rulesPage],
  ['docs/spec.schema.json', jsonSchemaText],
])('%s is what the code says (else: npm run docs)', (file, text) => {
  expect(readFileSync(file, 'utf8')).toBe(text());
});
