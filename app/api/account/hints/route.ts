import * as z from 'zod';
import { dismissHint } from '../../../../server/team/hints';
import { DONE } from '../../../answers';
import { forPeople } from '../../../endpoint';
import { HINTS } from '../../../../ui/frame/hint-ids';

const dismissed = z.strictObject({ hint: z.enum(HINTS, 'There’s no such hint.') });

export const POST = forPeople(
  { path: '/api/account/hints', does: 'Dismisses a hint of the interface for good.', body: dismissed },
  async ({ db, person, body }) => {
    await dismissHint(db, person.id, body.hint);
    return DONE;
  },
);
