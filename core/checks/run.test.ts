import { describe, expect, test } from 'vitest';
import type { Spec } from '../spec/schema';
import { breakpointOf, specWith } from '../spec/testing';
import { findingsOf, holdingBack, judge } from './run';
import { RULES } from './registry';

const laptop = breakpointOf({ margin: 'auto', container: '1140px', gutter: '24px' }, 1280, {
  id: 'laptop',
  from: 1024,
});
const phone = breakpointOf({ margin: '12px', count: 4, gutter: '16px' }, 390, { id: 'phone' });
const spec = specWith(phone, laptop);

test('the weightiest first, then from the narrowest up', () => {
  expect(findingsOf(spec).map(({ weight, breakpoint }) => [weight, breakpoint])).toEqual([
    ['must-fix', 'laptop'],
    ['weigh', 'phone'], // gutter wider than the margin
    ['weigh', 'phone'], // margin under 16 px
    ['note', null], // spacing steps that no grid uses
    ['note', 'phone'], // columns that flow and are not whole where it is drawn
  ]);
});

describe('waivers', () => {
  const [overflow] = findingsOf(spec);
  const waived: Spec = {
    ...spec,
    waivers: [
      {
        rule: overflow!.rule,
        breakpoint: 'laptop',
        values: overflow!.values,
        reason: 'Kiosks only.',
        by: 'Ansa Brisk',
      },
    ],
  };

  test('a must-fix finding holds an edition back until it is waived', () => {
    expect(holdingBack(judge(spec))).toHaveLength(1);
    expect(holdingBack(judge(waived))).toEqual([]);
    expect(judge(waived).find(({ rule }) => rule === overflow!.rule)!.waiver!.reason).toBe('Kiosks only.');
  });

  test('a waiver lapses when its numbers change', () => {
    const wider = { ...laptop, columns: { ...laptop.columns, container: '1150px' } };
    expect(holdingBack(judge({ ...waived, breakpoints: [phone, wider] }))).toHaveLength(1);
  });
});

test('every rule says what it asks, why, and on what ground', () => {
  expect(new Set(RULES.map(({ id }) => id)).size).toBe(RULES.length);
  for (const { title, asks, why, source } of RULES)
    for (const text of [title, asks, why, source]) expect(text).not.toBe('');
});
