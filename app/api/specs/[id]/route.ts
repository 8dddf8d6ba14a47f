import { z } from 'zod';
import { specName } from '../../../../core/spec/schema';
import { database } from '../../../../server/database';
import { saveDraft } from '../../../../server/drafts';
import { setArchived } from '../../../../server/specs';
import { forSpec, readBody, refuse } from '../../../answers';

const change = z.union([z.object({ name: specName }), z.object({ archived: z.boolean() })]);

/** Renames a spec (a revision of its draft like any other), archives it or brings it back. */
export const PATCH = forSpec(async (spec, person, request) => {
  const read = await readBody(request, change);
  if ('refusal' in read) return read.refusal;
  if ('archived' in read.body) {
    await setArchived(database(), spec.id, read.body.archived);
    return Response.json({});
  }
  const document = { ...spec.document, name: read.body.name };
  const { saved } = await saveDraft(database(), {
    specId: spec.id,
    personId: person.id,
    basedOn: spec.revision,
    document,
  });
  return saved ? Response.json({}) : refuse(409, 'Somebody changed this spec at the same moment; try again.');
});
