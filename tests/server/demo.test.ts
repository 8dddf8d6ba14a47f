import { expect, test } from 'vitest';
import { seedDemo } from '../../scripts/demo/seed';
import { DEMO_PEOPLE, DEMO_TEAM } from '../../server/team/demo-people';
import { signIn } from '../../server/sign-in/sessions';
import { teamAccess } from '../../server/access/access';
import { specPage } from '../../server/specs/spec-list';
import { storedSpec } from '../../server/database/stored-spec';
import { judge } from '../../core/checks/run';
import { testDatabase } from './test-database';

const { sql } = testDatabase();

test('the demo: six specs, three of them published; mistakes to find stand in one place', async () => {
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
    'Slips to find',
    'Ticket kiosk',
  ]);
  expect(specs.filter(({ lastEdition }) => lastEdition === '1.0.0')).toHaveLength(3);
  const found = Object.fromEntries(
    specs.map(({ name, document }) => [
      name,
      judge(storedSpec(document))
        .filter(({ weight, waiver }) => weight !== 'note' && !waiver)
        .map(({ rule }) => rule),
    ]),
  );
  const { 'Slips to find': slips, ...clean } = found;
  for (const [name, rules] of Object.entries(clean)) expect(rules, name).toEqual([]);
  expect(new Set(slips)).toEqual(
    new Set([
      'container-overflows',
      'reference-in-range',
      'column-whole',
      'parts-whole',
      'leading-on-baseline',
      'edges-on-columns',
      'blocks-apart',
      'gaps-alike',
      'blocks-whole',
    ]),
  );
});
