import * as z from 'zod';
import { LIMITS, SAID } from '../../../../../core/limits';
import { plainText } from '../../../../../core/spec/text-schema';
import { publishEdition } from '../../../../../server/editions/publish';
import { refuse } from '../../../../answers';
import { forSpec } from '../../../../endpoint';
import { rememberPoint } from '../../../../asker';
import { revisionNumber } from '../../../../numbers';

const publication = z.object({
  revision: revisionNumber,
  version: z.string().max(SAID.version),
  note: plainText(LIMITS.notes),
  stepReason: plainText(SAID.reason).default(''),
});

export const POST = forSpec(
  {
    path: '/api/specs/[id]/editions',
    does: 'Publishes the draft at a revision as an edition.',
    may: 'publish',
    body: publication,
    most: 'document',
    makes: true,
  },
  async ({ db, access, body }) => {
    const result = await publishEdition(db, access, body);
    if (!result.published) return refuse(422, result.problem, { field: result.field });
    await rememberPoint();
    return { version: result.version, failed: result.failed };
  },
);
