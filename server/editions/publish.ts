import semver from 'semver';
import { findingsOf, holdingBack, judge } from '../../core/checks/run';
import { sentenceOf } from '../../core/checks/sentence';
import { canonicalJson } from '../../core/edition/canonical';
import type { Spec } from '../../core/spec/schema';
import type { SpecAccess } from '../access/access';
import type { Query, Sql } from '../database/database';
import { hold } from '../specs/hold';
import { keepFiles, makeFiles, originOf, type Unmade, withArchive } from './edition-files';
import { proposedStep } from './editions';
import { tellHooks } from '../hooks/tell-hooks';
import { log } from '../team/log';
import { NotTaken } from '../database/must-change';
import { everybody, tell } from '../team/notices';
import { approvalsMissing, reviewPublished, reviewState } from '../specs/reviews';
import { sha256 } from '../sha256';
import { storedSpec } from '../database/stored-spec';

export type Published = { published: true; version: string; failed: Unmade[] } | Refused;

type Refused = { published: false; problem: string; field: Field };

/** What of a publication is refused; `stepReason` says why its version is stepped less than proposed. */
type Field = 'version' | 'note' | 'draft' | 'stepReason';

const refused = (problem: string, field: Field): Refused => ({ published: false, problem, field });

/** After a number at the end of what is counted, nothing could be published any more. */
const GREATEST_PART = 999_999;

/** Somebody else may come first this often. */
const MOST_TRIES = 5;

type Publication = { revision: number; version: string; note: string; stepReason?: string };

/**
 * Freezes a draft as an edition. Refused, with a sentence, where the draft has moved on, where a *must fix* finding
 * stands without a waiver, where approvals are missing, and where the version is none, not above the last, or stepped
 * less than what changed asks for without a reason.
 *
 * All of that is found out, and every file is made and written, before the spec is held; then it is asked whether it is still so.
 */
export async function publishEdition(
  sql: Sql,
  access: SpecAccess<'publish'>,
  publication: Publication,
  tries = MOST_TRIES,
): Promise<Published> {
  const { specId, personId } = access;
  const { revision, version, stepReason = '' } = publication;
  const malformed = whatIsMalformed(publication);
  if (malformed) return malformed;
  const seen = await seenBy(sql, access);
  const judged = judgedFor(publication, seen);
  if ('problem' in judged) return judged;

  const { document, hash } = judged;
  const [note, publishedAt] = [publication.note.trim(), new Date()];
  const { files, failed } = await makeFiles(document, originOf(version, publishedAt, hash, note));
  const all = withArchive(files, publishedAt);

  return sql
    .begin(async (transaction): Promise<Published> => {
      // editions of a spec come one after the other; saves go on while the files are written
      await transaction`select pg_advisory_xact_lock(hashtextextended(${`editions of ${specId}`}, 0))`;
      const [edition] = await transaction<{ id: string }[]>`
        insert into editions (spec_id, version, document, sha256, revision, note, published_by, published_at, step_reason)
        values (${specId}, ${version}, ${transaction.json(document)}, ${hash}, ${revision}, ${note}, ${personId}, ${publishedAt}, ${judged.isLess ? stepReason.trim() : ''})
        returning id`;
      await keepFiles(transaction, edition!.id, all);
      await hold(transaction, specId);
      if (!(await isAsSeen(transaction, access, seen))) throw new SeenOtherwise();
      await reviewPublished(transaction, access);
      await tell(transaction, access, {
        kind: 'publish',
        text: `${document.name} ${version} is published: ${note}`,
        path: `/${access.teamSlug}/${access.specSlug}/editions/${version}`,
        specId,
        people: await everybody(transaction, access),
      });
      await tellHooks(transaction, access, 'publish', { name: document.name, version, note, sha256: hash });
      await log(transaction, access, { action: 'publish', about: `${document.name} ${version}`, specId });
      return { published: true, version, failed };
    })
    .catch(async (error: unknown) => {
      if ((!(error instanceof SeenOtherwise) && !cannotStand(error)) || tries === 1) throw error;
      // somebody else came first: what is there now is judged, and nothing of this is kept
      return publishEdition(sql, access, publication, tries - 1);
    });
}

/** What a publication was judged by has changed since. */
class SeenOtherwise extends Error {}

/** Is a version there already, or the spec gone (PostgreSQL, appendix A: unique_violation, foreign_key_violation)? */
const cannotStand = (error: unknown): boolean =>
  ['23505', '23503'].includes(String((error as { code?: unknown } | null)?.code));

