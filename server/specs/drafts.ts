import { NEWEST_VERSION, readSpec } from '../../core/document/read';
import { applyEdits } from '../../core/edits/apply-edits';
import type { Edit } from '../../core/edits/edit';
import { composed } from '../../core/edits/compose';
import { putOnTop } from '../../core/edits/meet';
import { editsBetween } from '../../core/edits/edits-between';
import { inWords } from '../../core/quantities/in-words';
import type { Spec } from '../../core/spec/schema';
import type { SpecAccess } from '../access/access';
import type { Query, Sql, Transaction } from '../database/database';
import { NotTaken } from '../database/must-change';
import { hold } from './hold';
import { documentAt, keepRevision } from './revisions';
import { storedSpec } from '../database/stored-spec';
import { keepSummary, summaryOf } from './summaries';

/** One saved state of a draft. */
export type Draft = { revision: number; document: Spec; changedBy: string; changedAt: Date };

export type Saved =
  | (Since & { saved: true; revision: number; changedAt: Date })
  | { saved: false; newer: Draft; problem?: undefined }
  | { saved: false; newer?: undefined; problem: string };

/**
 * What came of a draft since the revision of which a save was made: all edits since, a list for each revision and one’s own among them; or the document, where that is too much.
 * Neither where one’s own is all that is new, as it was sent.
 */
export type Since = { since?: Edit[][] | null; document?: Spec; by: string[] };

/** So many revisions lie between at most; whoever was away for longer is shown the newer draft. */
const MOST_BETWEEN = 2_000;

/** Edits that were made from a revision. */
export type Save = {
  /** By which it is known when it is sent again, since its answer was lost. */
  id?: string | undefined;
  basedOn: number;
  edits: readonly Edit[];
  /** Only where nobody saved since. */
  alone?: true;
};

/**
 * Saves edits of a draft that were made from a revision. If other saves came first, they are put on top of the newest one (`meet`), and the answer carries
 * what came in between; where both changed the same address, or what comes of it cannot be kept, nothing is written and the answer carries the newer draft. Edits that do not apply to the revision, or lead to a document that cannot be kept, are
 * refused with a sentence. A save that is there already is answered, and not written again.
 *
 * @param also what belongs to the same transaction
 */
export async function saveDraft(
  sql: Sql,
  access: SpecAccess<'edit'>,
  save: Save,
  also?: (transaction: Transaction) => Promise<void>,
): Promise<Saved> {
  const { specId, personId } = access;
  return sql.begin(async (transaction): Promise<Saved> => {
    const spec = await heldDraft(transaction, specId);
    if (!spec) throw new NotTaken('the draft is not there for whoever saves');
    const newer = async (): Promise<Saved> => ({
      saved: false,
      newer: await draftOf(transaction, access, spec.revision),
    });
    const isNewest = spec.revision === save.basedOn;
    const news = isNewest ? null : await savedSince(transaction, specId, [save.basedOn, spec.revision], save.id);
    if (!isNewest && (await isSavedAlready(transaction, access, save.id)))
      return asItIs(transaction, access, spec, news);
    if (news === 'far' || (news !== null && save.alone)) return newer();

    const isOfStored = (spec.document as { ypsiline?: unknown }).ypsiline === NEWEST_VERSION;
    // edits of a document of this version are made of it as it is stored; what comes of them is read as a whole
    const before = isOfStored ? (spec.document as Spec) : storedSpec(spec.document);
    const { edits, document, problem } =
      news === null ? made(before, save.edits) : madeOnTop(before, save.edits, news.edits);
    if (problem !== undefined) return isNewest ? { saved: false, problem } : newer();
    if (edits.length === 0) return asItIs(transaction, access, spec, news);
    const revision = spec.revision + 1;
    const changedAt = await keepRevision(transaction, {
      specId,
      revision,
      label: inWords(document, edits),
      edits,
      document,
      personId,
      isOfStored,
      saveId: save.id,
    });
    // a role may have changed since the gate was passed: then nothing of the save is kept
    await keepSummary(transaction, specId, summaryOf(document), personId, revision);
    await also?.(transaction);
    return { saved: true, revision, changedAt, since: news && [...news.edits, [...edits]], by: news?.by ?? [] };
  });
}

/** Saves a whole document as edits of the revision that it was made from. */
export async function saveDocument(
  sql: Sql,
  access: SpecAccess<'edit'>,
  { basedOn, document }: { basedOn: number; document: Spec },
): Promise<Saved> {
  const before = await draftOf(sql, access, basedOn);
  return saveDraft(sql, access, { basedOn, edits: editsBetween(before.document, document) });
}

