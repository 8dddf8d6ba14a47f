import { canonicalJson } from '../../core/edition/canonical';
import type { Spec } from '../../core/spec/schema';
import type { Query } from '../database/database';
import { sha256 } from '../sha256';
import { BackupProblem } from './back-up';

/** So many editions are held at once. */
const AT_ONCE = 50;

/** Holds every edition and every file of one against its SHA-256. */
export async function holdEditions(sql: Query): Promise<{ editions: number; files: number }> {
  let [last, editions] = ['0', 0];
  for (;;) {
    const some = await sql<{ id: string; version: string; document: Spec; sha256: string; slug: string }[]>`
      select editions.id, version, document, sha256, slug
        from editions
        join specs on specs.id = spec_id
       where editions.id > ${last} order by editions.id limit ${AT_ONCE}`;
    if (some.length === 0) break;
    for (const edition of some)
      if (sha256(canonicalJson(edition.document)) !== edition.sha256)
        throw new BackupProblem(
          `The edition ${edition.version} of ${edition.slug} is not what was published: its SHA-256 differs.`,
        );
    [last, editions] = [some.at(-1)!.id, editions + some.length];
  }
  const [{ files, differ }] = (await sql`
    select count(*)::int as files, count(*) filter (where encode(sha256(bytes), 'hex') <> sha256)::int as differ
      from edition_files`) as unknown as [{ files: number; differ: number }];
  if (differ > 0)
    throw new BackupProblem(
      `${differ} of ${files} files of editions are not what was published: their SHA-256 differ.`,
    );
  return { editions, files };
}
