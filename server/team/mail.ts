import type { TeamAccess } from '../access/access';
import type { Query } from '../database/database';

/** A letter to somebody, on behalf of a team. */
export type Letter = { recipient: string; subject: string; text: string };

/**
 * Sends a letter. What is shipped is a stand-in: the letter goes to the team’s outbox, which its owners read. A service that sends mail takes the place of this
 * function.
 */
export async function sendLetter(
  sql: Query,
  { teamId }: TeamAccess<never>,
  { recipient, subject, text }: Letter,
): Promise<void> {
  await sql`
    insert into outbox (team_id, recipient, subject, text) values (${teamId}, ${recipient}, ${subject}, ${text})`;
}

/** A letter in the outbox. */
export type OutboxLetter = Letter & { id: string; madeAt: Date };

/** The letters of a team, the newest first. */
export async function outboxOf(sql: Query, { teamId }: TeamAccess<'people'>): Promise<OutboxLetter[]> {
  return sql<OutboxLetter[]>`
    select id, recipient, subject, text, made_at from outbox where team_id = ${teamId} order by id desc limit 200`;
}
