import type { SpecAccess } from '../access/access';
import type { Query } from '../database/database';

/** What web hooks can be told of. */
export const HOOK_KINDS = {
  publish: 'an edition is published',
  withdraw: 'an edition is withdrawn',
  'ask-review': 'a review is requested',
  answer: 'a review is approved or changes are requested',
  remark: 'a comment is added',
} as const;
export type HookKind = keyof typeof HOOK_KINDS;

/** Puts what happened into the deliveries of every web hook of the team that wants it, in the transaction that did it. */
export async function tellHooks(
  sql: Query,
  { teamId, teamSlug, specSlug }: SpecAccess<never>,
  kind: HookKind,
  said: Record<string, unknown>,
): Promise<void> {
  const body = JSON.stringify({ event: kind, at: new Date().toISOString(), team: teamSlug, spec: specSlug, ...said });
  await sql`select tell_hooks(${teamId}, ${kind}, ${body})`;
}
