import * as z from 'zod';
import { STARTING_SETS } from '../../../../../core/document/defaults';
import { readSpec } from '../../../../../core/document/read';
import { specName } from '../../../../../core/spec/schema';
import { type SpecAccess, specAccess, type TeamAccess } from '../../../../../server/access/access';
import { database } from '../../../../../server/database';
import { createSpec, specOf } from '../../../../../server/specs';
import { startingDocument } from '../../../../../server/starting-sets';
import { forTeam, readBody, refuse } from '../../../../answers';

const wanted = z.union([
  z.object({ name: specName, start: z.string() }),
  z.object({ name: specName, copyOf: z.string() }),
  z.object({ name: specName, set: z.string() }),
  z.object({ document: z.unknown() }),
]);

/** Makes a spec: from a starting set, as a copy of another of the team, or of a document. */
export const POST = forTeam(['edit'], async (access, request) => {
  const read = await readBody(request, wanted);
  if ('refusal' in read) return read.refusal;
  const begun = await begunFrom(read.body, access);
  if (begun === null) return refuse(404, 'The spec or starting set to begin from is not there any more.');
  const parsed = readSpec(begun.document);
  if (!parsed.value) return refuse(422, parsed.problem!);
  const made = await createSpec(database(access), access, parsed.value, begun);
  return Response.json({ id: made.id, slug: made.slug, missingFonts: made.missingFonts }, { status: 201 });
});

type Begun = { document: unknown; copyOf?: SpecAccess<'read-drafts'>; startedFrom?: string };

async function begunFrom(body: z.infer<typeof wanted>, access: TeamAccess<'edit'>): Promise<Begun | null> {
  if ('document' in body) return { document: body.document };
  if ('start' in body) {
    const document = STARTING_SETS.find(({ id }) => id === body.start)?.spec(body.name);
    return document ? { document } : null;
  }
  if ('set' in body) {
    const document = await startingDocument(database(access), access, body.set);
    return document && { document: { ...document, name: body.name }, startedFrom: body.set };
  }
  const copyOf = await specAccess(database(access), access.personId, { id: body.copyOf }, 'read-drafts');
  if (!copyOf) return null;
  return { document: { ...(await specOf(database(copyOf), copyOf)).document, name: body.name }, copyOf };
}
