import * as z from 'zod';
import { plainText } from '../../../../../core/spec/text-schema';
import { database } from '../../../../../server/database';
import { windowIsAt } from '../../../../../server/presence';
import { forSpec, readBody } from '../../../../answers';
import { windowNameSchema } from '../../../../window-name';

const place = z.object({ window: windowNameSchema, view: plainText(40), cell: plainText(300) });

/** Says where in a draft a window is: in which view, and in which cell. */
export const PUT = forSpec(['read-drafts'], async (access, request) => {
  const read = await readBody(request, place, 4096);
  if ('refusal' in read) return read.refusal;
  await windowIsAt(database(access), access, read.body);
  return Response.json({});
});
