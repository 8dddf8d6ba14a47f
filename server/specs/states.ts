import type { Spec } from '../../core/spec/schema';
import { type SpecAccess, specAccess } from '../access/access';
import type { Query } from '../database/database';
import { editionAt } from '../editions/editions';
import { documentAt } from './revisions';
import { specOf } from './specs';
import { storedSpec, UnreadableDocument } from '../database/stored-spec';

/** A state of a spec that can be compared: what it is called, and its document. */
export type State = { token: string; name: string; document: Spec };

/**
 * The state that a token names: `draft`, `r12` for a revision, `1.2.0` for an edition; of another spec of the team with its address before it, as in
 * `ticket-kiosk:1.0.0`. Null where there is none, or where it cannot be read.
 */
export async function stateOf(sql: Query, access: SpecAccess<'read-drafts'>, token: string): Promise<State | null> {
  const [, other, state = ''] = /^(?:([a-z0-9-]{1,60}):)?(draft|r[1-9]\d{0,8}|\d[\w.+-]{0,79})$/.exec(token) ?? [];
  if (state === '') return null;
  const own =
    other === undefined
      ? access
      : await specAccess(sql, access.personId, { team: access.teamSlug, spec: other }, 'read-drafts');
  if (!own) return null;
  try {
    const document = await documentOf(sql, own, state);
    if (!document) return null;
    const name = nameOf(state);
    return { token, name: other === undefined ? name : `${document.name}, ${name}`, document };
  } catch (error) {
    if (error instanceof UnreadableDocument) return null;
    throw error;
  }
}

/** What a state of one spec is called: `the draft`, `revision 12`, `1.2.0`. */
function nameOf(state: string): string {
  if (state === 'draft') return 'draft';
  return state.startsWith('r') ? `revision ${state.slice(1)}` : state;
}

async function documentOf(sql: Query, access: SpecAccess<'read-drafts'>, state: string): Promise<Spec | null> {
  if (state === 'draft') return (await specOf(sql, access)).document;
  if (!state.startsWith('r')) return (await editionAt(sql, access, state))?.document ?? null;
  const revision = Number(state.slice(1));
  const [there] = await sql`select 1 from revisions where spec_id = ${access.specId} and revision = ${revision}`;
  return there ? storedSpec(await documentAt(sql, access.specId, revision)) : null;
}
