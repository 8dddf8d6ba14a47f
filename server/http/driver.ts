import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';

/** What `patches/` writes into the driver; without it the rest of a cut answer is taken for the next one's. */
const MARK = 'nothing of a cut answer is taken for the next one';

/** Where it is installed: it names the module of its second form, two folders below. */
const INSTALLED = join(dirname(createRequire(import.meta.url).resolve('postgres')), '../..');

/**
 * Why the driver of the database must not be used, or null: it is mended as `patches/` says, in both of its forms. A plain `npm ci` leaves it as it was published,
 * since scripts of packages are off.
 * @param folder where it is installed
 */
export function driverProblem(folder: string = INSTALLED) {
  const isMended = ['src', 'cjs/src'].every((form) =>
    readFileSync(join(folder, form, 'connection.js'), 'utf8').includes(MARK),
  );
  return isMended
    ? null
    : 'The database driver isn’t patched. Run: node node_modules/patch-package/index.js (npm start does it for you), then start again.';
}
