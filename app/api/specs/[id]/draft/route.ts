import { z } from 'zod';
import { readSpec } from '../../../../../core/spec/read';
import { database } from '../../../../../server/database';
import { saveDraft } from '../../../../../server/drafts';
import { specOf } from '../../../../../server/specs';
import { forSpec, readBody, refuse } from '../../../../answers';

const save = z.object({ revision: z.number().int().positive(), document: z.unknown() });

/** The newest draft. */
export const GET = forSpec(['read'], async (access) => {
  const { revision, document, changedBy, changedAt } = await specOf(database(), access);
  return Response.json({ revision, document, changedBy, changedAt });
});

/** Saves a draft made from a revision. 409 with the newer draft where another save came first. */
export const PUT = forSpec(['edit'], async (access, request) => {
  const read = await readBody(request, save);
  if ('refusal' in read) return read.refusal;
  const parsed = readSpec(read.body.document);
  if (!parsed.value) return refuse(422, parsed.problem!);
  const result = await saveDraft(database(), access, { basedOn: read.body.revision, document: parsed.value });
  if (result.saved) return Response.json({ revision: result.revision, changedAt: result.changedAt });
  return refuse(409, `${result.newer.changedBy} saved a newer draft first; nothing was overwritten.`, {
    newer: result.newer,
  });
});
