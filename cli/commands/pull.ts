import { isAbsolute, posix } from 'node:path';
import { readSpecText } from '../../core/document/read';
import { type GridCssOptions, gridCssWith } from '../../core/formats/grid-css/grid-css-options';
import { versionMeant } from '../../core/edition/version-meant';
import { type Answer, type Command, readArguments, Unusable } from '../command';
import { GRID_CSS_OPTIONS, gridCssOptions } from '../grid-css-options';
import { type Lock, LOCK_FILE, lockText, merged, readLock } from '../lock-file';
import { editionAddress, keyOf, PATIENCE_MS, tellServer } from '../edition-server';
import { digestOf } from '../sha256';

const USAGE =
  'pull --from ADDRESS --key-from-env NAME [--files LIST] [--prefix NAME] [--layer NAME] [--gutters FORM] [--media SYNTAX] [--to DIR] [--lock FILE] [--frozen] [--fail-on-withdrawn] [--follow NAME]';
// a lock file is read on every system
const { join } = posix;
const USUAL = 'grid.css';
const LARGEST = 50_000_000;

type Edition = { version: string; withdrawn?: string | null; sha256?: string; publishedAt?: string };
type Listed = { editions: Edition[] };

/**
 * Fetches files of an edition into a folder, and writes down which version each was and what its bytes come to, beside what was pulled before. `--frozen`
 * fetches the same again, each to its own folder, and ends with 1 if anything differs. An edition that is withdrawn is said on standard error, always; with `--fail-on-withdrawn` nothing is written. `--follow` says to the team, under a name, on which edition is built.
 *
 *     ypsiline pull --from https://grids.example.org/e/tidewick/passenger-site/1 --key-from-env YPSILINE_KEY --files grid.css,tokens.json
 */
export const pullCommand: Command = {
  usage: USAGE,
  says: 'Downloads files of an edition and writes a lock file with their versions and SHA-256.\n\n  --from ADDRESS       …/e/TEAM/SPEC/VERSION; VERSION may be 1, 1.2 or latest\n  --key-from-env NAME  the environment variable that holds the access key\n  --files LIST         such as grid.css,tokens.json\n  --prefix NAME, --layer NAME, --gutters FORM, --media SYNTAX\n                       how grid.css is written; kept in the lock file\n  --to DIR             where they go\n  --frozen             the same files again; exit code 1 if anything differs\n  --fail-on-withdrawn  write nothing from a withdrawn edition\n  --follow NAME        add this product to the followers',
  async run(args, read, world): Promise<Answer> {
    const text = { type: 'string' as const };
    const options = {
      from: text,
      'key-from-env': text,
      files: text,
      to: text,
      lock: text,
      follow: text,
      frozen: { type: 'boolean' as const },
      'fail-on-withdrawn': { type: 'boolean' as const },
      ...GRID_CSS_OPTIONS,
    };
    const { values } = readArguments(args, USAGE, options, 0);
    const { address, asked: version } = editionAddress('from', values['from']);
    const key = keyOf(values['key-from-env'], world.env);
    const lockPath = String(values['lock'] ?? LOCK_FILE);
    const folder = String(values['to'] ?? '.');
    const lock = lockAt(lockPath, read, folder);
    if (values['frozen'] && !lock)
      throw new Unusable(`--frozen needs ${lockPath}. Pull once without it and keep the file`);
    if (lock && lock.from !== address)
      throw new Unusable(`${lockPath} is of ${lock.from}, not of ${address}. Choose another file for --lock`);
    const listed = await listedAt(world.fetch, address, key);
    const names = values['files'] === undefined ? null : namesOf(values['files']);
    const asked = gridCssOptions(values);
    if (asked && (values['frozen'] || (names && !names.includes(USUAL))))
      throw new Unusable(
        `--${asked.said} is for a new ${USUAL}. ${values['frozen'] ? 'Leave it out with --frozen' : `Add ${USUAL} to --files`}`,
      );
    const wanted = values['frozen']
      ? lockedFiles(lock!, lockPath, { names, folder: values['to'] === undefined ? null : folder })
      : filesOf(meantIn(listed, address, version), names ?? [USUAL], folder).map((file) => ({
          ...file,
          // how it was written stays, until it is said otherwise
          ...(file.name === USUAL && optionsOf(asked?.options ?? lock?.files[file.path]?.options)),
        }));
    const versions = [...new Set(wanted.map(({ version }) => version))];
    const warnings = versions.flatMap((version) => {
      const { withdrawn } = meantIn(listed, address, version);
      return withdrawn ? [`ypsiline: ${version} is withdrawn: ${withdrawn}`] : [];
    });
    const warning = warnings.length > 0 ? warnings.join('\n') : undefined;
    if (warning && values['fail-on-withdrawn']) return { problem: `${warning} Nothing was written.`, status: 1 };
    const fetched = await Promise.all(
      wanted.map(async ({ sha256: sum, ...file }) => {
        const of = (name: string): Promise<Buffer> => bytesOf(world.fetch, `${address}/${file.version}/${name}`, key);
        const bytes = file.options
          ? writtenSo(await of('spec.json'), meantIn(listed, address, file.version), file.options)
          : await of(file.name);
        const own = digestOf(bytes);
        return { ...file, bytes, sha256: own, isOther: sum !== undefined && sum !== own };
      }),
    );
    const other = fetched.filter(({ isOther }) => isOther);
    if (other.length > 0) {
      const which = other.map(({ name, version }) => `${name} of ${version}`).join(', ');
      return { problem: `ypsiline: ${which} differs from ${lockPath}. Nothing was written`, status: 1 };
    }
    const files = fetched.map(({ path, bytes }) => ({ path, text: bytes }));
    const kept: Lock = {
      from: address,
      files: Object.fromEntries(
        fetched.map(({ path, name, version: own, sha256: sum, options: how }) => [
          path,
          { name, version: own, sha256: sum, ...publishedAt(name, meantIn(listed, address, own)), ...optionsOf(how) },
        ]),
      ),
    };
    if (values['follow'] !== undefined)
      for (const version of versions)
        await tellServer(world.fetch, `${address}/followers`, { name: String(values['follow']), version }, key);
    const said = versions.map((version) => {
      const own = fetched.filter((file) => file.version === version);
      return `${version}: ${own.map(({ name }) => name).join(', ')}`;
    });
    return {
      text: said.join('\n'),
      ...(warning ? { problem: warning } : {}),
      files: values['frozen'] ? files : [...files, { path: lockPath, text: lockText(merged(lock, kept)) }],
      status: 0,
    };
  },
};

