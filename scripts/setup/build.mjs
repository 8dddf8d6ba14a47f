import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { mustExecute } from './process.mjs';
import { say } from './say.mjs';

const SOURCES = ['app', 'core', 'server', 'ui', 'next.config.ts', 'package-lock.json', 'tsconfig.json'];
const MARK = '.next/ypsiline-sources';

/** Builds the application when a source has changed since the last build. */
export async function ensureBuild() {
  const hash = createHash('sha256');
  for (const file of SOURCES.flatMap(filesBelow)) hash.update(file).update(readFileSync(file));
  const sources = hash.digest('hex');
  if (existsSync(MARK) && readFileSync(MARK, 'utf8') === sources) return;
  say('building the application');
  await mustExecute('The build', process.execPath, ['node_modules/next/dist/bin/next', 'build'], {
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', NODE_ENV: 'production' },
  });
  writeFileSync(MARK, sources);
}

/** @param {string} path @returns {string[]} */
function filesBelow(path) {
  if (!statSync(path).isDirectory()) return [path];
  return readdirSync(path)
    .sort()
    .filter((name) => !/\.test\.tsx?$/.test(name))
    .flatMap((name) => filesBelow(join(path, name)));
}
