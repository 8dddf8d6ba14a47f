import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { isRoot, mustExecute } from './process.mjs';
import { Failure, say } from './say.mjs';

const MARK = 'node_modules/.ypsiline-lock';
const PATCHES = 'patches';

/** Installs the npm packages, and mends those that `patches/` names, when they are missing or older than lock and patches. */
export async function ensurePackages() {
  const [major = 0, minor = 0] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 9))
    throw new Failure(`Node ${process.versions.node} is too old; install Node 20.9 or newer.`);
  const hash = createHash('sha256').update(readFileSync('package-lock.json'));
  for (const patch of readdirSync(PATCHES).sort()) hash.update(readFileSync(join(PATCHES, patch)));
  const lock = hash.digest('hex');
  if (existsSync(MARK) && readFileSync(MARK, 'utf8') === lock) return;
  say('installing the npm packages (npm ci)');
  await mustExecute('Installing the npm packages', 'npm', ['ci', '--ignore-scripts']);
  await mustExecute('Mending packages', process.execPath, ['node_modules/patch-package/index.js', '--error-on-fail']);
  writeFileSync(MARK, lock);
}

/**
 * Makes sure that a program from a Debian package is there; as root it is installed.
 * @param {string} packageName
 * @param {() => string | null} find
 * @returns {Promise<string>} where it is
 */
export async function ensureDebianPackage(packageName, find) {
  const found = find();
  if (found) return found;
  const hint = `apt-get update && apt-get install -y ${packageName}`;
  if (!isRoot || !existsSync('/usr/bin/apt-get'))
    throw new Failure(`The package ${packageName} is missing. As root, type: ${hint}`);
  say(`installing ${packageName}`);
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  await mustExecute('apt-get update', 'apt-get', ['update', '-qq'], { env });
  await mustExecute(`Installing ${packageName}`, 'apt-get', ['install', '-y', '-qq', packageName], { env });
  const installed = find();
  if (!installed)
    throw new Failure(`${packageName} was installed, but its program is not where it is expected. Type: ${hint}`);
  return installed;
}
