import { SAID } from '../../../core/limits';
import * as z from 'zod';
import { signIn } from '../../../server/sign-in/sessions';
import { refuse } from '../../answers';
import { forNobodyYet } from '../../endpoint';
import { browserToken, clientAddress, setBrowserCookie, setSessionCookie, userAgent } from '../../asker';

const credentials = z.object({
  email: z.string().trim().min(1).max(SAID.email),
  password: z.string().min(1).max(SAID.password),
});

export const POST = forNobodyYet(
  { path: '/api/session', does: 'Signs in.', body: credentials, most: 'credentials' },
  async ({ db, body }) => {
    const result = await signIn(db, {
      ...body,
      address: await clientAddress(),
      browser: await browserToken(),
      agent: await userAgent(),
    });
    if (result.signedIn) {
      await setSessionCookie(result.token);
      await setBrowserCookie(result.browser);
      return { name: result.person.name };
    }
    if (result.reason === 'wrong') return refuse(401, 'Wrong e-mail or password. Check both and try again.');
    const problem = `Too many attempts. Wait ${waitWords(result.wait)} and try again.`;
    return refuse(429, problem, {}, { 'Retry-After': String(result.wait) });
  },
);

function waitWords(seconds: number): string {
  if (seconds === 1) return 'a second';
  return seconds < 90 ? `${seconds} seconds` : `${Math.ceil(seconds / 60)} minutes`;
}
