import type { Query } from '../database/database';

/** What a person has dismissed of what the interface explains once. */
export async function seenHints(sql: Query, personId: string): Promise<string[]> {
  const rows = await sql<{ hint: string }[]>`select hint from seen_hints where person_id = ${personId}`;
  return rows.map(({ hint }) => hint);
}

/** Keeps that a person has dismissed a hint; a second time changes nothing. */
export async function dismissHint(sql: Query, personId: string, hint: string): Promise<void> {
  await sql`insert into seen_hints (person_id, hint) values (${personId}, ${hint}) on conflict do nothing`;
}
