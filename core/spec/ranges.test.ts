import { expect, test } from 'vitest';
import { breakpointAt, byWidth, narrowestViewport, rangeEnd, rangeText, shownWidth } from './ranges';
import { breakpointOf, specWith } from './testing';

const phone = breakpointOf({}, 390, { id: 'phone', from: 0 });
const tablet = breakpointOf({}, 744, { id: 'tablet', from: 600 });
const desktop = breakpointOf({}, 1440, { id: 'desktop', from: 1200 });
const spec = specWith(desktop, phone, tablet);

test('from the narrowest up, whatever the order of the document', () => {
  expect(byWidth(spec.breakpoints).map(({ id }) => id)).toEqual(['phone', 'tablet', 'desktop']);
});

test('a range reaches up to the next breakpoint, not included', () => {
  expect([phone, tablet, desktop].map((breakpoint) => rangeEnd(spec, breakpoint))).toEqual([600, 1200, null]);
  expect([phone, tablet, desktop].map((breakpoint) => rangeText(spec, breakpoint))).toEqual([
    '0–599',
    '600–1199',
    '1200 and up',
  ]);
});

test.each([
  [1, 'phone'],
  [599, 'phone'],
  [600, 'tablet'],
  [1199, 'tablet'],
  [1200, 'desktop'],
  [9000, 'desktop'],
])('at %i px applies the %s', (width, id) => {
  expect(breakpointAt(spec, width).id).toBe(id);
});

// WCAG 2.2, 1.4.10 Reflow: 320 CSS px
test('a range from 0 is held to 320 px, or to a smaller drawing', () => {
  expect(narrowestViewport(phone)).toBe(320);
  expect(narrowestViewport(tablet)).toBe(600);
  expect(narrowestViewport(breakpointOf({}, 240))).toBe(240);
});

test('a breakpoint is shown where it is drawn, or at the nearest width of its range', () => {
  const astray = breakpointOf({}, 1280, { id: 'tablet', from: 600 });
  expect(shownWidth(spec, tablet)).toBe(744);
  expect(shownWidth(specWith(phone, astray, desktop), astray)).toBe(1199);
  expect(
    shownWidth(specWith(phone, { ...astray, reference: { width: 500, height: 900 } }, desktop), {
      ...astray,
      reference: { width: 500, height: 900 },
    }),
  ).toBe(600);
});
