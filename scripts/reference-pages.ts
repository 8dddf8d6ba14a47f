import { writeFileSync } from 'node:fs';
import { format } from 'prettier';
import { jsonSchemaText, rulesPage, shippedMeasures } from './reference-pages/pages';

/** `npm run docs`: writes what is made from the code or from the shipped fonts. */
writeFileSync('docs/rules.md', rulesPage());
writeFileSync('docs/spec.schema.json', jsonSchemaText());
writeFileSync(
  'core/type/shipped-fonts.json',
  await format(JSON.stringify(shippedMeasures()), { parser: 'json', printWidth: 120 }),
);
