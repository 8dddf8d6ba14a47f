import { expect, test } from 'vitest';
import { compareSite } from '../../core/comparison/compare-site';
import { styledSite } from './site-styles';

const PAGES = process.env['YPSILINE_LONG'] ? 250 : 20;
const seeds = Array.from({ length: PAGES }, (_, index) => index + 1);

const checksOf = (seed: number, isPlanted: boolean) => {
  const site = styledSite(seed, isPlanted);
  const { value, problem } = compareSite(site.spec, [{ name: 'site.css', text: site.css }]);
  const of = (verdict: string) =>
    (value?.checks ?? [])
      .filter((check) => check.verdict === verdict)
      .map(({ breakpoint, quantity }) => `${breakpoint}: ${quantity}`);
  return { ...site, problem, differs: of('differs'), left: of('not-checked'), count: value?.checks.length ?? 0 };
};

// pages in styles drawn at random: what is planted is found, all of it and nothing else
test.each(seeds)('page %i as its specification has it', (seed) => {
  const { style, problem, differs, left, count } = checksOf(seed, false);
  expect({ style, problem, differs, left }).toEqual({ style, problem: undefined, differs: [], left: [] });
  expect(count).toBeGreaterThan(10);
});

test.each(seeds)('page %i with one difference', (seed) => {
  const { style, planted, problem, differs, left } = checksOf(seed, true);
  expect(problem, style).toBeUndefined();
  expect({ style, says: planted!.says, differs: differs.sort(), left }).toEqual({
    style,
    says: planted!.says,
    differs: [...planted!.checks].sort(),
    left: [],
  });
});
