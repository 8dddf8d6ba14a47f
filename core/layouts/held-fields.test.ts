import { expect, test } from 'vitest';
import type { Holds } from '../spec/schema';
import { heldFields } from './held-fields';

const written = (holds: Holds, id: string, text: string) => {
  const { value, problem } = heldFields(holds)
    .find((field) => field.id === id)!
    .write(text);
  return value ?? problem;
};
const button: Holds = { button: 'body', words: 'Go', pad: ['12px', '24px'] };
const list: Holds = { list: 'body', items: ['x'], gap: 1 };
const table: Holds = { table: 'body', rows: 4, pad: '6px', heads: ['x'] };
const card: Holds = { card: { padding: '8px', columns: 'page', space: {}, blocks: [] } };

test.each<[Holds, string, string, unknown]>([
  [button, 'pad', '8, 16', { ...button, pad: ['8px', '16px'] }],
  [button, 'pad', '0.5rem', { ...button, pad: ['0.5rem', '0.5rem'] }],
  [button, 'pad', '8, 16, 8', 'Enter one or two lengths, such as 12, 24.'],
  [button, 'pad', '4vw', 'Enter a length in px or rem, such as 16.'],
  [button, 'width', 'on', { ...button, width: 'words' }],
  [{ ...button, width: 'words' }, 'width', '', button],
  [button, 'words', 'x'.repeat(5_000), 'These are 5000 characters; the maximum is 2000.'],
  [list, 'items', ' one \n\n two ', { ...list, items: ['one', 'two'] }],
  [list, 'items', ' \n ', 'Enter at least one, each on a line of its own.'],
  [list, 'items', 'x\n'.repeat(41), 'These are 41; the maximum is 40.'],
  [list, 'gap', '2 rows', { ...list, gap: 2 }],
  [list, 'gap', 'wide', 'Enter 0 to 1000 rows.'],
  [table, 'rows', '0', 'Enter 1 to 200 rows.'],
  [table, 'items', 'From\nTo', { ...table, heads: ['From', 'To'] }],
  [{ logo: '5/1', high: '32px' }, 'ratio', '4:1', { logo: '4/1', high: '32px' }],
  [{ picture: '4/3' }, 'ratio', 'square', 'Enter a ratio as width / height, such as 16/9.'],
  [{ picture: '4/3', cropped: true }, 'cropped', '', { picture: '4/3' }],
  [
    card,
    'columns',
    '3, 16',
    { card: { padding: '8px', columns: { count: 3, gutter: '16px' }, space: {}, blocks: [] } },
  ],
  [card, 'columns', '99', 'Enter page, or a count and gutter, such as 3, 16, with up to 64 columns.'],
  [card, 'baseline', '4', { card: { padding: '8px', columns: 'page', baseline: { step: '4px', offset: '0px' }, space: {}, blocks: [] } }], // prettier-ignore
])('%j: %s, typed %j', (holds, id, text, meant) => expect(written(holds, id, text)).toEqual(meant));

test('what a field reads, it takes back unchanged', () => {
  for (const holds of [button, list, table, card, { logo: '5/1', high: '32px' } as Holds])
    for (const { write, read } of heldFields(holds)) expect(write(read).value).toEqual(holds);
});
