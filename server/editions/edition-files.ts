import { zipSync } from 'fflate';
import { EXACT_VERSION, versionMeant } from '../../core/edition/version-meant';
import { ARCHIVE, formatOf, FORMATS } from '../../core/formats/registry';
import type { Spec } from '../../core/spec/schema';
import type { SpecAccess } from '../access/access';
import type { Query, Sql } from '../database/database';
import { madeLately } from '../rendering/made-lately';
import { type Made, rendered } from '../rendering/rendered';
import { type Origin, writtenTexts } from '../rendering/written-texts';
import { sha256 } from '../sha256';
import { storedSpec, UnreadableDocument } from '../database/stored-spec';

/** A file of an edition, as it was written when the edition was published. */
export type EditionFile = { version: string; mediaType: string; bytes: Buffer; sha256: string };

type Written = { id: string; version: string; sha256: string; publishedAt: Date; note: string };

/** A file as it is to be kept. */
type KeptFile = { name: string; mediaType: string; bytes: Buffer; writer: number };

/** A file that could not be made, and why. */
export type Unmade = { name: string; problem: string };

/** The files of an edition, and those that could not be made. */
type MadeFiles = { files: KeptFile[]; failed: Unmade[] };

/**
 * Makes every file of an edition but the archive, in memory. Pictures and PDFs take a second or more, beside the thread that answers; what was made lately of the same
 * text is not made again.
 */
export async function makeFiles(document: Spec, origin: Origin): Promise<MadeFiles> {
  const written = (await textsOf(document, origin)).map((each) => ({ ...each, format: formatOf(each.name)! }));
  const made = await Promise.all(
    written.map(({ format: { becomes }, text }): Promise<Made> | Made =>
      becomes ? madeLately({ becomes, text }) : { bytes: Buffer.from(text, 'utf8') },
    ),
  );
  const result: MadeFiles = { files: [], failed: [] };
  for (const [index, { name, format }] of written.entries()) {
    const { bytes, problem } = made[index]!;
    if (bytes) result.files.push({ name, mediaType: format.mediaType, bytes, writer: format.writer });
    else result.failed.push({ name, problem });
  }
  return result;
}

/** In the server a document that takes long is written beside the thread that answers; a script has nobody to keep waiting. */
async function textsOf(document: Spec, origin: Origin): Promise<{ name: string; text: string }[]> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return writtenTexts(document, origin);
  const order = { becomes: 'texts' as const, text: JSON.stringify({ document, origin }) };
  const [{ bytes, problem }] = (await rendered([order])) as [Made];
  if (!bytes) throw new Error(`the files of an edition could not be written: ${problem}`);
  return JSON.parse(bytes.toString('utf8')) as { name: string; text: string }[];
}

/**
 * Files with the archive that holds them.
 *
 * @param before files that are kept already, and stay as they are
 */
export function withArchive(
  files: KeptFile[],
  publishedAt: Date,
  before: { name: string; bytes: Buffer }[] = [],
): KeptFile[] {
  const fresh = files.filter(({ name }) => !before.some((there) => there.name === name));
  const { file: name, mediaType, writer } = ARCHIVE;
  return [...fresh, { name, mediaType, writer, bytes: archiveOf([...before, ...fresh], publishedAt) }];
}

/** Keeps files of an edition, in one statement. What is there stays as it is. */
export async function keepFiles(sql: Query, editionId: string, files: readonly KeptFile[]): Promise<void> {
  const rows = files.map(({ name, mediaType, bytes, writer }) => ({
    edition_id: editionId,
    name,
    media_type: mediaType,
    bytes,
    sha256: sha256(bytes),
    writer,
  }));
  await sql`insert into edition_files ${sql(rows)} on conflict (edition_id, name) do nothing`;
}

/** What an edition is called in its files. */
export function originOf(version: string, at: Date, hash: string, note: string): Origin {
  return { version, published: dayOf(at), sha256: hash, note };
}

/** The day of a publication, as files say it. */
function dayOf(at: Date): string {
  return at.toISOString().slice(0, 10);
}

/** Files in one zip; the same files give the same bytes. */
function archiveOf(files: readonly { name: string; bytes: Buffer }[], at: Date): Buffer {
  // a zip tells the time without its zone, and begins in 1980
  const mtime = new Date(Math.max(at.getTime(), Date.UTC(1981, 0, 1)));
  const sorted = [...files].sort((a, b) => (a.name < b.name ? -1 : 1));
  return Buffer.from(zipSync(Object.fromEntries(sorted.map(({ name, bytes }) => [name, bytes])), { mtime }));
}

/** A file of an edition by its version. No document is read for it. */
export async function editionFile(
  sql: Query,
  { specId }: SpecAccess<'read'>,
  version: string,
  file: string,
): Promise<EditionFile | null> {
  const [row] = await sql<EditionFile[]>`
    select version, media_type, bytes, edition_files.sha256
      from editions
      join edition_files on edition_id = editions.id and edition_files.name = ${file}
     where spec_id = ${specId} and version = ${version}`;
  return row ?? null;
}

/** Files of exact versions that were asked for lately: they never change, and builds ask for the same ones again and again. */
const asked = new Map<string, EditionFile>();
const MOST_KEPT_BYTES = 32_000_000;
let keptBytes = 0;

