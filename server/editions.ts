import semver from 'semver';
import { findingsOf, holdingBack, judge } from '../core/checks/run';
import { sentenceOf } from '../core/checks/sentence';
import type { Bump } from '../core/quantities/quantity';
import { canonicalJson } from '../core/edition/canonical';
import type { Spec } from '../core/spec/schema';
import type { SpecAccess } from './access/access';
import type { Query, Sql } from './database';
import { dayOf, madeFiles, writeEditionFiles } from './edition-files';
import { log } from './log';
import { sha256 } from './sha256';
import { storedSpec, UnreadableDocument } from './stored-spec';

/** A published version of a spec; it never changes. */
export type Edition = {
  version: string;
  document: Spec;
  sha256: string;
  revision: number;
  note: string;
  publishedBy: string;
  publishedAt: Date;
};

type EditionRow = Omit<Edition, 'document'> & { document: unknown };

const edition = (row: EditionRow): Edition => ({ ...row, document: storedSpec(row.document) });

/** An edition whose document may be one that this version cannot read. */
export type PerhapsReadable = Omit<Edition, 'document'> & { document: Spec | null };

function perhapsReadable(row: EditionRow): PerhapsReadable {
  try {
    return edition(row);
  } catch (error) {
    if (error instanceof UnreadableDocument) return { ...row, document: null };
    throw error;
  }
}

/** Editions of a spec, the newest first. */
export async function editionsOf(sql: Query, { specId }: SpecAccess<'read'>): Promise<PerhapsReadable[]> {
  const rows = await sql<EditionRow[]>`
    select version, document, sha256, revision, note, name as published_by, published_at
      from editions
      join people on people.id = editions.published_by
     where spec_id = ${specId}
     order by editions.id desc`;
  return rows.map(perhapsReadable);
}

/** The versions of a spec's editions, the newest first, and the one before a version; only that one's document is read. */
export async function editionsAround(
  sql: Query,
  access: SpecAccess<'read'>,
  version: string,
): Promise<{ versions: string[]; before: PerhapsReadable | null }> {
  const rows = await sql<{ version: string }[]>`
    select version from editions where spec_id = ${access.specId} order by id desc`;
  const versions = rows.map((row) => row.version);
  const earlier = versions[versions.indexOf(version) + 1];
  const row = earlier === undefined ? undefined : await rowOf(sql, access, earlier);
  return { versions, before: row ? perhapsReadable(row) : null };
}

/** One edition by its version, or the newest for "latest". */
export async function editionAt(sql: Query, access: SpecAccess<'read'>, version: string): Promise<Edition | null> {
  const row = await rowOf(sql, access, version);
  return row ? edition(row) : null;
}

async function rowOf(sql: Query, { specId }: SpecAccess<'read'>, version: string): Promise<EditionRow | undefined> {
  const [row] = await sql<EditionRow[]>`
    select version, document, sha256, revision, note, name as published_by, published_at
      from editions
      join people on people.id = editions.published_by
     where spec_id = ${specId}
       and (version = ${version} or ${version} = 'latest')
     order by editions.id desc
     limit 1`;
  return row;
}

/** The version that is proposed: 1.0.0 first, then the least step that fits what changed. */
export function proposedVersion(last: string | null, bump: Bump | null): string {
  return last === null ? '1.0.0' : (semver.inc(last, bump ?? 'patch') ?? '1.0.0');
}

export type Published =
  { published: true; version: string } | { published: false; problem: string; field: 'version' | 'note' | 'draft' };

type Publication = { revision: number; version: string; note: string };

/**
 * Freezes a draft as an edition. Refused, with a sentence, where the draft has moved on, where a *must fix* finding
 * stands without a waiver, and where the version is none, or not above the last.
 */
export async function publishEdition(
  sql: Sql,
  access: SpecAccess<'publish'>,
  { revision, version, note }: Publication,
): Promise<Published> {
  const { specId, personId } = access;
  const refused = (problem: string, field: 'version' | 'note' | 'draft'): Published => ({
    published: false,
    problem,
    field,
  });
  if (note.trim() === '') return refused('Say in a sentence what this edition brings.', 'note');
  if (semver.valid(version) !== version)
    return refused(`“${version.slice(0, 40)}” is not a version; write three numbers such as 1.2.0.`, 'version');
  const made = await madeBefore(sql, specId, revision, version);
  return sql.begin(async (transaction) => {
    const [spec] = await transaction<{ revision: number; document: unknown }[]>`
      select revision, document
        from specs
        join drafts on spec_id = specs.id
       where specs.id = ${specId}
         for update of specs`;
    if (spec!.revision !== revision)
      return refused(
        'The draft has changed since this page was opened. What changed is listed now; look again, then publish.',
        'draft',
      );
    const document = storedSpec(spec!.document);
    const open = holdingBack(judge(document, findingsOf(document)));
    if (open.length > 0)
      return refused(
        `${open.length === 1 ? 'One finding' : `${open.length} findings`} must be mended or waived first: ${sentenceOf(open[0]!)}`,
        'draft',
      );
    const [last] = await transaction<{ version: string; sha256: string }[]>`
      select version, sha256 from editions where spec_id = ${specId} order by id desc limit 1`;
    const hash = sha256(canonicalJson(document));
    if (last?.sha256 === hash)
      return refused(`The draft says the same as ${last.version}; there is nothing new to publish.`, 'draft');
    if (last && !semver.gt(version, last.version))
      return refused(`${version} is not above ${last.version}, the last edition.`, 'version');
    const [edition] = await transaction<{ id: string; publishedAt: Date }[]>`
      insert into editions (spec_id, version, document, sha256, revision, note, published_by)
      values (${specId}, ${version}, ${transaction.json(document)}, ${hash}, ${revision}, ${note.trim()}, ${personId})
      returning id, published_at`;
    await writeEditionFiles(transaction, { ...edition!, version, sha256: hash }, document, made);
    await log(transaction, access, { action: 'publish', about: `${document.name} ${version}`, specId });
    return { published: true as const, version };
  });
}

/** Pictures and the PDF of a draft that is likely to be published: what then turns out otherwise is made anew. */
async function madeBefore(sql: Sql, specId: string, revision: number, version: string) {
  const [draft] = await sql<{ document: unknown; last: string | null; lastHash: string | null }[]>`
    select drafts.document, newest.version as last, newest.sha256 as last_hash
      from specs
      join drafts on drafts.spec_id = specs.id
      left join lateral (select version, sha256 from editions where spec_id = specs.id order by id desc limit 1) newest on true
     where specs.id = ${specId} and revision = ${revision}`;
  if (!draft || (draft.last !== null && !semver.gt(version, draft.last))) return undefined;
  const document = storedSpec(draft.document);
  const hash = sha256(canonicalJson(document));
  if (hash === draft.lastHash || holdingBack(judge(document)).length > 0) return undefined;
  return madeFiles(document, { version, published: dayOf(new Date()), sha256: hash });
}
