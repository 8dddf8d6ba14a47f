import * as z from 'zod';
import { specName } from '../../../../core/spec/schema';
import { saveDocument } from '../../../../server/specs/drafts';
import { deleteSpec, setArchived, specOf } from '../../../../server/specs/specs';
import { DONE, refuse, accepted } from '../../../answers';
import { forSpec } from '../../../endpoint';

const change = z.union([z.object({ name: specName }), z.object({ archived: z.boolean() })]);

export const PATCH = forSpec(
  {
    path: '/api/specs/[id]',
    does: 'Renames a spec (a revision of its draft like any other), archives it or restores it.',
    may: ['edit', 'archive'],
    body: change,
    most: 'document',
  },
  async ({ db, access, body }) => {
    if ('archived' in body) {
      await setArchived(db, access, body.archived);
      return DONE;
    }
    const { revision, document } = await specOf(db, access);
    const renamed = { ...document, name: body.name };
    const { saved, ...refused } = await saveDocument(db, access, { basedOn: revision, document: renamed });
    if (saved) return DONE;
    return 'problem' in refused && refused.problem !== undefined
      ? refuse(422, refused.problem)
      : refuse(409, 'Someone changed this specification at the same moment. Try again.');
  },
);

export const DELETE = forSpec(
  { path: '/api/specs/[id]', does: 'Deletes an archived spec that has no edition.', may: 'people' },
  async ({ db, access }) => {
    accepted(await deleteSpec(db, access));
    return DONE;
  },
);
