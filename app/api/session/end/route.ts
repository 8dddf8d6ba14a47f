import { signOut } from '../../../../server/sign-in/sessions';
import { forNobodyYet } from '../../../endpoint';
import { clearSessionCookie, sessionToken } from '../../../asker';

export const POST = forNobodyYet(
  { path: '/api/session/end', does: 'Signs out; a plain form posts here.' },
  async ({ db }) => {
    const token = await sessionToken();
    if (token) await signOut(db, token);
    await clearSessionCookie();
    return new Response(null, { status: 303, headers: { Location: '/sign-in' } });
  },
);