/** A file to be fetched: where it goes, and, where it is known, what its bytes come to; of `grid.css`, how it is to be written. */
type Wanted = { path: string; name: string; version: string; sha256?: string; options?: GridCssOptions };

/** When an edition was published, beside its document: what is exported of that says so, too. */
function publishedAt(name: string, { publishedAt: at }: Edition): { published?: string } {
  return name === 'spec.json' && at !== undefined ? { published: at.slice(0, 10) } : {};
}

function optionsOf(options: GridCssOptions | undefined): { options?: GridCssOptions } {
  return options ? { options } : {};
}

/** `grid.css` written otherwise, of an edition’s own document. */
function writtenSo(
  document: Buffer,
  { version, publishedAt = '', sha256 = '' }: Edition,
  options: GridCssOptions,
): Buffer {
  const { value: spec, problem } = readSpecText(document.toString('utf8'));
  if (!spec) throw new Unusable(`spec.json of ${version}: ${problem}`);
  const css = gridCssWith(spec, { version, published: publishedAt.slice(0, 10), sha256 }, options);
  if (css.value === undefined) throw new Unusable(css.problem);
  return Buffer.from(css.value, 'utf8');
}

function filesOf({ version }: Edition, names: string[], folder: string): Wanted[] {
  return names.map((name) => ({ path: join(folder, name), name, version }));
}

/** The files of a lock: all of them, or those of some names, or in a folder. */
function lockedFiles(
  lock: Lock,
  path: string,
  { names, folder }: { names: string[] | null; folder: string | null },
): Wanted[] {
  const all = Object.entries(lock.files).map(([at, locked]) => ({ path: at, ...locked }));
  const missing = names?.find((name) => !all.some((file) => file.name === name));
  if (missing !== undefined)
    throw new Unusable(`${path} has no ${missing}. Pull it once without --frozen and keep the file`);
  const under = folder === null ? '' : inside(folder);
  const wanted = all.filter((file) => (!names || names.includes(file.name)) && file.path.startsWith(under));
  if (wanted.length === 0)
    throw new Unusable(`${path} has nothing in ${folder}. Leave out --to to update files in their own folders`);
  return wanted;
}

function namesOf(files: string | boolean | undefined): string[] {
  const names = String(files ?? USUAL)
    .split(',')
    .map((name) => name.trim());
  const wrong = names.find((name) => !/^[\w.-]+$/.test(name) || name.includes('..') || isAbsolute(name));
  if (wrong !== undefined) throw new Unusable(`--files names “${wrong}”. Use names such as grid.css,tokens.json`);
  return [...new Set(names)];
}

/** What the paths of files in a folder begin with: nothing for this one. */
function inside(folder: string): string {
  const plain = join(folder).replace(/\/+$/, '');
  return plain === '.' || plain === '' ? '' : `${plain}/`;
}

function lockAt(path: string, read: (file: string) => string, folder: string): Lock | null {
  let text: string;
  try {
    text = read(path);
  } catch {
    return null;
  }
  const { value, problem } = readLock(text, inside(folder));
  if (!value) throw new Unusable(`${path}: ${problem}`);
  return value;
}

type Fetch = typeof fetch;

async function listedAt(fetching: Fetch, address: string, key: string): Promise<Edition[]> {
  return (JSON.parse((await bytesOf(fetching, address, key)).toString('utf8')) as Listed).editions;
}

/** The edition that a version stands for now. */
function meantIn(editions: Edition[], address: string, asked: string): Edition {
  const versions = editions.map(({ version }) => version);
  const own = versionMeant(
    editions.map(({ version, withdrawn }) => ({ version, isWithdrawn: Boolean(withdrawn) })),
    asked,
  );
  if (!own) throw new Unusable(`${address} has no edition ${asked}; it has ${versions.join(', ') || 'none'}`);
  return editions.find(({ version }) => version === own)!;
}

async function bytesOf(fetching: Fetch, address: string, key: string): Promise<Buffer> {
  let response: Response;
  try {
    const headers = { Authorization: `Bearer ${key}` };
    response = await fetching(address, { headers, redirect: 'error', signal: AbortSignal.timeout(PATIENCE_MS) });
  } catch (error) {
    throw new Unusable(
      `${address} doesn’t answer: ${((error as Error).cause as Error | undefined)?.message ?? (error as Error).message}`,
    );
  }
  const bytes = Buffer.from(await response.arrayBuffer());
  if (bytes.length > LARGEST) throw new Unusable(`${address} is larger than ${LARGEST} bytes`);
  if (response.ok) return bytes;
  throw new Unusable(`${address} answered ${response.status}${problemIn(bytes)}`);
}

function problemIn(bytes: Buffer): string {
  try {
    const { problem } = JSON.parse(bytes.toString('utf8')) as { problem?: unknown };
    return typeof problem === 'string' ? `: ${problem}` : '';
  } catch {
    return '';
  }
}
