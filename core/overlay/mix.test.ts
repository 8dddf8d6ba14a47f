import { expect, test } from 'vitest';
import { inksOf } from './inks';
import { APART, apartOn, leastApart } from './mix';
import { practiceSpec } from '../spec/testing';

test('what is proposed for a dark page stays apart there', () => {
  for (const ground of ['#161922', '#000000', '#2b2b2b']) {
    expect(leastApart(apartOn(ground), ground)).toBeGreaterThanOrEqual(APART);
  }
});

test('black and white are 21 to 1 apart, the same colour 1 to 1', () => {
  // WCAG 2.2, definition of contrast ratio
  const ink = (colour: string) => ({ colour, strength: 100 });
  const inks = { columns: ink('#ffffff'), rows: ink('#ffffff'), baseline: ink('#ffffff') };
  expect(leastApart(inks, '#000000')).toBeCloseTo(1);
  expect(leastApart(inksOf(practiceSpec('Usual')), '#ffffff')).toBeGreaterThan(1);
});
