import { build } from 'esbuild';
import { format } from 'prettier';

/** The overlay script, bundled and made small, as the text that `core/formats/overlay/overlay-script.ts` holds. */
export function overlayScriptText(): Promise<string> {
  return scriptText(
    'ui/overlay-script/main.ts',
    'OVERLAY_SCRIPT',
    'The overlay for running pages (ui/overlay-script), bundled by `npm run docs`; the data of an edition takes the place of its one name.',
  );
}

/** What measures a running page, as the text that `core/built/measure-script.ts` holds: evaluated, it makes `ypsiline.measure`. */
export function measureScriptText(): Promise<string> {
  return scriptText(
    'ui/measure-script/main.ts',
    'MEASURE_SCRIPT',
    'What measures a running page (ui/measure-script), bundled by `npm run docs`: evaluated there, it makes `ypsiline.measure`.',
    'ypsiline',
  );
}

async function scriptText(file: string, name: string, says: string, globalName?: string): Promise<string> {
  const { outputFiles } = await build({
    entryPoints: [file],
    bundle: true,
    minify: true,
    format: 'iife',
    ...(globalName === undefined ? {} : { globalName }),
    target: 'es2022',
    charset: 'ascii',
    legalComments: 'none',
    write: false,
  });
  const text = `/** ${says} */
// prettier-ignore
export const ${name} = ${JSON.stringify(outputFiles[0]!.text.trim())};
`;
  return format(text, { parser: 'typescript', printWidth: 120, singleQuote: true });
}
