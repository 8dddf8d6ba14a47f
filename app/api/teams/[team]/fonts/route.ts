import { LARGEST_FONT, tooLarge } from '../../../../../server/fonts/font-file';
import { fontsOf, keepFont } from '../../../../../server/fonts/team-fonts';
import { database } from '../../../../../server/database';
import { teamOf } from '../../../../../server/people';
import { forPeople, isForeign, nothingHere, readBytes, refuse } from '../../../../answers';

type Params = { team: string };

/** The fonts that the team brought, with their measures. */
export const GET = forPeople<Params>(async (person, _request, { team: slug }) => {
  const team = await teamOf(database(), person.id, slug);
  return team ? Response.json(await fontsOf(database(), team.id)) : nothingHere();
});

/** Keeps a font file, sent as it is, for the team. */
export const POST = forPeople<Params>(async (person, request, { team: slug }) => {
  const team = await teamOf(database(), person.id, slug);
  if (!team) return nothingHere();
  if (isForeign(request)) return refuse(403, 'This request comes from another site.');
  const { bytes, length } = await readBytes(request, LARGEST_FONT);
  if (!bytes) return refuse(413, tooLarge(length));
  const kept = await keepFont(database(), { teamId: team.id, personId: person.id, file: bytes });
  return kept.problem === undefined ? Response.json({ font: kept.value }, { status: 201 }) : refuse(422, kept.problem);
});
