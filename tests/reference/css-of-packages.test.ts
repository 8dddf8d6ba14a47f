import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { readSite } from '../../core/site/read-site';

/** The grids of open packages, read from the style sheets that they publish, against the numbers of their documentation and settings at these versions. */

const read = (path: string) => readSite([readFileSync(`node_modules/${path}`, 'utf8')]).value!;

function rangesOf(path: string) {
  return read(path).ranges.map(({ from, columns: { count, gutter, margin, container, outer } }) => ({
    from,
    count,
    gutter,
    margin,
    container,
    outer,
  }));
}

const centred = { margin: 'auto' } as const;
const filling = { container: 'fill' } as const;

describe('what the style sheets of packages say', () => {
  // scss/_variables.scss: $grid-breakpoints, $container-max-widths, $grid-gutter-width: 1.5rem, half of it outside
  test('bootstrap', () => {
    const grid = { count: 12, gutter: '1.5rem', outer: 'half' };
    expect(rangesOf('bootstrap/dist/css/bootstrap.css')).toEqual([
      { from: 0, ...grid, ...filling, margin: '0px' },
      { from: 576, ...grid, ...centred, container: '540px' },
      { from: 768, ...grid, ...centred, container: '720px' },
      { from: 992, ...grid, ...centred, container: '960px' },
      { from: 1200, ...grid, ...centred, container: '1140px' },
      { from: 1400, ...grid, ...centred, container: '1320px' },
    ]);
  });

  // its documentation, "Grids": twenty-fourths and fifths, no gutters
  test('purecss, whose fifths are named', () => {
    expect(rangesOf('purecss/build/pure.css')).toEqual([
      { from: 0, count: 24, gutter: '0px', margin: '0px', ...filling, outer: 'none' },
    ]);
    expect(read('purecss/build/pure.css').unread.map(({ why }) => why)).toEqual([
      '1/5, 2/5, 3/5, 4/5 of the row aren’t on 24 columns',
    ]);
  });

  // sass/utilities/initial-variables.scss: $desktop 960px + 2 × 32px, $widescreen 1152px + 64px, $fullhd 1344px + 64px; column gap 0.75rem on both sides
  test('bulma', () => {
    const grid = { count: 12, gutter: '1.5rem', outer: 'none' };
    expect(rangesOf('bulma/css/bulma.css')).toEqual([
      { from: 0, ...grid, ...filling, margin: '0px' },
      { from: 1024, ...grid, ...centred, container: '960px' },
      { from: 1216, ...grid, ...centred, container: '1152px' },
      { from: 1408, ...grid, ...centred, container: '1344px' },
    ]);
  });

  // scss/settings/_settings.scss: $grid-container 1200px, $grid-margin-gutters 20px and 30px from medium (40em)
  test.each(['foundation', 'foundation-float'])('foundation-sites, %s', (file) => {
    const grid = { count: 12, outer: 'half' };
    const ranges = rangesOf(`foundation-sites/dist/css/${file}.css`);
    expect(ranges[0]).toEqual({ from: 0, ...grid, gutter: '1.25rem', margin: '0px', ...filling });
    expect(ranges.slice(1).map(({ from, gutter }) => [from, gutter])).toContainEqual([640, '1.875rem']);
    expect(ranges.at(-1)).toMatchObject({ ...grid, gutter: '1.875rem', container: { upTo: '75rem' }, margin: '0px' });
  });

  // dist/govuk/settings/_measurements.scss: page width 960px, gutter 30px, half of it outside on small screens; tablet from 641px, desktop from 769px
  test('govuk-frontend', () => {
    const grid = { count: 12, gutter: '30px', outer: 'none' };
    expect(rangesOf('govuk-frontend/dist/govuk/govuk-frontend.min.css')).toEqual([
      { from: 0, ...grid, count: 1, ...filling, margin: '15px' },
      { from: 641, ...grid, ...filling, margin: '30px' },
      { from: 1020, ...grid, ...centred, container: '960px' },
    ]);
  });
});
