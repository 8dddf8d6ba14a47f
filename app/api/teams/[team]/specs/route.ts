import * as z from 'zod';
import { STARTING_SETS } from '../../../../../core/document/defaults';
import { readSpec } from '../../../../../core/document/read';
import { specName } from '../../../../../core/spec/schema';
import { type SpecAccess, specAccess, type TeamAccess } from '../../../../../server/access/access';
import type { Sql } from '../../../../../server/database/database';
import { createSpec, specOf } from '../../../../../server/specs/specs';
import { startingDocument } from '../../../../../server/team/starting-sets';
import { refuse, accepted } from '../../../../answers';
import { forTeam } from '../../../../endpoint';

const wanted = z.union([
  z.object({ name: specName, start: z.string() }),
  z.object({ name: specName, copyOf: z.string() }),
  z.object({ name: specName, set: z.string() }),
  z.object({ document: z.unknown() }),
]);

export const POST = forTeam(
  {
    path: '/api/teams/[team]/specs',
    does: 'Makes a spec: from a starting set, as a copy of another of the team, or of a document.',
    may: 'edit',
    body: wanted,
    most: 'document',
    makes: true,
  },
  async ({ db, access, body }) => {
    const begun = await begunFrom(db, access, body);
    if (begun === null) return refuse(404, 'The specification or starting set to start from no longer exists.');
    return createSpec(db, access, accepted(readSpec(begun.document)), begun);
  },
);

type Begun = { document: unknown; copyOf?: SpecAccess<'read-drafts'>; startedFrom?: string };

async function begunFrom(db: Sql, access: TeamAccess<'edit'>, body: z.infer<typeof wanted>): Promise<Begun | null> {
  if ('document' in body) return { document: body.document };
  if ('start' in body) {
    const document = STARTING_SETS.find(({ id }) => id === body.start)?.spec(body.name);
    return document ? { document } : null;
  }
  if ('set' in body) {
    const document = await startingDocument(db, access, body.set);
    return document && { document: { ...document, name: body.name }, startedFrom: body.set };
  }
  const copyOf = await specAccess(db, access.personId, { id: body.copyOf }, 'read-drafts');
  if (!copyOf) return null;
  return { document: { ...(await specOf(db, copyOf)).document, name: body.name }, copyOf };
}
