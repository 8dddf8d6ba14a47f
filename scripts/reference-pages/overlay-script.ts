import { build } from 'esbuild';
import { format } from 'prettier';

/** The overlay script, bundled and made small, as the text that `core/formats/overlay/overlay-script.ts` holds. */
export async function overlayScriptText(): Promise<string> {
  const { outputFiles } = await build({
    entryPoints: ['ui/overlay-script/main.ts'],
    bundle: true,
    minify: true,
    format: 'iife',
    target: 'es2022',
    charset: 'ascii',
    legalComments: 'none',
    write: false,
  });
  const script = outputFiles[0]!.text.trim();
  const text = `/** The overlay for running pages (ui/overlay-script), bundled by \`npm run docs\`; the data of an edition takes the place of its one name. */
// prettier-ignore
export const OVERLAY_SCRIPT = ${JSON.stringify(script)};
`;
  return format(text, { parser: 'typescript', printWidth: 120, singleQuote: true });
}
