import { database } from '../../../../server/database';
import { signOut } from '../../../../server/sessions';
import { isForeign, refuse } from '../../../answers';
import { clearSessionCookie, sessionToken } from '../../../asker';

/** Signs out; a plain form posts here. */
export async function POST(request: Request): Promise<Response> {
  if (isForeign(request)) return refuse(403, 'This request comes from another site.');
  const token = await sessionToken();
  if (token) await signOut(database(), token);
  await clearSessionCookie();
  return new Response(null, { status: 303, headers: { Location: '/sign-in' } });
}
