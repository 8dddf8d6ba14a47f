import semver from 'semver';
import { readSpec } from '../../core/document/read';
import { type Difference, leastBump } from '../../core/diff/differences';
import { publishedDifferences } from '../../core/diff/published-differences';
import { reasonOfStep } from '../../core/diff/step-reason';
import type { Bump } from '../../core/quantities/quantity';
import type { Spec } from '../../core/spec/schema';
import type { SpecAccess } from '../access/access';
import type { Query } from '../database/database';
import { versionFor } from './edition-files';
import { storedSpec, UnreadableDocument } from '../database/stored-spec';

/** A published version of a spec; it never changes. */
export type Edition = {
  version: string;
  document: Spec;
  sha256: string;
  revision: number;
  note: string;
  publishedBy: string;
  publishedAt: Date;
  /** Why its version was stepped less than proposed; empty where it was not. */
  stepReason: string;
  withdrawn: { reason: string; by: string; at: Date } | null;
};

type EditionRow = Omit<Edition, 'document' | 'withdrawn'> & {
  document: unknown;
  withdrawn: { reason: string; by: string; at: string } | null;
};

/** An edition as it was read, but for its document. */
function facts<T>({ withdrawn, ...row }: EditionRow, document: T): Omit<Edition, 'document'> & { document: T } {
  return { ...row, document, withdrawn: withdrawn && { ...withdrawn, at: new Date(withdrawn.at) } };
}

const edition = (row: EditionRow): Edition => facts(row, storedSpec(row.document));

/** What is read of an edition. */
const columns = (sql: Query) => sql`
  version, document, sha256, editions.revision, note, step_reason, people.name as published_by, published_at,
  (select jsonb_build_object('reason', reason, 'by', withdrawer.name, 'at', withdrawn_at)
     from withdrawals left join people withdrawer on withdrawer.id = withdrawn_by where edition_id = editions.id) as withdrawn`;

/** An edition whose document may be one that this version cannot read. */
export type PerhapsReadable = Omit<Edition, 'document'> & { document: Spec | null };

function perhapsReadable(row: EditionRow): PerhapsReadable {
  try {
    return edition(row);
  } catch (error) {
    if (error instanceof UnreadableDocument) return facts(row, null);
    throw error;
  }
}

/** Editions of a spec, the newest first. */
export async function editionsOf(sql: Query, { specId }: SpecAccess<'read'>): Promise<PerhapsReadable[]> {
  const rows = await sql<EditionRow[]>`
    select ${columns(sql)}
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

/** One edition by what its address means: its version, or the newest for “latest”. */
export async function editionAt(sql: Query, access: SpecAccess<'read'>, asked: string): Promise<Edition | null> {
  const version = await versionFor(sql, access, asked);
  const row = version === null ? undefined : await rowOf(sql, access, version);
  return row ? edition(row) : null;
}

async function rowOf(sql: Query, { specId }: SpecAccess<'read'>, version: string): Promise<EditionRow | undefined> {
  const [row] = await sql<EditionRow[]>`
    select ${columns(sql)}
      from editions
      join people on people.id = editions.published_by
     where spec_id = ${specId} and version = ${version}`;
  return row;
}

/** The version that fits what changed: 1.0.0 first, then the least step. */
export function proposedVersion(last: string | null, bump: Bump | null): string {
  return last === null ? '1.0.0' : (semver.inc(last, bump ?? 'patch') ?? '1.0.0');
}

/** The version that is proposed, why, and what it was read from. */
export type Step = { version: string; bump: Bump | null; because: string; differences: Difference[] };

/**
 * The version that is proposed for a draft after its last edition, and why: 1.0.0 first, then the least step that fits what changed.
 *
 * @param last the last edition, with what is stored of it
 */
export function proposedStep(last: { version: string; document: unknown } | null, document: Spec): Step {
  if (!last)
    return {
      version: proposedVersion(null, null),
      bump: null,
      because: 'The first edition is 1.0.0.',
      differences: [],
    };
  const { value: before } = readSpec(last.document);
  if (before) return versionStep(last.version, publishedDifferences(before, document));
  // what cannot be compared may have lost anything
  const because = `The document of ${last.version} can’t be opened, so nothing can be compared.`;
  return { version: proposedVersion(last.version, 'major'), bump: 'major', because, differences: [] };
}

/** The same where it is known already what differs for whoever builds on the last edition. */
export function versionStep(last: string, differences: Difference[]): Step {
  const bump = leastBump(differences);
  return { version: proposedVersion(last, bump), bump, because: reasonOfStep(differences), differences };
}
