import * as z from 'zod';
import { database } from '../../../../../server/database';
import { safeTwice } from '../../../../../server/database-away';
import { saveDraft } from '../../../../../server/drafts';
import { specOf } from '../../../../../server/specs';
import { forSpec, readBody, refuse } from '../../../../answers';
import { revisionNumber } from '../../../../numbers';

const address = z.array(z.string().max(200)).max(12);
const edit = z.strictObject({ at: address, before: z.json().optional(), after: z.json().optional() });
const save = z.object({
  id: z.uuid().optional(),
  revision: revisionNumber,
  edits: z.array(edit).max(20_000, 'A save has at most 20,000 edits; save more often.'),
});

/** The newest draft. */
export const GET = forSpec(['read'], async (access) => {
  const { revision, document, changedBy, changedAt } = await specOf(database(access), access);
  return Response.json({ revision, document, changedBy, changedAt });
});

/**
 * Saves edits that were made from a revision, on top of what others saved since; the answer carries that. 409 with the newer draft where both changed the same; 422 where the edits
 * do not apply or lead to a document that cannot be kept. A save with an id may be sent again for as long as it is not answered.
 */
export const PUT = forSpec(['edit'], async (access, request) => {
  const read = await readBody(request, save);
  if ('refusal' in read) return read.refusal;
  const { id, revision, edits } = read.body;
  const result = await safeTwice(() => saveDraft(database(access), access, { id, basedOn: revision, edits }));
  if (result.saved) return Response.json(result);
  if (result.problem !== undefined) return refuse(422, result.problem);
  return refuse(409, `${result.newer.changedBy} saved a newer draft first; nothing was overwritten.`, {
    newer: result.newer,
  });
});
