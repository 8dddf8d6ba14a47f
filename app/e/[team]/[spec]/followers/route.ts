import { SAID } from '../../../../../core/limits';
import * as z from 'zod';
import { plainText } from '../../../../../core/spec/text-schema';
import { followWithKey } from '../../../../../server/editions/followers';
import { database } from '../../../../../server/database/database';
import { refuse } from '../../../../answers';
import { readBody, REQUEST_BYTES } from '../../../../request-body';
import { forKeys } from '../../../../readers';

const said = z.object({
  name: z.string().trim().pipe(plainText(SAID.name, 'Enter a name, such as booking-site.')),
  version: z.string().trim().max(SAID.version),
});

/** A build says, with its key, on which edition it builds. */
export const POST = forKeys<{ team: string; spec: string }>(async (access, request, headers) => {
  const read = await readBody(request, said, REQUEST_BYTES.form);
  if ('refusal' in read) return read.refusal;
  const noted = await followWithKey(database(access), access, read.body);
  return noted.problem === undefined ? Response.json({}, { headers }) : refuse(422, noted.problem, {}, headers);
});