/** A file of an exact version; from memory, where it was asked for lately. Who may read it was asked before. */
export async function exactFile(
  sql: Query,
  access: SpecAccess<'read'>,
  version: string,
  file: string,
): Promise<EditionFile | null> {
  const name = `${access.specId} ${version} ${file}`;
  const known = asked.get(name);
  if (known) return known;
  const found = await editionFile(sql, access, version, file);
  if (!found) return null;
  asked.set(name, found);
  keptBytes += found.bytes.length;
  for (const [oldest, { bytes }] of asked) {
    if (keptBytes <= MOST_KEPT_BYTES) break;
    asked.delete(oldest);
    keptBytes -= bytes.length;
  }
  return found;
}

/**
 * The version that an address means (`versionMeant`); three numbers mean themselves: whether there is such an edition, its file says.
 */
export async function versionFor(sql: Query, { specId }: SpecAccess<'read'>, asked: string): Promise<string | null> {
  if (EXACT_VERSION.test(asked)) return asked;
  const rows = await sql<{ version: string; isWithdrawn: boolean }[]>`
    select version, exists (select from withdrawals where edition_id = editions.id) as is_withdrawn
      from editions where spec_id = ${specId} order by id desc`;
  return versionMeant(rows, asked);
}

/** An edition as builds list it. */
export type ListedVersion = {
  version: string;
  publishedAt: Date;
  sha256: string;
  note: string;
  /** Why nobody should build on it any more; null where nothing speaks against it. */
  withdrawn: string | null;
  files: ListedFile[];
};

/** The editions of a spec with their files, the newest first. */
export async function versionsOf(sql: Query, { specId }: SpecAccess<'read'>): Promise<ListedVersion[]> {
  return sql<ListedVersion[]>`
    select version, published_at, editions.sha256, note, (select reason from withdrawals where edition_id = editions.id) as withdrawn,
           coalesce((select jsonb_agg(jsonb_build_object('name', name, 'bytes', length(bytes), 'sha256', edition_files.sha256) order by name)
                       from edition_files where edition_id = editions.id), '[]') as files
      from editions
     where spec_id = ${specId}
     order by editions.id desc`;
}

/** A file of an edition in a list. */
export type ListedFile = { name: string; bytes: number; sha256: string };

/** The files that are kept of an edition, in the order of the formats. */
export async function filesOfEdition(
  sql: Query,
  { specId }: SpecAccess<'read'>,
  version: string,
): Promise<ListedFile[]> {
  const files = await sql<ListedFile[]>`
    select name, length(bytes) as bytes, edition_files.sha256
      from editions
      join edition_files on edition_id = editions.id
     where spec_id = ${specId}
       and version = ${version}
     order by name`;
  // what has no format, the archive, comes last
  const place = ({ name }: ListedFile): number => {
    const format = formatOf(name);
    return format ? FORMATS.indexOf(format) : FORMATS.length;
  };
  return [...files].sort((a, b) => place(a) - place(b));
}

/** Files that an edition has not, though every edition has them: a writer failed, and is tried again at a start. */
export function missingFiles(files: readonly ListedFile[]): string[] {
  return ALWAYS.filter((file) => !files.some(({ name }) => name === file));
}

/** Every edition has these, whatever is in its document. */
const ALWAYS = [
  ...FORMATS.filter(({ inEditions, isFor, file }) => inEditions && !isFor && !file.includes('*')),
  ARCHIVE,
].map(({ file }) => file);

/**
 * Writes the files that editions lack: those from before files, or files of some format, were kept. What is there stays as it is. A document that cannot be read has none.
 *
 * @returns the versions that were left out, with why
 */
export async function fillEditionFiles(sql: Sql): Promise<{ filled: number; leftOut: string[] }> {
  const without = await sql<(Written & { slug: string; document: unknown })[]>`
    select editions.id, slug, version, sha256, published_at, note, document
      from editions
      join specs on specs.id = spec_id
     where (select count(*) from edition_files where edition_id = editions.id and name in ${sql(ALWAYS)}) < ${ALWAYS.length}`;
  const leftOut: string[] = [];
  let filled = 0;
  for (const { slug, document, ...edition } of without) {
    try {
      const spec = storedSpec(document);
      const { version, publishedAt } = edition;
      const { files, failed } = await makeFiles(spec, originOf(version, publishedAt, edition.sha256, edition.note));
      leftOut.push(...failed.map(({ name, problem }) => `${slug} ${version}, ${name}: ${problem}`));
      const before = await sql<{ name: string; bytes: Buffer }[]>`
        select name, bytes from edition_files where edition_id = ${edition.id} and name <> ${ARCHIVE.file}`;
      await keepFiles(sql, edition.id, withArchive(files, publishedAt, before));
      filled++;
    } catch (error) {
      if (!(error instanceof UnreadableDocument)) throw error;
      leftOut.push(`${slug} ${edition.version}: ${error.problem}`);
    }
  }
  return { filled, leftOut };
}

/** The name of a spec, as its newest edition says it; before the first, its address. */
export async function nameOf(sql: Query, { specId, specSlug }: SpecAccess<'read'>): Promise<string> {
  const [row] = await sql<{ name: string }[]>`
    select document->>'name' as name from editions where spec_id = ${specId} order by id desc limit 1`;
  return row?.name ?? specSlug;
}
