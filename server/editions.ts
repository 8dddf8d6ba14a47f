import semver from 'semver';
import { findingsOf, holdingBack, judge } from '../core/checks/run';
import { sentenceOf } from '../core/checks/sentence';
import { readSpec } from '../core/document/read';
import { type Difference, leastBump } from '../core/diff/differences';
import { publishedDifferences } from '../core/diff/published-differences';
import { reasonOfStep } from '../core/diff/step-reason';
import type { Bump } from '../core/quantities/quantity';
import { canonicalJson } from '../core/edition/canonical';
import type { Spec } from '../core/spec/schema';
import type { SpecAccess } from './access/access';
import type { Query, Sql } from './database';
import { heldDraft } from './drafts';
import { keepFiles, type MadeFiles, makeFiles, originOf } from './edition-files';
import { tellHooks } from './hooks/tell-hooks';
import { log } from './log';
import { NotTaken } from './must-change';
import { everybody, tell } from './notices';
import { approvalsMissing, reviewPublished, reviewState } from './reviews';
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

/** One edition by its version, or the newest for "latest". */
export async function editionAt(sql: Query, access: SpecAccess<'read'>, version: string): Promise<Edition | null> {
  const row = await rowOf(sql, access, version);
  return row ? edition(row) : null;
}

async function rowOf(sql: Query, { specId }: SpecAccess<'read'>, version: string): Promise<EditionRow | undefined> {
  const [row] = await sql<EditionRow[]>`
    select ${columns(sql)}
      from editions
      join people on people.id = editions.published_by
     where spec_id = ${specId}
       and (version = ${version} or ${version} = 'latest')
     order by ${version} = 'latest' and exists (select from withdrawals where edition_id = editions.id), editions.id desc
     limit 1`;
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
  const because = `The document of ${last.version} cannot be read any more, so that nothing can be compared.`;
  return { version: proposedVersion(last.version, 'major'), bump: 'major', because, differences: [] };
}

/** The same where it is known already what differs for whoever builds on the last edition. */
export function versionStep(last: string, differences: Difference[]): Step {
  const bump = leastBump(differences);
  return { version: proposedVersion(last, bump), bump, because: reasonOfStep(differences), differences };
}

export type Published =
  | { published: true; version: string; failed: MadeFiles['failed'] }
  | { published: false; problem: string; field: Field };

/** What of a publication is refused; `stepReason` says why its version is stepped less than proposed. */
type Field = 'version' | 'note' | 'draft' | 'stepReason';

/** After a number at the end of what is counted, nothing could be published any more. */
const GREATEST_PART = 999_999;

type Publication = { revision: number; version: string; note: string; stepReason?: string };

/**
 * Freezes a draft as an edition. Refused, with a sentence, where the draft has moved on, where a *must fix* finding
 * stands without a waiver, where approvals are missing, and where the version is none, not above the last, or stepped
 * less than what changed asks for without a reason.
 */
export async function publishEdition(
  sql: Sql,
  access: SpecAccess<'publish'>,
  { revision, version, note, stepReason = '' }: Publication,
): Promise<Published> {
  const { specId, personId } = access;
  const refused = (problem: string, field: Field): Published => ({
    published: false,
    problem,
    field,
  });
  if (note.trim() === '') return refused('Say in a sentence what this edition brings.', 'note');
  if (semver.valid(version) !== version)
    return refused(`“${version.slice(0, 40)}” is not a version; write three numbers such as 1.2.0.`, 'version');
  const { major, minor, patch } = semver.parse(version)!;
  if (Math.max(major, minor, patch) > GREATEST_PART)
    return refused(
      `Each number of a version is at most ${GREATEST_PART.toLocaleString('en')}, so that there is room for the next. Write one such as 1.2.0.`,
      'version',
    );
  const publishedAt = new Date();
  const made = await madeBefore(sql, specId, { revision, version, note }, publishedAt);
  return sql.begin(async (transaction) => {
    const spec = await heldDraft(transaction, specId);
    if (!spec) throw new NotTaken('the draft is not there for whoever publishes');
    if (spec.revision !== revision)
      return refused(
        'The draft has changed since this page was opened. What changed is listed now; look again, then publish.',
        'draft',
      );
    const document = storedSpec(spec.document);
    const open = holdingBack(judge(document, findingsOf(document)));
    if (open.length > 0)
      return refused(
        `${open.length === 1 ? 'One finding' : `${open.length} findings`} must be mended or waived first: ${sentenceOf(open[0]!)}`,
        'draft',
      );
    const review = await reviewState(transaction, access);
    const missing = approvalsMissing(review);
    if (missing) return refused(missing, 'draft');
    const [last] = await transaction<{ version: string; sha256: string; document: unknown }[]>`
      select version, sha256, document from editions where spec_id = ${specId} order by id desc limit 1`;
    const hash = sha256(canonicalJson(document));
    if (last?.sha256 === hash)
      return refused(`The draft says the same as ${last.version}; there is nothing new to publish.`, 'draft');
    if (last && !semver.gt(version, last.version))
      return refused(`${version} is not above ${last.version}, the last edition.`, 'version');
    const step = proposedStep(last ?? null, document);
    const isLess = last !== undefined && semver.lt(version, step.version);
    if (isLess && stepReason.trim() === '')
      return refused(
        `What changed asks for ${step.version}: ${step.because} Say why ${version} is enough, or publish ${step.version}.`,
        'stepReason',
      );
    const [edition] = await transaction<{ id: string }[]>`
      insert into editions (spec_id, version, document, sha256, revision, note, published_by, published_at, step_reason)
      values (${specId}, ${version}, ${transaction.json(document)}, ${hash}, ${revision}, ${note.trim()}, ${personId}, ${publishedAt}, ${isLess ? stepReason.trim() : ''})
      returning id`;
    const isAsMade = made?.origin.sha256 === hash;
    const { files, failed } = isAsMade
      ? made
      : await makeFiles(document, originOf(version, publishedAt, hash, note.trim()));
    await keepFiles(transaction, { id: edition!.id, publishedAt }, files);
    await reviewPublished(transaction, access);
    await tell(transaction, access, {
      kind: 'publish',
      text: `${document.name} ${version} is published: ${note.trim()}`,
      path: `/${access.teamSlug}/${access.specSlug}/editions/${version}`,
      specId,
      people: await everybody(transaction, access),
    });
    await tellHooks(transaction, access, 'publish', { name: document.name, version, note: note.trim(), sha256: hash });
    await log(transaction, access, { action: 'publish', about: `${document.name} ${version}`, specId });
    return { published: true as const, version, failed };
  });
}

/** Makes the pictures and the PDF of a draft that is looked at for publishing, so that they are there when it is published. */
export async function prepareFiles(document: Spec, version: string, note: string): Promise<void> {
  if (holdingBack(judge(document)).length > 0) return;
  await makeFiles(document, originOf(version, new Date(), sha256(canonicalJson(document)), note.trim()));
}

/** The files of a draft that is likely to be published, made before its spec is held; what then turns out otherwise is made anew. */
async function madeBefore(
  sql: Sql,
  specId: string,
  { revision, version, note }: Publication,
  at: Date,
): Promise<MadeFiles | undefined> {
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
  return makeFiles(document, originOf(version, at, hash, note.trim()));
}
