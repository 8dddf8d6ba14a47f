import { SAID } from '../../../../core/limits';
import * as z from 'zod';
import { passwordByLink } from '../../../../server/team/password-links';
import { DONE, isPlain, nothingHere, accepted } from '../../../answers';
import { forNobodyYet } from '../../../endpoint';

const wanted = z.object({ password: z.string().min(1, 'Choose a password.').max(SAID.password) });

export const POST = forNobodyYet(
  {
    path: '/api/password/[secret]',
    does: 'Sets a new password by a link from an owner; every session of the person ends.',
    body: wanted,
  },
  async ({ db, body, params }) => {
    if (!isPlain(params.secret)) return nothingHere();
    accepted(await passwordByLink(db, params.secret, body.password));
    return DONE;
  },
);
