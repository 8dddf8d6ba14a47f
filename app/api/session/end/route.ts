import { database } from '../../../../server/database';
import { signOut } from '../../../../server/sign-in/sessions';
import { forAnybody } from '../../../answers';
import { clearSessionCookie, sessionToken } from '../../../asker';

/** Signs out; a plain form posts here. */
export const POST = forAnybody(async () => {
  const token = await sessionToken();
  if (token) await signOut(database(), token);
  await clearSessionCookie();
  return new Response(null, { status: 303, headers: { Location: '/sign-in' } });
});