/** Is everything as it was when it was judged, but for the edition that has just been written? */
async function isAsSeen(sql: Query, access: SpecAccess<'publish'>, seen: Seen): Promise<boolean> {
  const [[now], review] = await Promise.all([
    sql<{ revision: number; last: string | null }[]>`
      select revision, (select version from editions where spec_id = specs.id order by id desc offset 1 limit 1) as last
        from specs where id = ${access.specId}`,
    reviewState(sql, access),
  ]);
  return now?.revision === seen.revision && now.last === (seen.last?.version ?? null) && !approvalsMissing(review);
}

/** What is wrong with what was typed, whatever the draft says. */
function whatIsMalformed({ version, note }: Publication): Refused | null {
  if (note.trim() === '') return refused('Enter release notes for this edition.', 'note');
  if (semver.valid(version) !== version)
    return refused(`“${version.slice(0, 40)}” isn’t a version. Use three numbers, such as 1.2.0.`, 'version');
  const { major, minor, patch } = semver.parse(version)!;
  if (Math.max(major, minor, patch) > GREATEST_PART)
    return refused(
      `Each number in a version can be at most ${GREATEST_PART.toLocaleString('en')}. Use a version such as 1.2.0.`,
      'version',
    );
  return null;
}

/** What a publication is judged by: the draft, the last edition, what its reviewers say. */
type Seen = {
  revision: number;
  document: unknown;
  last: { version: string; sha256: string; document: unknown } | null;
  review: Awaited<ReturnType<typeof reviewState>>;
};

/** @throws NotTaken where the draft is not there for whoever asks */
async function seenBy(sql: Query, access: SpecAccess<'publish'>): Promise<Seen> {
  const [[spec], review] = await Promise.all([
    sql<(Omit<Seen, 'last' | 'review'> & { version: string | null; sha256: string; published: unknown })[]>`
      select revision, drafts.document, newest.version, newest.sha256, newest.document as published
        from specs
        join drafts on drafts.spec_id = specs.id
        left join lateral (select version, sha256, document from editions where spec_id = specs.id order by id desc limit 1) newest on true
       where specs.id = ${access.specId}`,
    reviewState(sql, access),
  ]);
  if (!spec) throw new NotTaken('the draft is not there for whoever publishes');
  const { revision, document, version, sha256: hash, published } = spec;
  return { revision, document, last: version === null ? null : { version, sha256: hash, document: published }, review };
}

/** The document as it is published, and whether its version is stepped less than proposed; or what speaks against it. */
type Judged = { document: Spec; hash: string; isLess: boolean };

function judgedFor(
  { revision, version, stepReason = '' }: Publication,
  { revision: newest, document: stored, last, review }: Seen,
): Judged | Refused {
  if (newest !== revision)
    return refused(
      'The draft has changed since you opened this page. The changes are listed now. Check them, then publish.',
      'draft',
    );
  const document = storedSpec(stored);
  const open = holdingBack(judge(document, findingsOf(document)));
  if (open.length > 0)
    return refused(
      `${open.length === 1 ? 'One finding' : `${open.length} findings`} must be fixed or waived first: ${sentenceOf(open[0]!)}`,
      'draft',
    );
  const missing = approvalsMissing(review);
  if (missing) return refused(missing, 'draft');
  const hash = sha256(canonicalJson(document));
  if (last?.sha256 === hash)
    return refused(`The draft is the same as ${last.version}. There’s nothing new to publish.`, 'draft');
  if (last && !semver.gt(version, last.version))
    return refused(`${version} isn’t above ${last.version}, the last edition.`, 'version');
  const step = proposedStep(last, document);
  const isLess = last !== null && semver.lt(version, step.version);
  if (isLess && stepReason.trim() === '')
    return refused(
      `These changes need ${step.version}: ${step.because} Enter why ${version} is enough, or publish ${step.version}.`,
      'stepReason',
    );
  return { document, hash, isLess };
}

/** Makes the pictures and the PDF of a draft that is looked at for publishing, so that they are there when it is published. */
export async function prepareFiles(document: Spec, version: string, note: string): Promise<void> {
  if (holdingBack(judge(document)).length > 0) return;
  await makeFiles(document, originOf(version, new Date(), sha256(canonicalJson(document)), note.trim()));
}
