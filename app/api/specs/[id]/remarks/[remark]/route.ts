import * as z from 'zod';
import { plainText } from '../../../../../../core/spec/text-schema';
import { database } from '../../../../../../server/database';
import { changeRemark, REMARK_LIMITS, settleThread } from '../../../../../../server/remarks';
import { forSpec, nothingHere, readBody, refuse } from '../../../../../answers';

type Params = { id: string; remark: string };

const change = z.union([
  z.strictObject({ text: plainText(REMARK_LIMITS.text, 'A remark needs a text.') }),
  z.strictObject({ settled: z.boolean() }),
]);

/** Changes one's own remark, or settles a thread. */
export const PATCH = forSpec<'remark', Params>(['remark'], async (access, request, { remark }) => {
  const read = await readBody(request, change, 65_536);
  if ('refusal' in read) return read.refusal;
  if ('settled' in read.body)
    return (await settleThread(database(access), access, remark, read.body.settled))
      ? Response.json({})
      : nothingHere();
  const changed = await changeRemark(database(access), access, remark, read.body.text);
  return changed.problem === undefined ? Response.json({}) : refuse(422, changed.problem);
});

/** Deletes one's own remark. */
export const DELETE = forSpec<'remark', Params>(['remark'], async (access, _request, { remark }) => {
  const gone = await changeRemark(database(access), access, remark, null);
  return gone.problem === undefined ? Response.json({}) : refuse(422, gone.problem);
});
