import { SAID } from '../../../../../core/limits';
import * as z from 'zod';
import { plainText } from '../../../../../core/spec/text-schema';
import { windowIsAt } from '../../../../../server/specs/presence';
import { DONE } from '../../../../answers';
import { forSpec } from '../../../../endpoint';
import { windowNameSchema } from '../../../../window-name';

const place = z.object({ window: windowNameSchema, view: plainText(40), cell: plainText(SAID.about) });

export const PUT = forSpec(
  {
    path: '/api/specs/[id]/presence',
    does: 'Says where in a draft a window is: in which view, and in which cell.',
    may: 'read-drafts',
    body: place,
  },
  async ({ db, access, body }) => {
    await windowIsAt(db, access, body);
    return DONE;
  },
);
