import * as z from 'zod';
import { events } from '../../../../../server/events/events';
import { STREAM_LIMITS } from '../../../../../server/events/limits';
import { openStream } from '../../../../../server/events/stream';
import { windowIsAt } from '../../../../../server/specs/presence';
import { hashToken } from '../../../../../server/sign-in/tokens';
import { refuse } from '../../../../answers';
import { forSpec } from '../../../../endpoint';
import { sessionToken } from '../../../../asker';
import { readRevision } from '../../../../numbers';
import { windowNameSchema } from '../../../../window-name';

const ASKS = 'An event stream says its view (view=) and the revision that is known (since=, a whole number from 1).';

const question = z.object({
  window: windowNameSchema,
  view: z.string(ASKS).max(40, ASKS),
  since: z
    .string(ASKS)
    .regex(/^[1-9]\d{0,8}$/, ASKS)
    .transform(Number),
});

export const GET = forSpec(
  {
    path: '/api/specs/[id]/events',
    does: 'Tells, for as long as it is open, what others save and who is at the draft. It begins with what is new since a revision.',
    may: 'read-drafts',
  },
  async ({ db, access, request }) => {
    const asked = question.safeParse(Object.fromEntries(new URL(request.url).searchParams));
    if (!asked.success) return refuse(400, asked.error.issues[0]!.message);
    const hub = events();
    const place = hub.takePlace(access.personId);
    if (place === 'person')
      return refuse(
        429,
        `You have ${STREAM_LIMITS.ofOne} draft windows open, the maximum. Close one to keep this one up to date.`,
        {},
        { 'Retry-After': '30' },
      );
    if (place === 'process')
      return refuse(
        503,
        'Too many windows are open on this server. This one will try again.',
        {},
        { 'Retry-After': '10' },
      );
    const { window, view, since } = asked.data;
    const lastSeen = readRevision(request.headers.get('last-event-id')) ?? 0;
    let stream;
    try {
      await windowIsAt(db, access, { window, view, cell: '' });
      const session = hashToken((await sessionToken()) ?? '').toString('hex');
      stream = openStream(hub, {
        window,
        specId: access.specId,
        personId: access.personId,
        session,
        view,
        revision: Math.max(since, lastSeen),
        release: place,
      });
    } catch (error) {
      place();
      throw error;
    }
    return new Response(stream, {
      headers: {
        'Content-Type': 'text/event-stream; charset=utf-8',
        // nothing in between keeps it back or packs it
        'Cache-Control': 'no-store, no-transform',
        'X-Accel-Buffering': 'no',
        // a connection ends with its stream, whatever waits in it (`server/http/silent-sockets.ts`)
        Connection: 'close',
      },
    });
  },
);
