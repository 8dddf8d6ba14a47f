import { MOST, SAID } from '../../../../../core/limits';
import * as z from 'zod';
import { plainText } from '../../../../../core/spec/text-schema';
import { remarksOf, writeRemark } from '../../../../../server/specs/remarks';
import { accepted } from '../../../../answers';
import { forSpec } from '../../../../endpoint';
import { isNumber } from '../../../../numbers';

const remark = z.object({
  text: plainText(SAID.remark, 'Enter a comment.'),
  thread: z.uuid().nullable().default(null),
  at: z.array(plainText(MOST.addressKey)).max(MOST.addressDepth).readonly().default([]),
  rule: plainText(80).nullable().default(null),
  about: plainText(SAID.about).default(''),
  mentions: z
    .array(z.string().refine(isNumber, 'Only people in the team can be mentioned.'))
    .max(MOST.mentions)
    .default([]),
});

export const GET = forSpec(
  { path: '/api/specs/[id]/remarks', does: 'The comments on a specification.', may: 'read-drafts' },
  async ({ db, access }) => ({ remarks: await remarksOf(db, access) }),
);

export const POST = forSpec(
  {
    path: '/api/specs/[id]/remarks',
    does: 'Adds a comment, or a reply in a thread.',
    may: 'remark',
    body: remark,
    most: 'texts',
    makes: true,
  },
  async ({ db, access, body }) => {
    return { id: accepted(await writeRemark(db, access, body)) };
  },
);
