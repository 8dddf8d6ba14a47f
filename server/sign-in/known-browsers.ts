import type { Query } from '../database/database';
import { freshToken, hashToken } from './tokens';

/** A browser is known for so many days after its last sign-in. */
export const KNOWN_DAYS = 180;

/** Has this browser signed this person in before? */
async function isKnownBrowser(sql: Query, personId: string, token: string | null): Promise<boolean> {
  if (!token) return false;
  const [known] = await sql`
    select 1 from known_browsers
     where token_hash = ${hashToken(token)}
       and person_id = ${personId}
       and used_at > now() - make_interval(days => ${KNOWN_DAYS})`;
  return Boolean(known);
}

/** Remembers the browser of a person who signed in; answers with the token that it keeps. */
export async function rememberBrowser(sql: Query, personId: string, token: string | null): Promise<string> {
  if (token && (await isKnownBrowser(sql, personId, token))) {
    await sql`update known_browsers set used_at = now() where token_hash = ${hashToken(token)}`;
    return token;
  }
  const fresh = freshToken();
  await sql`insert into known_browsers (token_hash, person_id) values (${hashToken(fresh)}, ${personId})`;
  return fresh;
}
