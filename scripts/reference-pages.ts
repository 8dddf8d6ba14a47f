import { readFileSync, writeFileSync } from 'node:fs';
import { format } from 'prettier';
import { withFormats } from './reference-pages/formats-table';
import { withLimits } from './reference-pages/limits-table';
import { measureScriptText, overlayScriptText } from './reference-pages/page-scripts';
import { jsonSchemaText, permissionsPage, rulesPage, shippedMeasuresText } from './reference-pages/pages';

/** `npm run docs`: writes what is made from the code or from the shipped fonts. */
writeFileSync('docs/rules.md', rulesPage());
writeFileSync('docs/permissions.md', permissionsPage());
writeFileSync('docs/spec.schema.json', jsonSchemaText());
writeFileSync('docs/addresses.md', withFormats(readFileSync('docs/addresses.md', 'utf8')));
writeFileSync('docs/document-format.md', withLimits(readFileSync('docs/document-format.md', 'utf8')));
writeFileSync(
  'core/type/shipped-measures.ts',
  await format(shippedMeasuresText(), { parser: 'typescript', printWidth: 120, singleQuote: true }),
);
writeFileSync('core/formats/overlay/overlay-script.ts', await overlayScriptText());
writeFileSync('core/built/measure-script.ts', await measureScriptText());
