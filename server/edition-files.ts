import { editionFormats } from '../core/formats/registry';
import type { Spec } from '../core/spec/schema';
import type { SpecAccess } from './access/access';
import type { Query, Sql, Transaction } from './database';
import { sha256 } from './sha256';
import { storedSpec, UnreadableDocument } from './stored-spec';

/** A file of an edition, as it was written when the edition was published. */
export type EditionFile = { version: string; mediaType: string; bytes: Buffer; sha256: string };

type Written = { id: string; version: string; sha256: string; publishedAt: Date };

/** Writes the files of an edition; done once, in the transaction that publishes it. */
export async function writeEditionFiles(transaction: Query, edition: Written, document: Spec): Promise<void> {
  const { version, publishedAt } = edition;
  const origin = { version, published: publishedAt.toISOString().slice(0, 10), sha256: edition.sha256 };
  for (const { file, mediaType, writer, write } of editionFormats(document)) {
    const bytes = Buffer.from(write(document, origin), 'utf8');
    await transaction`
      insert into edition_files (edition_id, name, media_type, bytes, sha256, writer)
      values (${edition.id}, ${file}, ${mediaType}, ${bytes}, ${sha256(bytes)}, ${writer})
      on conflict (edition_id, name) do nothing`;
  }
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
     order by editions.id desc
     limit 1`;
  return row ?? null;
}

/**
 * Writes the files of editions that were published before files were kept. A document that cannot be read has none.
 *
 * @returns the versions that were left out, with why
 */
export async function fillEditionFiles(sql: Sql): Promise<{ filled: number; leftOut: string[] }> {
  const without = await sql<(Written & { slug: string; document: unknown })[]>`
    select editions.id, slug, version, sha256, published_at, document
      from editions
      join specs on specs.id = spec_id
     where not exists (select from edition_files where edition_id = editions.id)`;
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
