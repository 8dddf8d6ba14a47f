import { describe, expect, test } from 'vitest';
import { readSpec } from '../document/read';
import { breakpointOf, specWith } from '../spec/testing';
import { lineLength } from './rules/line-length';
import { RULES } from './registry';
import { settingOf, withRuleSetting } from './rule-settings';
import { judge } from './run';
import { lapsedFor, lapsedWaivers } from './waivers';

const spec = specWith(breakpointOf({ count: 4, margin: '16px', gutter: '16px' }, 390, { id: 'phone' }));

test('ids are unique, and every threshold has a usual value that the schema takes', () => {
  expect(new Set(RULES.map(({ id }) => id)).size).toBe(RULES.length);
  for (const rule of RULES) {
    const thresholds = Object.fromEntries((rule.thresholds ?? []).map(({ id, usual }) => [id, usual + 1]));
    const set = withRuleSetting(spec, rule, { on: false, weight: 'note', thresholds });
    expect(readSpec(set).problem).toBeUndefined();
  }
});

test('what is usual is not written down', () => {
  const off = withRuleSetting(spec, lineLength, { on: false, weight: 'weigh', thresholds: { most: 80 } });
  expect(off.rules).toEqual({ 'line-length': { on: false } });
  expect(settingOf(off, lineLength)).toEqual({ on: false, weight: 'weigh', thresholds: {} });
  expect(withRuleSetting(off, lineLength, { on: true, weight: 'weigh', thresholds: {} })).toEqual(spec);
});

describe('a waiver lapses when the numbers behind it change', () => {
  const [finding] = judge(spec).filter(({ rule }) => rule === 'column-whole');
  const { rule, breakpoint, values } = finding!;
  const waived = { ...spec, waivers: [{ rule, breakpoint, values, reason: 'Drawn at 390.', by: 'Ansa Brisk' }] };

  test('it holds as long as they stay', () => {
    expect(lapsedWaivers(waived, judge(waived))).toEqual([]);
  });

  test('then the finding is back, and says that it was accepted once', () => {
    const changed = { ...waived, breakpoints: [{ ...waived.breakpoints[0]!, reference: { width: 391, height: 844 } }] };
    const judged = judge(changed);
    const again = judged.find((each) => each.rule === 'column-whole')!;
    const lapsed = lapsedWaivers(changed, judged);
    expect(again.waiver).toBeNull();
    expect(lapsedFor(again, lapsed)!.reason).toBe('Drawn at 390.');
  });

  test('and it is lapsed too when what it accepted is mended', () => {
    const mended = { ...waived, breakpoints: [{ ...waived.breakpoints[0]!, reference: { width: 388, height: 844 } }] };
    expect(lapsedWaivers(mended, judge(mended))).toHaveLength(1);
  });
});
