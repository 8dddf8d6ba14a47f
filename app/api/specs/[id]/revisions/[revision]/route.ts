import * as z from 'zod';
import { plainText } from '../../../../../../core/spec/text-schema';
import { database } from '../../../../../../server/database';
import { nameRevision, restoreRevision } from '../../../../../../server/history';
import { forSpec, nothingHere, readBody, refuse } from '../../../../../answers';
import { readRevision, revisionNumber } from '../../../../../numbers';

type Params = { id: string; revision: string };

const name = z.object({ name: z.string().trim().pipe(plainText(80)) });
const restore = z.object({ basedOn: revisionNumber });

/** Names a revision, or takes its name away. */
export const PATCH = forSpec<'edit', Params>(['edit'], async (access, request, params) => {
  const revision = readRevision(params.revision);
  if (revision === null) return nothingHere();
  const read = await readBody(request, name, 4096);
  if ('refusal' in read) return read.refusal;
  const named = await nameRevision(database(access), access, revision, read.body.name);
  return named.problem === undefined ? Response.json({}) : refuse(422, named.problem);
});

/** Restores what a revision said, as a new one on top of the newest. */
export const POST = forSpec<'edit', Params>(['edit'], async (access, request, params) => {
  const revision = readRevision(params.revision);
  if (revision === null) return nothingHere();
  const read = await readBody(request, restore, 4096);
  if ('refusal' in read) return read.refusal;
  const { basedOn } = read.body;
  const restored = await restoreRevision(database(access), access, { revision, basedOn });
  if (restored.saved) {
    const { revision: made, edits, document } = restored;
    return Response.json({ revision: made, edits, document }, { status: 201 });
  }
  if (restored.problem !== undefined) return refuse(422, restored.problem);
  return refuse(409, `${restored.newer.changedBy} saved a newer draft meanwhile; look again, then restore.`);
});
