import { MOST } from '../../../../../core/limits';
import * as z from 'zod';
import type { Edit } from '../../../../../core/edits/edit';
import { safeTwice } from '../../../../../server/database/database-away';
import { saveDraft } from '../../../../../server/specs/drafts';
import { specOf } from '../../../../../server/specs/specs';
import { refuse } from '../../../../answers';
import { forSpec } from '../../../../endpoint';
import { revisionNumber } from '../../../../numbers';

const address = z.array(z.string().max(MOST.addressKey)).max(MOST.addressDepth);
const edit: z.ZodType<Edit, Edit> = z.strictObject({
  at: address.readonly(),
  before: z.unknown().optional(),
  after: z.unknown().optional(),
});
const save = z.object({
  id: z.uuid().optional(),
  revision: revisionNumber,
  edits: z
    .array(edit)
    .max(MOST.edits, `A save has at most ${MOST.edits.toLocaleString('en')} edits; save more often.`)
    .readonly(),
});

export const GET = forSpec(
  { path: '/api/specs/[id]/draft', does: 'The newest draft.', may: 'read' },
  async ({ db, access }) => {
    const { revision, document, changedBy, changedAt } = await specOf(db, access);
    return { revision, document, changedBy, changedAt };
  },
);

export const PUT = forSpec(
  {
    path: '/api/specs/[id]/draft',
    does: 'Saves edits that were made from a revision, on top of what others saved since; the answer carries that. 409 with the newer draft where both changed the same; 422 where the edits do not apply or lead to a document that cannot be kept. A save with an id may be sent again for as long as it is not answered.',
    may: 'edit',
    body: save,
    most: 'document',
  },
  async ({ db, access, body }) => {
    const { id, revision, edits } = body;
    const result = await safeTwice(() => saveDraft(db, access, { id, basedOn: revision, edits }));
    if (result.saved) return result;
    if (result.problem !== undefined) return refuse(422, result.problem);
    return refuse(409, `${result.newer.changedBy} saved a newer draft first. Nothing was overwritten.`, {
      newer: result.newer,
    });
  },
);
