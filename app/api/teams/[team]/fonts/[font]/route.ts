import { shippedFile } from '../../../../../../server/fonts/shipped-files';
import { fontFile, removeFont } from '../../../../../../server/fonts/team-fonts';
import { DONE, nothingHere, accepted } from '../../../../../answers';
import { forTeam } from '../../../../../endpoint';

export const DELETE = forTeam(
  {
    path: '/api/teams/[team]/fonts/[font]',
    does: 'Removes a font that the team brought and uses nowhere.',
    may: 'edit',
  },
  async ({ db, access, params }) => {
    accepted(await removeFont(db, access, params.font), 409);
    return DONE;
  },
);

export const GET = forTeam(
  {
    path: '/api/teams/[team]/fonts/[font]',
    does: 'The file of a font, by the name of a shipped one or the SHA-256 of one that the team brought. It never changes.',
    may: 'read',
  },
  async ({ db, access, params }) => {
    const shipped = await shippedFile(params.font);
    const found = shipped ? { file: shipped, format: 'woff2' } : await fontFile(db, access, params.font);
    if (!found) return nothingHere();
    return new Response(new Uint8Array(found.file), {
      headers: {
        'Content-Type': `font/${found.format}`,
        'Cache-Control': 'private, max-age=31536000, immutable',
        'Content-Security-Policy': "default-src 'none'; sandbox",
      },
    });
  },
);
