import { type SpecAccess, specAccess, teamAccess } from '../../server/access/access';
import type { Action } from '../../server/access/permissions';
import { DEMO_TEAM } from '../../server/team/demo-people';
import type { Sql } from '../../server/database/database';
import { noteFollower } from '../../server/editions/followers';
import { makeHook } from '../../server/hooks/hooks';
import { invite } from '../../server/team/invitations';
import { writeRemark } from '../../server/specs/remarks';
import { answerReview, askReview } from '../../server/specs/reviews';
import { done } from './done';
import { makeStartingSet, nameBy } from '../../server/team/starting-sets';
import { withdrawEdition } from '../../server/editions/withdrawals';

type IdOf = (email: string) => string;

const [ANSA, JOON, MIRELA, OBI] = ['ansa', 'joon', 'mirela', 'obi'].map((name) => `${name}@tidewick.example`) as [
  string,
  string,
  string,
  string,
];

/** A web hook that is told of what follows, an invitation in the outbox, a naming pattern. */
export async function toldFirst(sql: Sql, idOf: IdOf): Promise<void> {
  const ansa = (await teamAccess(sql, idOf(ANSA), DEMO_TEAM.slug, 'share', 'people'))!;
  done(
    'web hook',
    await makeHook(sql, ansa, { name: 'Site build', url: 'own', kinds: ['publish', 'withdraw', 'answer'] }),
  );
  const pell = { email: 'pell@tidewick.example', role: 'reader' as const, says: 'Kiosk software' };
  done('invitation', await invite(sql, ansa, pell, 'http://localhost:4410'));
  done('naming pattern', await nameBy(sql, ansa, '{name}: {count} × {column} + {gutter}'));
}

/** How long ago each was last here. */
const LAST_SEEN = [
  [MIRELA, '40 minutes'],
  [OBI, '3 hours'],
  [JOON, '2 days'],
] as const;

/** Followers, a withdrawn edition, a starting set, and a review under way with remarks. */
export async function teamAtWork(sql: Sql, idOf: IdOf): Promise<void> {
  const on = async <A extends Action>(email: string, spec: string, ...actions: [A, ...A[]]): Promise<SpecAccess<A>> =>
    (await specAccess(sql, idOf(email), { team: DEMO_TEAM.slug, spec }, ...actions)) as SpecAccess<A>;

  const kiosk = await on(ANSA, 'ticket-kiosk', 'publish');
  for (const [name, version, note] of [
    ['Quay kiosks', '0.9.0', 'Two machines at the north quay.'],
    ['Hall kiosks', '1.0.0', ''],
    ['Ticket printer', '1.0.0', 'Takes the columns for its receipts.'],
  ] as const)
    done('follower', await noteFollower(sql, kiosk, { name, version, note }));
  const reason = 'The frame of the screen hides 30 px at each side; build on 1.0.0.';
  done('withdrawal', await withdrawEdition(sql, kiosk, { version: '0.9.0', reason }));

  const site = await on(ANSA, 'passenger-site', 'edit', 'ask-review');
  done('starting set', await makeStartingSet(sql, site, { name: 'Public pages', version: '1.0.0' }));
  const note = 'Wide screens get columns of 116 now. Do the cards and the route map still work?';
  done('review', await askReview(sql, site, { note, people: [idOf(MIRELA), idOf(OBI)] }));
  await talk(sql, idOf, on);
  for (const [email, ago] of LAST_SEEN)
    await sql`update people set seen_at = now() - ${ago}::interval where id = ${idOf(email)}`;
  done(
    'answer',
    await answerReview(sql, await on(MIRELA, 'passenger-site', 'review'), {
      verdict: 'approve',
      note: 'A third is 560 now, whole at every width. Good.',
      revision: 2,
    }),
  );
}

/** Remarks on the draft of the passenger site. */
async function talk(
  sql: Sql,
  idOf: IdOf,
  on: (email: string, spec: string, action: 'remark') => Promise<SpecAccess<'remark'>>,
): Promise<void> {
  const as = (email: string) => on(email, 'passenger-site', 'remark');
  const container = ['breakpoints', 'wide', 'columns', 'container'];
  const thread = done(
    'remark',
    await writeRemark(sql, await as(MIRELA), {
      at: container,
      about: 'Container, Wide',
      text: 'Why 1744? With 1696 the columns were 112.',
    }),
  );
  done(
    'answer',
    await writeRemark(sql, await as(OBI), {
      thread,
      text: 'The route map needs 560 px for its third. @Ansa Brisk, is 116 a column what you had in mind?',
      mentions: [idOf(ANSA)],
    }),
  );
  done(
    'remark',
    await writeRemark(sql, await as(JOON), {
      at: ['breakpoints', 'wide', 'reference'],
      about: 'Design size, Wide',
      text: 'Our test screens are 1920 wide. The sum adds up there, too: 88 on each side.',
    }),
  );
}
