import { LARGEST_FONT, tooLarge } from '../../../../../server/fonts/font-file';
import { fontsOf, fontUses, keepFont } from '../../../../../server/fonts/team-fonts';
import { database } from '../../../../../server/database';
import { teamOf } from '../../../../../server/people';
import { forPeople, nothingHere, readBytes, refuse } from '../../../../answers';

type Params = { team: string };

/** The fonts that the team brought, with their measures and what uses them. */
export const GET = forPeople<Params>(async (person, _request, { team: slug }) => {
  const team = await teamOf(database(), person.id, slug);
  if (!team) return nothingHere();
  const [fonts, uses] = await Promise.all([fontsOf(database(), team.id), fontUses(database(), team.id)]);
  return Response.json(fonts.map((each) => ({ ...each, usedBy: uses.get(each.font.file) ?? [] })));
});

/** Keeps a font file, sent as it is, for the team. */
export const POST = forPeople<Params>(async (person, request, { team: slug }) => {
  const team = await teamOf(database(), person.id, slug);
  if (!team) return nothingHere();
  const { bytes, length } = await readBytes(request, LARGEST_FONT);
  if (!bytes) return refuse(413, tooLarge(length));
  const kept = await keepFont(database(), { teamId: team.id, personId: person.id, file: bytes });
  return kept.problem === undefined ? Response.json({ font: kept.value }, { status: 201 }) : refuse(422, kept.problem);
});
