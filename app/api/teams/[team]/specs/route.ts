import * as z from 'zod';
import { STARTING_SETS } from '../../../../../core/document/defaults';
import { readSpec } from '../../../../../core/document/read';
import { specName } from '../../../../../core/spec/schema';
import { type SpecAccess, specAccess } from '../../../../../server/access/access';
import { database } from '../../../../../server/database';
import { createSpec, specOf } from '../../../../../server/specs';
import { forTeam, readBody, refuse } from '../../../../answers';

const wanted = z.union([
  z.object({ name: specName, start: z.string() }),
  z.object({ name: specName, copyOf: z.string() }),
  z.object({ document: z.unknown() }),
]);

/** Makes a spec: from a starting set, as a copy of another of the team, or of a document. */
export const POST = forTeam(['edit'], async (access, request) => {
  const read = await readBody(request, wanted);
  if ('refusal' in read) return read.refusal;
  const begun = await begunFrom(read.body, access.personId);
  if (begun === null) return refuse(404, 'The spec or starting set to begin from is not there any more.');
  const parsed = readSpec(begun.document);
  if (!parsed.value) return refuse(422, parsed.problem!);
  const made = await createSpec(database(access), access, parsed.value, begun.copyOf);
  return Response.json({ slug: made.slug, missingFonts: made.missingFonts }, { status: 201 });
});

type Begun = { document: unknown; copyOf?: SpecAccess<'read-drafts'> };

async function begunFrom(body: z.infer<typeof wanted>, personId: string): Promise<Begun | null> {
  if ('document' in body) return { document: body.document };
  if ('start' in body) {
    const document = STARTING_SETS.find(({ id }) => id === body.start)?.spec(body.name);
    return document ? { document } : null;
  }
  const copyOf = await specAccess(database({ personId }), personId, { id: body.copyOf }, 'read');
  if (!copyOf) return null;
  return { document: { ...(await specOf(database(copyOf), copyOf)).document, name: body.name }, copyOf };
}
