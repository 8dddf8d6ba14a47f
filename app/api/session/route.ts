import * as z from 'zod';
import { database } from '../../../server/database';
import { signIn } from '../../../server/sign-in/sessions';
import { forAnybody, readBody, refuse } from '../../answers';
import { browserToken, clientAddress, setBrowserCookie, setSessionCookie, userAgent } from '../../asker';

const credentials = z.object({ email: z.string().trim().min(1).max(254), password: z.string().min(1).max(1000) });

/** An e-mail and a password take no more bytes than this. */
const LARGEST = 4096;

/** Signs in. */
export const POST = forAnybody(async (request) => {
  const read = await readBody(request, credentials, LARGEST);
  if ('refusal' in read) return read.refusal;
  const result = await signIn(database(), {
    ...read.body,
    address: await clientAddress(),
    browser: await browserToken(),
    agent: await userAgent(),
  });
  if (result.signedIn) {
    await setSessionCookie(result.token);
    await setBrowserCookie(result.browser);
    return Response.json({ name: result.person.name });
  }
  if (result.reason === 'wrong')
    return refuse(401, 'This e-mail and password do not fit together. Check both and try again.');
  return refuse(
    429,
    `Too many attempts. Wait ${waitWords(result.wait)}, then try again.`,
    {},
    {
      'Retry-After': String(result.wait),
    },
  );
});

function waitWords(seconds: number): string {
  if (seconds === 1) return 'a second';
  return seconds < 90 ? `${seconds} seconds` : `${Math.ceil(seconds / 60)} minutes`;
}
