import { unparse } from 'papaparse';
import { DEEDS, logOf } from '../../../../../server/team/log';
import { forTeam } from '../../../../endpoint';
import { logQuestion } from '../../../../log-question';

/** As many lines as one file takes. */
const MOST = 50_000;

export const GET = forTeam(
  { path: '/api/teams/[team]/log', does: 'The log as CSV, filtered as the page is.', may: 'people' },
  async ({ db, access, request }) => {
    const asked = logQuestion(Object.fromEntries(new URL(request.url).searchParams));
    const lines = await logOf(db, access, { ...asked, most: MOST });
    const rows = lines.map(({ at, person, address, action, spec, about }) => ({
      at: at.toISOString(),
      person: person ?? '',
      did: DEEDS[action] ?? action,
      about,
      specification: spec ?? '',
      address,
    }));
    // a cell that begins like a formula is text, for whoever opens the file as a sheet
    return new Response(unparse(rows, { escapeFormulae: true, newline: '\r\n' }), {
      headers: {
        'Content-Type': 'text/csv; charset=utf-8',
        'Content-Disposition': `attachment; filename="log-${access.teamSlug}.csv"`,
        'Cache-Control': 'no-store',
      },
    });
  },
);
