import { inSeries } from '../../core/length/present';
import { longDay } from '../../core/text/long-day';
import type { Query } from '../database/database';
import { hashToken } from '../sign-in/tokens';

type KeyState = { isLink: boolean; revokedAt: Date | null; lapsesAt: Date; team: string; specs: string[] | null };

/** Why a key does not open a specification, in a sentence for whoever sent its secret. */
export async function whyKeyClosed(sql: Query, secret: string, place: { team: string; spec: string }): Promise<string> {
  const state = await stateOf(sql, secret);
  if (!state)
    return 'No key has this secret. Send a key of the team, which starts with ypsk_, or create one on its page Keys and links.';
  const ended = endOf(state, 'key');
  if (ended) return `${ended} Create another on the team’s page Keys and links.`;
  const { isLink, team, specs } = state;
  if (isLink) return 'This is a public link, not a key. Open it by its own address, /l/ and the link.';
  if (team !== place.team) return `This key is for specifications of ${team}, not of ${place.team}.`;
  if (specs === null) return `There is no specification ${place.spec} in ${team}.`;
  return `This key doesn’t open ${place.spec}. It opens ${inSeries(specs) || 'specifications that were deleted'}.`;
}

/** Why a public link opens nothing. */
export async function whyLinkClosed(sql: Query, secret: string): Promise<string> {
  const state = await stateOf(sql, secret);
  if (!state) return 'There’s no such link. Check that the address is complete, or ask whoever sent it.';
  if (!state.isLink) return 'This is a key, not a public link. Builds send it in a header, as docs/addresses.md says.';
  const ended = endOf(state, 'link');
  return ended
    ? `${ended} Ask whoever sent it for a new one.`
    : 'The specification of this link was deleted. Ask whoever sent it for a new one.';
}

async function stateOf(sql: Query, secret: string): Promise<KeyState | null> {
  if (secret.length > 200) return null;
  const [state] = await sql<KeyState[]>`
    select is_link, revoked_at, lapses_at, team, specs from key_state(${hashToken(secret)})`;
  return state ?? null;
}

function endOf({ revokedAt, lapsesAt }: KeyState, what: 'key' | 'link'): string | null {
  if (revokedAt) return `This ${what} was revoked on ${longDay(revokedAt)}.`;
  return lapsesAt.getTime() <= Date.now() ? `This ${what} expired on ${longDay(lapsesAt)}.` : null;
}
