import type { SpecAccess } from '../access/access';
import type { Query, Sql } from '../database/database';

/** A window that looks at a draft now, and where in it. */
export type Here = { window: string; person: string; name: string; view: string; cell: string };

/** The windows that look at a draft, those that came first before the others. */
export async function hereAt(sql: Query, specId: string): Promise<Here[]> {
  return sql<Here[]>`
    select window_id as window, person_id::text as person, people.name, view, cell
      from presence
      join people on people.id = person_id
     where spec_id = ${specId} and is_here(presence.seen_at)
     order by person_id, window_id`;
}

/** A window begins to look at a draft, or goes on to another view or cell of it. */
export async function windowIsAt(
  sql: Sql,
  { specId, personId }: SpecAccess<'read-drafts'>,
  { window, view, cell }: { window: string; view: string; cell: string },
): Promise<void> {
  await sql`
    insert into presence (window_id, spec_id, person_id, view, cell) values (${window}, ${specId}, ${personId}, ${view}, ${cell})
    on conflict (window_id) do update set view = excluded.view, cell = excluded.cell, seen_at = now()`;
}
