import { describe, expect, test } from 'vitest';
import { solveLayout } from '../../layouts/solve-layout';
import { layoutOf, practicePage } from '../../layouts/testing';
import type { Block, Ground, Holds } from '../../spec/schema';
import { markSvg } from './mark-svg';
import { marksOf } from './page-marks';

const block = (id: string, holds: Holds): Block => ({ id, name: id, holds, at: {} });
function drawn(blocks: Block[], ground?: Ground) {
  const layout = layoutOf(blocks, ground && { ground });
  const spec = { ...practicePage, layouts: [layout] };
  return marksOf(spec, layout, solveLayout(spec, layout, 1440));
}

describe('what is drawn of a page', () => {
  test('words in the lines that they take, no more than their block has', () => {
    const words = 'By boat across the sound. '.repeat(20).trim();
    const [mark] = drawn([{ ...block('a', { text: 'body', words }), at: { phone: { height: { lines: 2 } } } }]);
    expect(mark).toMatchObject({ is: 'words', x: 144, isLight: false });
    expect((mark as { lines: string[] }).lines).toHaveLength(2);
  });

  test('a button and its words on it, a field under its label, a table’s heads and lines', () => {
    const pad: [string, string] = ['12px', '24px'];
    expect(drawn([block('a', { button: 'body', words: 'Go', pad, width: 'words' })]).map(({ is }) => is)).toEqual(['button', 'words']); // prettier-ignore
    expect(drawn([block('a', { field: 'body', label: 'From', words: '', pad })]).map(({ is }) => is)).toEqual(['words', 'field', 'words']); // prettier-ignore
    const table = drawn([block('a', { table: 'body', rows: 3, pad: '8px', heads: ['x', 'y'] })]);
    expect(table.map(({ is }) => is)).toEqual(['words', 'words', 'line', 'line', 'line']);
  });

  test('a ground behind its section, and light words on a dark one', () => {
    const marks = drawn([block('a', { text: 'body', words: 'Dark' })], { tint: 'dark', to: 'screen' });
    expect(marks[0]).toMatchObject({ is: 'ground', tint: 'dark', x: 0, width: 1440 });
    expect(marks[1]).toMatchObject({ is: 'words', isLight: true });
  });

  test('what was written is text, whatever it says', () => {
    const [mark] = drawn([block('a', { text: 'body', words: '<script>&' })]);
    expect(markSvg(mark!)).toContain('&lt;script&gt;&amp;');
  });
});
