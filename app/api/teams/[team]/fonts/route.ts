import { FILE_BYTES } from '../../../../../core/limits';
import { tooLarge } from '../../../../../server/fonts/font-file';
import { fontsOf, fontUses, keepFont } from '../../../../../server/fonts/team-fonts';
import { accepted } from '../../../../answers';
import { forTeam } from '../../../../endpoint';

export const GET = forTeam(
  {
    path: '/api/teams/[team]/fonts',
    does: 'The fonts that the team brought, with their measures and what uses them.',
    may: 'read',
  },
  async ({ db, access }) => {
    const [fonts, uses] = await Promise.all([fontsOf(db, access), fontUses(db, access)]);
    return fonts.map((each) => ({ ...each, usedBy: uses.get(each.font.file) ?? [] }));
  },
);

export const POST = forTeam(
  {
    path: '/api/teams/[team]/fonts',
    does: 'Keeps a font file, sent as it is, for the team.',
    may: 'edit',
    body: { file: true, most: FILE_BYTES.font, tooLarge },
    makes: true,
  },
  async ({ db, access, body }) => ({ font: accepted(await keepFont(db, access, body)) }),
);
