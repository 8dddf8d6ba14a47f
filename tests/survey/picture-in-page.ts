import { buildSync } from 'esbuild';

/** A script that puts the survey's reading of pictures into a page, as `window.survey`. */
export function pictureScript(): string {
  const source = `export { boxesOfPicture } from './core/survey/picture/boxes-of-picture';`;
  const { outputFiles } = buildSync({
    stdin: { contents: source, resolveDir: process.cwd(), loader: 'ts' },
    bundle: true,
    write: false,
    format: 'iife',
    globalName: 'survey',
    target: 'es2022',
  });
  return outputFiles[0]!.text;
}
