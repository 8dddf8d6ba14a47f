import { SAID } from '../../../../../core/limits';
import * as z from 'zod';
import { plainText } from '../../../../../core/spec/text-schema';
import { makeHook } from '../../../../../server/hooks/hooks';
import { HOOK_KINDS, type HookKind } from '../../../../../server/hooks/tell-hooks';
import { accepted } from '../../../../answers';
import { forTeam } from '../../../../endpoint';

const wanted = z.object({
  name: z.string().trim().pipe(plainText(SAID.name, 'Enter a name, such as Site build.')),
  url: z
    .string()
    .trim()
    .max(SAID.url, `An address has at most ${SAID.url.toLocaleString('en')} characters.`),
  kinds: z.array(z.enum(Object.keys(HOOK_KINDS) as [HookKind, ...HookKind[]])).min(1, 'Choose at least one event.'),
});

export const POST = forTeam(
  {
    path: '/api/teams/[team]/hooks',
    does: 'Creates a web hook; the answer carries the secret of its signatures, which is shown only once.',
    may: 'share',
    body: wanted,
    most: 16_384,
    makes: true,
  },
  async ({ db, access, body }) => {
    return accepted(await makeHook(db, access, body));
  },
);
