import type { Query } from '../database/database';
import { hashToken } from '../sign-in/tokens';
import { grantOf, type SpecAccess } from './access';
import type { KeyScope } from './permissions';

/** Reading access that a key gave, with the key: the database shows what it opens, and no more. */
export type KeyAccess = SpecAccess<'read'> & { readonly keyId: string };

/** The same of a key that may report, too. */
export type ReportAccess = KeyAccess & { readonly scope: Extract<KeyScope, 'report'> };

/**
 * Reading access to a specification’s editions by a key of its team, or by a public link, which says itself which it opens; null where it is none, is revoked or has
 * lapsed, or does not open this one. That it was used is noted to the minute.
 */
export async function keyAccess(
  sql: Query,
  secret: string,
  place: { team: string; spec: string } | 'link',
): Promise<KeyAccess | null> {
  if (secret.length > 200) return null;
  const { team, spec } = place === 'link' ? { team: null, spec: null } : place;
  const [row] = await sql<KeyAccess[]>`
    select 'key' as role, made_by as person_id, team_id, team_slug, team_name, spec_id, spec_slug, key_id
      from key_opens(${hashToken(secret)}, ${team}, ${spec})`;
  return grantOf(row, ['read']) as KeyAccess | null;
}

/** The access of a key that may report measurements; null where it only reads. */
export async function mayReport(sql: Query, access: KeyAccess): Promise<ReportAccess | null> {
  const [row] = await sql<{ may: boolean }[]>`select asking_key_may('report') as may`;
  return row?.may ? { ...access, scope: 'report' } : null;
}
