import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { mustExecute } from './process.mjs';
import { say } from './say.mjs';

const SOURCES = [
  'app',
  'cli',
  'core',
  'scripts/setup/build.mjs',
  'server',
  'ui',
  'next.config.ts',
  'package-lock.json',
  'tsconfig.json',
];
const MARK = '.next/ypsiline-sources';

/** Builds the application when a source has changed since the last build. */
export async function ensureBuild() {
  const hash = createHash('sha256');
  for (const file of SOURCES.flatMap(filesBelow)) hash.update(file).update(readFileSync(file));
  const sources = hash.digest('hex');
  if (existsSync(MARK) && existsSync(COMMAND_FILE) && existsSync(SERVER_FILE) && readFileSync(MARK, 'utf8') === sources)
    return;
  say('building the application');
  await mustExecute('The build', process.execPath, ['node_modules/next/dist/bin/next', 'build'], {
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', NODE_ENV: 'production' },
  });
  await buildCommand();
  await buildPrograms();
  writeFileSync(MARK, sources);
}

/** Where the command line stands as one file, which the application serves at `/ypsiline.mjs`. */
export const COMMAND_FILE = 'public/ypsiline.mjs';

/** Bundles the command line into one file that needs nothing but Node. */
export async function buildCommand(outfile = COMMAND_FILE) {
  const { build } = await import('esbuild');
  await build({
    entryPoints: ['cli/ypsiline.ts'],
    outfile,
    bundle: true,
    minify: true,
    keepNames: false,
    format: 'esm',
    platform: 'node',
    target: 'node20',
    // what drives browsers asks for some of Node's modules in the older way
    banner: {
      js: "#!/usr/bin/env node\nimport { createRequire as requireOf } from 'node:module';\nconst require = requireOf(import.meta.url);",
    },
    external: ['bufferutil', 'utf-8-validate'],
    plugins: [withoutDownloads],
    legalComments: 'none',
    logLevel: 'warning',
  });
}

/** What puppeteer-core takes to fetch browsers, and the command never uses: it measures with those that are there. */
const withoutDownloads = {
  name: 'without-downloads',
  /** @param {import('esbuild').PluginBuild} build */
  setup(build) {
    const filter = /^(proxy-agent|yargs|yargs\/helpers|tar-fs|extract-zip|progress)$/;
    build.onResolve({ filter }, ({ path }) => ({ path, namespace: 'nothing' }));
    build.onLoad({ filter: /.*/, namespace: 'nothing' }, () => ({ contents: 'module.exports = {};' }));
  },
};

/** Programs of the server that are no part of Next's build: what serves, what writes files beside it, what measures a font by itself. */
const PROGRAMS = ['server/http/serve.ts', 'server/rendering/worker.ts', 'server/fonts/measure-process.ts'];
const PROGRAMS_FOLDER = '.next/ypsiline';

/** What serves the built application: `node .next/ypsiline/serve.mjs`. */
export const SERVER_FILE = `${PROGRAMS_FOLDER}/serve.mjs`;

/** Bundles them, each into one file beside the packages; it takes half a second. */
export async function buildPrograms() {
  const { build } = await import('esbuild');
  await build({
    entryPoints: PROGRAMS,
    outdir: PROGRAMS_FOLDER,
    entryNames: '[name]',
    outExtension: { '.js': '.mjs' },
    bundle: true,
    packages: 'external',
    format: 'esm',
    platform: 'node',
    target: 'node20',
    legalComments: 'none',
    logLevel: 'warning',
  });
}

/** @param {string} path @returns {string[]} */
function filesBelow(path) {
  if (!statSync(path).isDirectory()) return [path];
  return readdirSync(path)
    .sort()
    .filter((name) => !/\.test\.tsx?$/.test(name))
    .flatMap((name) => filesBelow(join(path, name)));
}
