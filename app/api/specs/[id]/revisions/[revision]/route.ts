import { SAID } from '../../../../../../core/limits';
import * as z from 'zod';
import { plainText } from '../../../../../../core/spec/text-schema';
import { nameRevision, restoreRevision } from '../../../../../../server/specs/history';
import { DONE, nothingHere, refuse, accepted } from '../../../../../answers';
import { forSpec } from '../../../../../endpoint';
import { readRevision, revisionNumber } from '../../../../../numbers';

const name = z.object({ name: z.string().trim().pipe(plainText(SAID.name)) });
const restore = z.object({ basedOn: revisionNumber });

export const PATCH = forSpec(
  {
    path: '/api/specs/[id]/revisions/[revision]',
    does: 'Names a revision, or removes its name.',
    may: 'edit',
    body: name,
  },
  async ({ db, access, body, params }) => {
    const revision = readRevision(params.revision);
    if (revision === null) return nothingHere();
    accepted(await nameRevision(db, access, revision, body.name));
    return DONE;
  },
);

export const POST = forSpec(
  {
    path: '/api/specs/[id]/revisions/[revision]',
    does: 'Restores what a revision said, as a new one on top of the newest.',
    may: 'edit',
    body: restore,
    makes: true,
  },
  async ({ db, access, body, params }) => {
    const revision = readRevision(params.revision);
    if (revision === null) return nothingHere();
    const { basedOn } = body;
    const restored = await restoreRevision(db, access, { revision, basedOn });
    if (restored.saved) {
      const { revision: made, edits, document } = restored;
      return { revision: made, edits, document };
    }
    if (restored.problem !== undefined) return refuse(422, restored.problem);
    return refuse(409, `${restored.newer.changedBy} saved a newer draft meanwhile. Check it, then restore.`);
  },
);
