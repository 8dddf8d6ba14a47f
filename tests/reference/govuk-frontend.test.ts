import { expect, test } from 'vitest';
import { columnsAt, spanWidth } from '../../core/columns/columns-at';
import { breakpointOf, specWith } from '../../core/spec/testing';
import { pixels, sassValues } from './sass-values';

// package govuk-frontend, dist/govuk/settings/_measurements.scss
const values = sassValues("@use 'govuk-frontend/dist/govuk/settings/measurements' as govuk;", {
  page: 'govuk.$govuk-page-width',
  gutter: 'govuk.$govuk-gutter',
  half: 'govuk.$govuk-gutter-half',
  shares: 'map.keys(govuk.$govuk-grid-widths)',
  widths: 'map.values(govuk.$govuk-grid-widths)',
});
const [page, gutter] = [pixels(values.page), pixels(values.gutter)];
const shares = values.shares!.split(/,\s*/);
const widths = values.widths!.split(/,\s*/).map(Number.parseFloat);

const breakpoint = breakpointOf({ margin: 'auto', container: `${page}px`, gutter: `${gutter}px` }, 1200);
const columns = columnsAt(specWith(breakpoint), breakpoint);

test('its settings are the ones that are known', () => {
  expect([page, gutter, pixels(values.half)]).toEqual([960, 30, 15]);
});

/** Its rows stick out by half a gutter on both sides, and each part has half a gutter of padding on both sides. */
test.each([
  ['one-quarter', 3],
  ['one-third', 4],
  ['one-half', 6],
  ['two-thirds', 8],
  ['three-quarters', 9],
  ['full', 12],
])('%s is a span of %i', (share, span) => {
  const width = (widths[shares.indexOf(share)]! / 100) * (page + gutter) - gutter;
  expect(spanWidth(columns, span).valueOf()).toBeCloseTo(width, 6);
});
