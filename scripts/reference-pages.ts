import { writeFileSync } from 'node:fs';
import { jsonSchemaText, rulesPage } from './reference-pages/pages';

/** `npm run docs`: writes the pages of docs/ that are made from the code. */
writeFileSync('docs/rules.md', rulesPage());
writeFileSync('docs/spec.schema.json', jsonSchemaText());
