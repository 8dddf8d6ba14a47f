import { SAID } from '../../../../../../core/limits';
import * as z from 'zod';
import { plainText } from '../../../../../../core/spec/text-schema';
import { changeRemark, settleThread } from '../../../../../../server/specs/remarks';
import { DONE, nothingHere, accepted } from '../../../../../answers';
import { forSpec } from '../../../../../endpoint';

const change = z.union([
  z.strictObject({ text: plainText(SAID.remark, 'Enter a comment.') }),
  z.strictObject({ settled: z.boolean() }),
]);

export const PATCH = forSpec(
  {
    path: '/api/specs/[id]/remarks/[remark]',
    does: 'Changes one’s own comment, or resolves a thread.',
    may: 'remark',
    body: change,
    most: 'texts',
  },
  async ({ db, access, body, params }) => {
    if ('settled' in body) return (await settleThread(db, access, params.remark, body.settled)) ? DONE : nothingHere();
    accepted(await changeRemark(db, access, params.remark, body.text));
    return DONE;
  },
);

export const DELETE = forSpec(
  { path: '/api/specs/[id]/remarks/[remark]', does: 'Deletes one’s own comment.', may: 'remark' },
  async ({ db, access, params }) => {
    accepted(await changeRemark(db, access, params.remark, null));
    return DONE;
  },
);
