import { z } from 'zod';
import { database } from '../../../server/database';
import { signIn } from '../../../server/sessions';
import { readBody, refuse } from '../../answers';
import { setSessionCookie } from '../../asker';

const credentials = z.object({ email: z.string().trim().min(1).max(254), password: z.string().min(1).max(1000) });

/** Signs in. */
export async function POST(request: Request): Promise<Response> {
  const read = await readBody(request, credentials);
  if ('refusal' in read) return read.refusal;
  // behind a balancer the last entry is the one that it wrote itself
  const address = request.headers.get('x-forwarded-for')?.split(',').at(-1)?.trim() ?? 'unknown';
  const result = await signIn(database(), { ...read.body, address });
  if (result.signedIn) {
    await setSessionCookie(result.token);
    return Response.json({ name: result.person.name });
  }
  return result.reason === 'too-many'
    ? refuse(429, 'Too many attempts. Wait a quarter of an hour, then try again.')
    : refuse(401, 'This e-mail and password do not fit together. Check both and try again.');
}