type Made = { edits: readonly Edit[]; document: Spec; problem?: undefined };
type NotMade = { edits?: undefined; document?: undefined; problem: string };

/** Edits made of the newest document. */
function made(newest: Spec, edits: readonly Edit[]): Made | NotMade {
  const edited = applyEdits(newest, edits);
  if (edited.problem !== undefined) return { problem: edited.problem };
  const { value: document, problem } = readSpec(edited.value);
  return document ? { edits, document } : { problem: problem! };
}

/** Edits of an older document on top of what others saved since. */
function madeOnTop(newest: Spec, own: readonly Edit[], since: readonly Edit[][]): Made | NotMade {
  const theirs = since.reduce<Edit[]>((all, edits) => composed(all, edits), []);
  const { apply, collide, document } = putOnTop(newest, own, theirs, readSpec);
  return collide.length > 0 ? { problem: 'others changed the same' } : { edits: apply, document };
}

/** Is a save there already, whose answer was lost? */
async function isSavedAlready(
  sql: Query,
  { specId, personId }: SpecAccess<'edit'>,
  id: string | undefined,
): Promise<boolean> {
  if (id === undefined) return false;
  const [there] = await sql`
    select 1 from revisions where spec_id = ${specId} and made_by = ${personId} and save_id = ${id}`;
  return there !== undefined;
}

/** The draft of a spec as it is now, held until the transaction ends. */
async function heldDraft(
  transaction: Transaction,
  specId: string,
): Promise<{ revision: number; document: unknown } | undefined> {
  const [, [spec]] = await Promise.all([
    hold(transaction, specId),
    transaction<{ revision: number; document: unknown }[]>`
      select revision, document from specs join drafts on spec_id = id where id = ${specId}`,
  ]);
  return spec;
}

/** The draft as it is has all of it already: nothing is written. */
async function asItIs(
  sql: Query,
  access: SpecAccess<'read-drafts'>,
  { revision }: { revision: number },
  news: News | 'far' | null,
): Promise<Saved> {
  const { changedAt, document, changedBy } = await draftOf(sql, access, revision);
  if (news === null || news === 'far') return { saved: true, revision, changedAt, document, by: [changedBy] };
  return { saved: true, revision, changedAt, since: news.edits, by: news.by };
}

/** What was saved since a revision: the newest one, the edits that led there, a list for each revision, and who made them. */
export type News = { revision: number; changedAt: Date; edits: Edit[][]; by: string[] };

/** What was saved since a revision; null where nothing was, `far` where it is too much or is not all kept as edits of this version. */
export async function newsSince(sql: Query, specId: string, after: number): Promise<News | 'far' | null> {
  const [spec] = await sql<{ revision: number }[]>`select revision from specs where id = ${specId}`;
  return !spec || spec.revision === after ? null : savedSince(sql, specId, [after, spec.revision]);
}

/** @param own the id of a save of one’s own, whose maker is not named among those who made it */
async function savedSince(
  sql: Query,
  specId: string,
  [after, newest]: [number, number],
  own?: string,
): Promise<News | 'far'> {
  if (after > newest || newest - after > MOST_BETWEEN) return 'far';
  const rows = await sql<
    { edits: Edit[] | null; version: number | null; name: string; madeAt: Date; saveId: string | null }[]
  >`
    select edits, (document->>'ypsiline')::int as version, people.name, made_at, save_id
      from revisions
      join people on people.id = made_by
     where spec_id = ${specId} and revision > ${after} and revision <= ${newest}
     order by revision`;
  const isWhole = rows.every(
    ({ edits, version }) => edits !== null && (version === null || version === NEWEST_VERSION),
  );
  if (!isWhole || rows.length === 0 || rows.length < newest - after) return 'far';
  const by = rows.filter(({ saveId }) => own === undefined || saveId !== own).map(({ name }) => name);
  return {
    revision: newest,
    changedAt: rows.at(-1)!.madeAt,
    edits: rows.map(({ edits }) => edits!),
    by: [...new Set(by)],
  };
}

/** The draft at a revision. */
export async function draftOf(sql: Query, { specId }: SpecAccess<'read-drafts'>, revision: number): Promise<Draft> {
  const [made] = await sql<{ changedBy: string; changedAt: Date }[]>`
    select name as changed_by, made_at as changed_at
      from revisions
      join people on people.id = made_by
     where spec_id = ${specId}
       and revision = ${revision}`;
  return { revision, ...made!, document: storedSpec(await documentAt(sql, specId, revision)) };
}
