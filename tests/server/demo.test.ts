import { expect, test } from 'vitest';
import { seedDemo } from '../../scripts/demo/seed';
import { DEMO_PEOPLE, DEMO_TEAM } from '../../server/team/demo-people';
import { signIn } from '../../server/sign-in/sessions';
import { teamAccess } from '../../server/access/access';
import { specPage } from '../../server/specs/spec-list';
import { storedSpec } from '../../server/database/stored-spec';
import { holdingBack, judge } from '../../core/checks/run';
import { testDatabase } from './test-database';

const { sql } = testDatabase();

test('the demo: five specs, two of them published, mistakes to find', async () => {
  await seedDemo(sql());
  const ansa = await signIn(sql(), { ...DEMO_PEOPLE[0], address: '127.0.0.1' });
  if (!ansa.signedIn) throw new Error(ansa.reason);
  const access = await teamAccess(sql(), ansa.person.id, DEMO_TEAM.slug, 'read');
  const { specs } = await specPage(sql(), access!, { sought: '', sort: 'changed', archived: false, page: 1 });
  expect(specs.map(({ name }) => name).sort()).toEqual([
    'Crew tablet',
    'Departure board',
    'E-mail timetable',
    'Passenger site',
    'Ticket kiosk',
  ]);
  expect(specs.filter(({ lastEdition }) => lastEdition === '1.0.0')).toHaveLength(2);
  const passenger = specs.find(({ slug }) => slug === 'passenger-site')!;
  expect(holdingBack(judge(storedSpec(passenger.document))).map(({ rule }) => rule)).toEqual([
    'container-overflows',
    'reference-in-range',
  ]);
});
