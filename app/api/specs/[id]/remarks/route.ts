import * as z from 'zod';
import { plainText } from '../../../../../core/spec/text-schema';
import { database } from '../../../../../server/database';
import { REMARK_LIMITS, remarksOf, writeRemark } from '../../../../../server/remarks';
import { forSpec, readBody, refuse } from '../../../../answers';
import { isNumber } from '../../../../numbers';

const remark = z.object({
  text: plainText(REMARK_LIMITS.text, 'A remark needs a text.'),
  thread: z.uuid().nullable().default(null),
  at: z.array(plainText(200)).max(12).default([]),
  rule: plainText(80).nullable().default(null),
  about: plainText(300).default(''),
  mentions: z.array(z.string().refine(isNumber, 'Mention people of the team.')).max(REMARK_LIMITS.mentions).default([]),
});

/** A remark with its address takes no more bytes than this. */
const LARGEST = 65_536;

/** The remarks of a spec. */
export const GET = forSpec(['read-drafts'], async (access) =>
  Response.json({ remarks: await remarksOf(database(access), access) }, { headers: { 'Cache-Control': 'no-store' } }),
);

/** Writes a remark: about something, or as an answer in a thread. */
export const POST = forSpec(['remark'], async (access, request) => {
  const read = await readBody(request, remark, LARGEST);
  if ('refusal' in read) return read.refusal;
  const written = await writeRemark(database(access), access, read.body);
  return written.problem === undefined
    ? Response.json({ id: written.value }, { status: 201 })
    : refuse(422, written.problem);
});
