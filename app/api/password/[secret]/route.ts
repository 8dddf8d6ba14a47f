import * as z from 'zod';
import { database } from '../../../../server/database';
import { passwordByLink } from '../../../../server/password-links';
import { forAnybody, isPlain, nothingHere, readBody, refuse } from '../../../answers';

const wanted = z.object({ password: z.string().min(1, 'Choose a password.').max(1000) });

/** Sets a new password by a link from an owner; every session of the person ends. */
export const POST = forAnybody<{ secret: string }>(async (request, { secret }) => {
  if (!isPlain(secret)) return nothingHere();
  const read = await readBody(request, wanted, 8192);
  if ('refusal' in read) return read.refusal;
  const changed = await passwordByLink(database(), secret, read.body.password);
  return changed.problem === undefined ? Response.json({}) : refuse(422, changed.problem);
});
