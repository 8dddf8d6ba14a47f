import { LARGEST_FONT, tooLarge } from '../../../../../server/fonts/font-file';
import { fontsOf, fontUses, keepFont } from '../../../../../server/fonts/team-fonts';
import { database } from '../../../../../server/database';
import { forTeam, readBytes, refuse } from '../../../../answers';

/** The fonts that the team brought, with their measures and what uses them. */
export const GET = forTeam(['read'], async (access) => {
  const [fonts, uses] = await Promise.all([fontsOf(database(access), access), fontUses(database(access), access)]);
  return Response.json(fonts.map((each) => ({ ...each, usedBy: uses.get(each.font.file) ?? [] })));
});

/** Keeps a font file, sent as it is, for the team. */
export const POST = forTeam(['edit'], async (access, request) => {
  const { bytes, length } = await readBytes(request, LARGEST_FONT);
  if (!bytes) return refuse(413, tooLarge(length));
  const kept = await keepFont(database(access), access, bytes);
  return kept.problem === undefined ? Response.json({ font: kept.value }, { status: 201 }) : refuse(422, kept.problem);
});
