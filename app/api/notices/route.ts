import * as z from 'zod';
import { markRead, NOTICE_KINDS, type NoticeKind, unreadCount, want } from '../../../server/team/notices';
import { DONE } from '../../answers';
import { forPeople } from '../../endpoint';
import { isNumber } from '../../numbers';

const change = z.union([
  z.strictObject({ read: z.literal('all').or(z.string().refine(isNumber)) }),
  z.strictObject({ kind: z.enum(Object.keys(NOTICE_KINDS) as [NoticeKind, ...NoticeKind[]]), wanted: z.boolean() }),
]);

export const GET = forPeople(
  { path: '/api/notices', does: 'How many notices one has not read.' },
  async ({ db, person }) => ({ unread: await unreadCount(db, person.id) }),
);

export const PATCH = forPeople(
  { path: '/api/notices', does: 'Marks notices as read, or turns a kind of them on or off.', body: change },
  async ({ db, person, body }) => {
    if ('read' in body) await markRead(db, person.id, body.read === 'all' ? null : body.read);
    else await want(db, person.id, body.kind, body.wanted);
    return DONE;
  },
);
