import { describe, expect, test } from 'vitest';
import { bestMatches, type Findable } from './best-matches';

const ALL: Findable[] = [
  { where: 'Exact values', names: ['Gutter', 'Phone'], value: '16' },
  { where: 'Exact values', names: ['Gutter', 'Desktop'], value: '24' },
  { where: 'Span widths', names: ['2 columns', 'Desktop'], value: '178 47.85 %' },
  { where: 'Span widths', names: ['5 columns', 'Desktop'], value: '466' },
  { where: 'Span widths', names: ['15 columns', 'Wide'], value: '1,506⅔' },
  { where: 'Text styles', names: ['body, size', 'Tablet'], value: '16 24' },
  { where: 'For developers', names: [], value: 'column-gap: var(--grid-gutter);' },
  { where: 'grid.css', names: [], value: '--grid-gutter: 24px;' },
  { where: 'grid.css', names: [], value: '.span-5 { grid-column: span 5; }' },
];
const first = (sought: string): string[] => {
  const [best] = bestMatches(ALL, sought, 12);
  return best ? [...best.names, best.value] : [];
};

describe('the best match', () => {
  test.each<[string, string[]]>([
    ['5 columns', ['5 columns', 'Desktop', '466']],
    ['columns 5', ['5 columns', 'Desktop', '466']],
    ['gutter desktop', ['Gutter', 'Desktop', '24']],
    ['desktop gut', ['Gutter', 'Desktop', '24']],
    ['body tablet', ['body, size', 'Tablet', '16 24']],
    ['--grid-gutter', ['--grid-gutter: 24px;']],
    ['.span-5', ['.span-5 { grid-column: span 5; }']],
    ['466', ['5 columns', 'Desktop', '466']],
    ['1,506⅔', ['15 columns', 'Wide', '1,506⅔']],
    ['178', ['2 columns', 'Desktop', '178 47.85 %']],
  ])('of “%s”', (sought, expected) => expect(first(sought)).toEqual(expected));

  test('every word has to be there, and a number whole', () => {
    expect(bestMatches(ALL, 'gutter watch', 12)).toEqual([]);
    expect(bestMatches(ALL, '5', 12).map(({ names }) => names[0])).not.toContain('15 columns');
    expect(bestMatches(ALL, '  ', 12)).toEqual([]);
  });
});
