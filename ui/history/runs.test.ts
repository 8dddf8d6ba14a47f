import { expect, test } from 'vitest';
import { type ListedRevision, runsOf } from './runs';

const revision = (number: number, by: string, minute: number, some: Partial<ListedRevision> = {}): ListedRevision => ({
  revision: number,
  label: 'Gutter, Desktop',
  edits: 1,
  madeBy: by,
  madeById: by,
  madeAt: new Date(Date.UTC(2026, 0, 1, 9, minute)).toISOString(),
  name: null,
  edition: null,
  ...some,
});

test('saves in a row by one person are one run; what is named or published is seen', () => {
  const runs = runsOf([
    revision(8, 'Obi', 50),
    revision(7, 'Obi', 49),
    revision(6, 'Obi', 30),
    revision(5, 'Ansa', 29),
    revision(4, 'Ansa', 28, { name: 'Before the talk' }),
    revision(3, 'Ansa', 27),
    revision(2, 'Ansa', 26, { edition: '1.0.0' }),
    revision(1, 'Ansa', 25),
  ]);
  expect(runs.map((run) => run.map((each) => each.revision))).toEqual([[8, 7], [6], [5], [4, 3], [2], [1]]);
});
