import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { withFormats } from './formats-table';
import { withLimits } from './limits-table';
import { jsonSchemaText, permissionsPage, rulesPage } from './pages';

test.each([
  ['docs/rules.md', rulesPage],
  ['docs/permissions.md', permissionsPage],
  ['docs/spec.schema.json', jsonSchemaText],
  ['docs/addresses.md', () => withFormats(readFileSync('docs/addresses.md', 'utf8'))],
  ['docs/document-format.md', () => withLimits(readFileSync('docs/document-format.md', 'utf8'))],
])('%s is what the code says (else: npm run docs)', (file, text) => {
  expect(readFileSync(file, 'utf8')).toBe(text());
});
