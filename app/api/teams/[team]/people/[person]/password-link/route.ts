import { database } from '../../../../../../../server/database';
import { makePasswordLink } from '../../../../../../../server/password-links';
import { forTeam, nothingHere, originOfRequest, refuse } from '../../../../../../answers';
import { isNumber } from '../../../../../../numbers';

type Params = { team: string; person: string };

/** Makes a link by which somebody who forgot their password chooses another; shown this once, and sent. */
export const POST = forTeam<'people', Params>(['people'], async (access, request, { person }) => {
  if (!isNumber(person)) return nothingHere();
  const made = await makePasswordLink(database(access), access, person, originOfRequest(request));
  return made.problem === undefined
    ? Response.json(made.value, { status: 201, headers: { 'Cache-Control': 'no-store' } })
    : refuse(422, made.problem);
});
