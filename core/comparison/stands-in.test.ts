import { describe, expect, test } from 'vitest';
import { gridCss } from '../formats/grid-css/grid-css';
import type { Spec } from '../spec/schema';
import { breakpointOf, specWith } from '../spec/testing';
import { compareSite } from './compare-site';

const ORIGIN = { version: '1.0.0', published: '2026-01-01', sha256: '0'.repeat(64) };
const NARROW = breakpointOf({ gutter: '16px', margin: '16px', count: 4 }, 360, { id: 'narrow' });
const WIDE = breakpointOf({ gutter: '24px', margin: '5%', count: 12 }, 1200, { id: 'wide', from: 700 });
const plain = specWith(NARROW, WIDE);
const framed: Spec = specWith(
  { ...NARROW, frame: { top: '56px' } },
  { ...WIDE, frame: { start: '200px', top: '64px' } },
);
const inContainer: Spec = { ...plain, measure: 'container' };

const off = (spec: Spec, text: string): string[] => {
  const { value, problem } = compareSite(spec, [{ name: 'site.css', text }]);
  if (!value) return [problem!];
  return value.checks.filter(({ verdict }) => verdict !== 'same').map(({ sentence }) => sentence);
};

/** A site’s own sheet with the same grid, without a word of what it stands in. */
const SITE = `.row { display: grid; grid-template-columns: repeat(4, 1fr); gap: 16px; margin-inline: 16px }
@media (min-width: 700px) { .row { grid-template-columns: repeat(12, 1fr); gap: 24px; margin-inline: 5% } }`;

describe('a sheet alone does not say in what the grid stands', () => {
  test('with bars and panels it is what keeps clear of them', () => {
    expect(off(framed, gridCss(framed, ORIGIN))).toEqual([]);
    expect(off(framed, SITE)).toEqual([]);
    expect(off(framed, SITE.replace('24px', '20px')).join(' ')).toContain(
      'a gutter of 20 px where the specification has 24 px',
    );
  });

  test('a page that keeps clear of them by itself is taken as it is', () => {
    const own = `${SITE}\n@media (min-width: 700px) { body { padding-left: 200px } }`;
    expect(off(framed, own)).toEqual([]);
    expect(off(framed, own.replace('200px', '180px')).join(' ')).toContain('a start margin of');
  });

  test('ranges of a container are held where they are asked of one, by name or not', () => {
    expect(off(inContainer, gridCss(inContainer, ORIGIN))).toEqual([]);
    const nearest = `.wrap { container-type: inline-size }\n${SITE.replace('@media (min-width: 700px)', '@container (min-width: 700px)')}`;
    expect(off(inContainer, nearest)).toEqual([]);
    expect(off(inContainer, nearest.replace('24px', '20px')).join(' ')).toContain('a gutter of 20 px');
  });

  test('and where the kinds differ, that is said', () => {
    expect(off(inContainer, SITE)).toEqual(['The page’s ranges go by the screen (@media) where the specification’s go by a container (@container).']); // prettier-ignore
    const named = gridCss(inContainer, ORIGIN);
    expect(off(plain, named).length).toBeGreaterThan(0);
  });
});
