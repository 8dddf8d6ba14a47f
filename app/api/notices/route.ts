import * as z from 'zod';
import { database } from '../../../server/database';
import { markRead, NOTICE_KINDS, type NoticeKind, unreadCount, want } from '../../../server/notices';
import { askerOf, forPeople, readBody } from '../../answers';
import { isNumber } from '../../numbers';

const change = z.union([
  z.strictObject({ read: z.literal('all').or(z.string().refine(isNumber)) }),
  z.strictObject({ kind: z.enum(Object.keys(NOTICE_KINDS) as [NoticeKind, ...NoticeKind[]]), wanted: z.boolean() }),
]);

/** How many notices one has not read. */
export const GET = forPeople(async (person, request) =>
  Response.json(
    { unread: await unreadCount(database(askerOf(person, request)), person.id) },
    { headers: { 'Cache-Control': 'no-store' } },
  ),
);

/** Marks notices as read, or turns a kind of them on or off. */
export const PATCH = forPeople(async (person, request) => {
  const read = await readBody(request, change, 4096);
  if ('refusal' in read) return read.refusal;
  const sql = database(askerOf(person, request));
  if ('read' in read.body) await markRead(sql, person.id, read.body.read === 'all' ? null : read.body.read);
  else await want(sql, person.id, read.body.kind, read.body.wanted);
  return Response.json({});
});
