import * as z from 'zod';
import { specName } from '../../../../core/spec/schema';
import { database } from '../../../../server/database';
import { saveDraft } from '../../../../server/drafts';
import { setArchived, specOf } from '../../../../server/specs';
import { forSpec, readBody, refuse } from '../../../answers';

const change = z.union([z.object({ name: specName }), z.object({ archived: z.boolean() })]);

/** Renames a spec (a revision of its draft like any other), archives it or brings it back. */
export const PATCH = forSpec(['arrange', 'edit'], async (access, request) => {
  const read = await readBody(request, change);
  if ('refusal' in read) return read.refusal;
  if ('archived' in read.body) {
    await setArchived(database(), access, read.body.archived);
    return Response.json({});
  }
  const { revision, document } = await specOf(database(), access);
  const renamed = { ...document, name: read.body.name };
  const { saved, ...refused } = await saveDraft(database(), access, { basedOn: revision, document: renamed });
  if (saved) return Response.json({});
  return 'problem' in refused && refused.problem !== undefined
    ? refuse(422, refused.problem)
    : refuse(409, 'Somebody changed this spec at the same moment; try again.');
});
