import { database } from '../../../../../../server/database';
import { shippedFile } from '../../../../../../server/fonts/shipped-files';
import { fontFile, removeFont } from '../../../../../../server/fonts/team-fonts';
import { forTeam, nothingHere, refuse } from '../../../../../answers';

type Named = { team: string; font: string };

/** Removes a font that the team brought and uses nowhere. */
export const DELETE = forTeam<'edit', Named>(['edit'], async (access, _request, { font }) => {
  const removed = await removeFont(database(access), access, font);
  return removed.problem === undefined ? Response.json({}) : refuse(409, removed.problem);
});

/** The file of a font, by the name of a shipped one or the SHA-256 of one that the team brought. It never changes. */
export const GET = forTeam<'read', Named>(['read'], async (access, _request, { font }) => {
  const shipped = await shippedFile(font);
  const found = shipped ? { file: shipped, format: 'woff2' } : await fontFile(database(access), access, font);
  if (!found) return nothingHere();
  return new Response(new Uint8Array(found.file), {
    headers: {
      'Content-Type': `font/${found.format}`,
      'Cache-Control': 'private, max-age=31536000, immutable',
      'Content-Security-Policy': "default-src 'none'; sandbox",
    },
  });
});
