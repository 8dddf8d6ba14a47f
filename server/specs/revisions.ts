import { applyEdits } from '../../core/edits/apply-edits';
import type { Edit } from '../../core/edits/edit';
import type { Query, Transaction } from '../database/database';

/** Every so many revisions the whole document is kept, so that none is far from one. */
const WHOLE_EVERY = 32;

export function isKeptWhole(revision: number): boolean {
  return revision % WHOLE_EVERY === 1;
}

/** Edits that are as large as the document that they make are not worth reading them. */
export function isSmaller(edits: readonly Edit[], document: unknown): boolean {
  return JSON.stringify(edits).length < JSON.stringify(document).length;
}

/** What a revision was: what was changed, in words, by edits of the one before, and what came of it. */
export type NewRevision = {
  specId: string;
  revision: number;
  label: string;
  edits: readonly Edit[];
  document: unknown;
  personId: string;
  /** Were the edits made of the document as it was stored, rather than of one brought up to date? */
  isOfStored: boolean;
  /** By which the save that made it is known when it comes again. */
  saveId?: string | undefined;
};

/** Keeps a revision: its edits, and now and then the whole document; and the document as the newest one. */
export async function keepRevision(transaction: Transaction, made: NewRevision): Promise<Date> {
  const { specId, revision, label, edits, document, personId, isOfStored, saveId = null } = made;
  const isWhole = isKeptWhole(revision) || !isOfStored || !isSmaller(edits, document);
  const json = transaction.json(document as never);
  const [kept] = await transaction<{ madeAt: Date }[]>`
    with newest as (
      insert into drafts (spec_id, document) values (${specId}, ${json})
      on conflict (spec_id) do update set document = excluded.document)
    insert into revisions (spec_id, revision, document, edits, label, made_by, save_id)
    values (${specId}, ${revision}, ${isWhole ? json : null}, ${transaction.json(edits as never)}, ${label}, ${personId}, ${saveId})
    returning made_at`;
  return kept!.madeAt;
}

/** The document of a revision as it was stored: the whole one before it, and the edits since. */
export async function documentAt(sql: Query, specId: string, revision: number): Promise<unknown> {
  const rows = await sql<{ document: unknown; edits: Edit[] }[]>`
    select document, edits
      from revisions
     where spec_id = ${specId}
       and revision between (select max(revision) from revisions
                              where spec_id = ${specId} and revision <= ${revision} and document is not null)
                        and ${revision}
     order by revision`;
  const [whole, ...since] = rows;
  return since.reduce<unknown>((document, { edits }) => {
    const { value, problem } = applyEdits(document, edits);
    if (problem !== undefined) throw new Error(`revision ${revision} of ${specId} cannot be put together: ${problem}`);
    return value;
  }, whole?.document);
}
