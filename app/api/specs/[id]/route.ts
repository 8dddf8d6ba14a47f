import * as z from 'zod';
import { specName } from '../../../../core/spec/schema';
import { database } from '../../../../server/database';
import { saveDocument } from '../../../../server/drafts';
import { deleteSpec, setArchived, specOf } from '../../../../server/specs';
import { forSpec, readBody, refuse } from '../../../answers';

const change = z.union([z.object({ name: specName }), z.object({ archived: z.boolean() })]);

/** Renames a spec (a revision of its draft like any other), archives it or brings it back. */
export const PATCH = forSpec(['edit', 'archive'], async (access, request) => {
  const read = await readBody(request, change);
  if ('refusal' in read) return read.refusal;
  if ('archived' in read.body) {
    await setArchived(database(access), access, read.body.archived);
    return Response.json({});
  }
  const { revision, document } = await specOf(database(access), access);
  const renamed = { ...document, name: read.body.name };
  const { saved, ...refused } = await saveDocument(database(access), access, { basedOn: revision, document: renamed });
  if (saved) return Response.json({});
  return 'problem' in refused && refused.problem !== undefined
    ? refuse(422, refused.problem)
    : refuse(409, 'Somebody changed this spec at the same moment; try again.');
});

/** Deletes an archived spec that has no edition. */
export const DELETE = forSpec(['people'], async (access) => {
  const deleted = await deleteSpec(database(access), access);
  return deleted.problem === undefined ? Response.json({}) : refuse(422, deleted.problem);
});
