import { zipSync } from 'fflate';
import { versionMeant } from '../core/edition/version-meant';
import { ARCHIVE, editionFiles, type Format, formatOf, FORMATS } from '../core/formats/registry';
import type { Spec } from '../core/spec/schema';
import type { SpecAccess } from './access/access';
import type { Query, Sql, Transaction } from './database';
import { rendered } from './rendering/rendered';
import { sha256 } from './sha256';
import { storedSpec, UnreadableDocument } from './stored-spec';

/** A file of an edition, as it was written when the edition was published. */
export type EditionFile = { version: string; mediaType: string; bytes: Buffer; sha256: string };

type Written = { id: string; version: string; sha256: string; publishedAt: Date };

/** Pictures and PDFs by what they are made of. */
type Made = ReadonlyMap<string, Buffer>;

type Named = { version: string; published: string; sha256: string };

/** A file of an edition as its format writes it: as it is kept, or what a picture or a PDF is made of. */
type WrittenFile = { name: string; format: Format; text: string };

function writtenFiles(document: Spec, origin: Named): WrittenFile[] {
  return editionFiles(document).map(({ name, format, write }) => ({ name, format, text: write(origin) }));
}

/** Makes the pictures and the PDF of an edition, which takes seconds: before it is published, so that nobody waits for its spec meanwhile. */
export async function madeFiles(document: Spec, origin: Named): Promise<Made> {
  return madeOf(writtenFiles(document, origin));
}

async function madeOf(files: readonly WrittenFile[], known: Made = new Map()): Promise<Made> {
  const orders = files.flatMap(({ format: { becomes }, text }) => (becomes ? [{ becomes, text }] : []));
  const missing = orders.filter(({ text }) => !known.has(text));
  const bytes = await rendered(missing);
  return new Map([...known, ...missing.map(({ text }, index) => [text, bytes[index]!] as const)]);
}

/** Writes the files of an edition; done once, in the transaction that publishes it. */
export async function writeEditionFiles(
  transaction: Query,
  edition: Written,
  document: Spec,
  known?: Made,
): Promise<void> {
  const { version, publishedAt } = edition;
  const origin = { version, published: dayOf(publishedAt), sha256: edition.sha256 };
  const keep = (name: string, mediaType: string, bytes: Buffer, writer: number) => transaction`
    insert into edition_files (edition_id, name, media_type, bytes, sha256, writer)
    values (${edition.id}, ${name}, ${mediaType}, ${bytes}, ${sha256(bytes)}, ${writer})
    on conflict (edition_id, name) do nothing`;
  const files = writtenFiles(document, origin);
  const made = await madeOf(files, known);
  for (const { name, format, text } of files) {
    const bytes = format.becomes ? made.get(text)! : Buffer.from(text, 'utf8');
    await keep(name, format.mediaType, bytes, format.writer);
  }
  const kept = await transaction<{ name: string; bytes: Buffer }[]>`
    select name, bytes from edition_files where edition_id = ${edition.id} order by name`;
  await keep(ARCHIVE.file, ARCHIVE.mediaType, archiveOf(kept, publishedAt), ARCHIVE.writer);
}

/** The day of a publication, as files say it. */
export function dayOf(at: Date): string {
  return at.toISOString().slice(0, 10);
}

/** Files in one zip; the same files give the same bytes. */
function archiveOf(files: readonly { name: string; bytes: Buffer }[], at: Date): Buffer {
  // a zip tells the time without its zone, and begins in 1980
  const mtime = new Date(Math.max(at.getTime(), Date.UTC(1981, 0, 1)));
  return Buffer.from(zipSync(Object.fromEntries(files.map(({ name, bytes }) => [name, bytes])), { mtime }));
}

/** A file of an edition, or of the newest for "latest". No document is read for it. */
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
     where spec_id = ${specId}
       and (version = ${version} or ${version} = 'latest')
     order by ${version} = 'latest' and exists (select from withdrawals where edition_id = editions.id), editions.id desc
     limit 1`;
  return row ?? null;
}

/** Files of exact versions that were asked for lately: they never change, and builds ask for the same ones again and again. */
const lately = new Map<string, EditionFile>();
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
  const known = lately.get(name);
  if (known) return known;
  const found = await editionFile(sql, access, version, file);
  if (!found) return null;
  lately.set(name, found);
  keptBytes += found.bytes.length;
  for (const [oldest, { bytes }] of lately) {
    if (keptBytes <= MOST_KEPT_BYTES) break;
    lately.delete(oldest);
    keptBytes -= bytes.length;
  }
  return found;
}

/**
 * The version that an address means: itself, or the newest of `1.2`, `1` or `latest` that is not withdrawn (one that is,
 * where there is no other); null where there is none.
 */
export async function versionFor(sql: Query, { specId }: SpecAccess<'read'>, asked: string): Promise<string | null> {
  const rows = await sql<{ version: string; isWithdrawn: boolean }[]>`
    select version, exists (select from withdrawals where edition_id = editions.id) as is_withdrawn
      from editions where spec_id = ${specId} order by id desc`;
  const all = rows.map(({ version }) => version);
  const standing = rows.filter(({ isWithdrawn }) => !isWithdrawn).map(({ version }) => version);
  return versionMeant(standing, asked) ?? versionMeant(all, asked);
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
    select editions.id, slug, version, sha256, published_at, document
      from editions
      join specs on specs.id = spec_id
     where (select count(*) from edition_files where edition_id = editions.id and name in ${sql(ALWAYS)}) < ${ALWAYS.length}`;
  const leftOut: string[] = [];
  for (const { slug, document, ...edition } of without) {
    try {
      const spec = storedSpec(document);
      await sql.begin((transaction: Transaction) => writeEditionFiles(transaction, edition, spec));
    } catch (error) {
      if (!(error instanceof UnreadableDocument)) throw error;
      leftOut.push(`${slug} ${edition.version}: ${error.problem}`);
    }
  }
  return { filled: without.length - leftOut.length, leftOut };
}
