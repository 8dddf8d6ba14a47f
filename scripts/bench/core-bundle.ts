import { join } from 'node:path';
import { execute } from '../setup/process.mjs';

/**
 * Measures the core as a browser gets it: bundled to plain JavaScript, without what a loader adds to each function.
 */
export async function measureCore(folder: string, what: 'core' | 'corners' | 'style-sheets' | 'survey') {
  const { build } = await import('esbuild');
  const outfile = join(folder, `${what}.mjs`);
  await build({
    entryPoints: [`scripts/bench/${what}.ts`],
    outfile,
    bundle: true,
    format: 'esm',
    platform: 'node',
    target: 'es2022',
  });
  await execute(process.execPath, [outfile]);
}
