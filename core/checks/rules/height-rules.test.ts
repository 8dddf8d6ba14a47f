import { describe, expect, test } from 'vitest';
import { applyEdits } from '../../edits/apply-edits';
import type { Breakpoint, Spec, TextStyle, TypeSetting } from '../../spec/schema';
import { breakpointOf, dividedRows, specWith } from '../../spec/testing';
import { shippedFont } from '../../type/shipped-fonts';
import type { Rule } from '../rule';
import { findingsOf } from '../run';
import { reports } from '../testing';
import { baseMultiple } from './base-multiple';
import { bodyLineHeight } from './body-line-height';
import { dividedRowsFit } from './divided-rows-fit';
import { dividedRowsSqueezed } from './divided-rows-squeezed';
import { dividedRowsWhole } from './divided-rows-whole';
import { leadingOnBaseline } from './leading-on-baseline';
import { lineLength } from './line-length';
import { rowsOnBaseline } from './rows-on-baseline';
import { spacesOnScale } from './spaces-on-scale';
import { stepsDiffer } from './steps-differ';
import { stepsUsed } from './steps-used';
import { typeShrinks } from './type-shrinks';

const divided = dividedRows();

function withRows(rows: Breakpoint['rows'], baseline: Breakpoint['baseline'] = { step: '4px', offset: '0px' }): Spec {
  return specWith({ ...breakpointOf({ margin: '16px', gutter: '16px' }, 1440, { height: 1024 }), rows, baseline });
}

const desk = breakpointOf({ margin: '144px', gutter: '24px' }, 1440, { id: 'desk', from: 1200 });
const phone = breakpointOf({ count: 4, margin: '16px', gutter: '16px', container: { upTo: '358px' } }, 390, {
  id: 'phone',
});

function withStyle(
  at: Record<string, [string, TypeSetting['leading'], number]>,
  role: TextStyle['role'] = 'body',
): Spec {
  const settings = Object.entries(at).map(([id, [size, leading, span]]) => [id, { size, leading, span }] as const);
  const style: TextStyle = {
    name: 'text',
    role,
    font: shippedFont('source-serif-4'),
    stands: 'line-box',
    at: Object.fromEntries(settings),
  };
  return { ...specWith(phone, desk), type: [style] };
}

const withSteps = (...steps: [string, string][]): Spec => {
  const spec = specWith(desk);
  return { ...spec, spacing: { ...spec.spacing, steps: steps.map(([name, times]) => ({ name, times })) } };
};

describe.each<[string, Rule, [string, Spec, string[]][]]>([
  [
    'rows and baselines in step',
    rowsOnBaseline,
    [
      ['8 and 8 on 4', withRows({ rule: 'repeat', height: '8px', gap: '8px', offset: '0px' }), []],
      [
        '20 and 5 on 4',
        withRows({ rule: 'repeat', height: '20px', gap: '5px', offset: '0px' }),
        ['Row and gap are 25 px together, not a multiple of the baseline step of 4; 24 and 28 are.'],
      ],
      [
        'a first row that begins between two baselines',
        withRows({ rule: 'repeat', height: '8px', gap: '8px', offset: '2px' }),
        ['The first row begins 2 px below the first baseline, not a multiple of the baseline step of 4; 4 is.'],
      ],
      ['modules always are', withRows({ rule: 'modules', lines: 5, between: 1 }), []],
      ['without a baseline there is nothing to be in step with', withRows(divided, null), []],
    ],
  ],
  [
    'divided rows that fit',
    dividedRowsFit,
    [
      ['600 to 1200', withRows(divided), []],
      [
        'the least height above the greatest',
        withRows({ ...divided, minHeight: '1300px' }),
        ['The minimum height of 1,300 px is above the maximum, 1,200.'],
      ],
      [
        'gaps that take everything',
        withRows({ ...divided, count: 10, gap: '80px' }),
        ['Margins and 9 gaps of 80 px take 760 px; the minimum height is 600, which leaves nothing for 10 rows.'],
      ],
    ],
  ],
  [
    'divided rows that are whole',
    dividedRowsWhole,
    [
      ['4 in 1024', withRows({ ...divided, count: 4 }), []],
      [
        '6 in 1024',
        withRows(divided),
        ['6 rows with gaps of 20 come to 147⅓ px each in 1,024; with 22 px below they are 147.'],
      ],
    ],
  ],
  [
    'divided rows on low screens',
    dividedRowsSqueezed,
    [
      ['at least 600', withRows(divided), []],
      [
        'at least 720',
        withRows({ ...divided, minHeight: '720px' }),
        ['At their minimum height of 720 px, the 6 rows are 96⅔ each; a screen of 600 is 120 px too short for them.'],
      ],
    ],
  ],
  [
    'leading on the baseline',
    leadingOnBaseline,
    [
      ['28 on 4', withStyle({ phone: ['16px', '28px', 4] }), []],
      [
        '26 on 4',
        withStyle({ phone: ['16px', '24px', 4], desk: ['17px', '26px', 6] }),
        ['text has a leading of 26 px on baselines of 4; 24 and 28 sit on the grid.'],
      ],
    ],
  ],
  [
    'lines of 30 to 80 characters',
    lineLength,
    [
      ['6 columns of 16 px', withStyle({ phone: ['16px', '24px', 4], desk: ['16px', '24px', 6] }), []],
      [
        '12 columns of 16 px',
        withStyle({ phone: ['16px', '24px', 4], desk: ['16px', '24px', 12] }),
        ['text has about 153 characters in a line of 1152 px at 1440 (12 columns, 16 px); more than 80 tire the eye.'],
      ],
      [
        'one column of a phone',
        withStyle({ phone: ['16px', '24px', 1], desk: ['16px', '24px', 6] }),
        [
          'text has about 10 characters in a line of 77½ px at 390 (1 column, 16 px); fewer than 30 break every phrase.',
        ],
      ],
      ['a label may be short', withStyle({ phone: ['16px', '24px', 1] }, 'label'), []],
    ],
  ],
  [
    'body line height',
    bodyLineHeight,
    [
      ['16 / 24', withStyle({ phone: ['16px', '24px', 4] }), []],
      [
        '18 / 24',
        withStyle({ phone: ['18px', '24px', 4], desk: ['16px', '24px', 4] }),
        ['text is 18 / 24 at 390, a line height of 1.3333; body text needs at least 1.5: 28.'],
      ],
      ['a heading may be tight', withStyle({ phone: ['40px', '44px', 4] }, 'heading'), []],
    ],
  ],
  [
    'type that shrinks',
    typeShrinks,
    [
      ['16, then 18', withStyle({ phone: ['16px', '24px', 4], desk: ['18px', '28px', 4] }), []],
      [
        '18, then 16',
        withStyle({ phone: ['18px', '28px', 4], desk: ['16px', '24px', 4] }),
        ['text is 16 px here and 18 on Phone, which is narrower.'],
      ],
    ],
  ],
  [
    'steps that differ',
    stepsDiffer,
    [
      ['8, 16', withSteps(['a', '1'], ['b', '2']), []],
      ['one size twice', withSteps(['a', '1'], ['b', '1']), ['a and b are both 8 px. One of them is enough.']],
      ['one name twice', withSteps(['a', '1'], ['a', '2']), ['Two steps are named a: 8 and 16 px.']],
    ],
  ],
  [
    'steps that are used',
    stepsUsed,
    [
      ['all of them', withSteps(['a', '1'], ['b', '3']), []], // gaps of 8, gutters of 24
      ['one is not', withSteps(['a', '1'], ['c', '5']), ['1 spacing step of 2 is not used by any grid: c.']],
      [
        'many are not',
        withSteps(['used', '1'], ['a', '4'], ['b', '5'], ['c', '6'], ['d', '7'], ['e', '9']),
        ['5 spacing steps of 6 are not used by any grid: a, b, c, d and 1 more.'],
      ],
      ['none is: the scale is for something else', withSteps(['a', '4'], ['b', '5']), []],
    ],
  ],
  [
    'spaces on the scale',
    spacesOnScale,
    [
      ['24 is a step', withSteps(['a', '1'], ['b', '3']), []],
      [
        '24 is none',
        withSteps(['a', '1'], ['b', '2'], ['c', '4']),
        ['The gutter of 24 px isn’t on the scale; b (16) and c (32) are nearest.'],
      ],
    ],
  ],
  [
    'multiples of the base unit',
    baseMultiple,
    [
      ['a baseline of half the base', withRows(null), []],
      ['a baseline of a quarter of it divides it', withRows(null, { step: '2px', offset: '0px' }), []],
      [
        'a gap of 5 on a base of 8',
        withRows({ rule: 'repeat', height: '8px', gap: '5px', offset: '0px' }),
        ['The row gap of 5 px is not a multiple of 8 px or half of it; 4 and 8 are.'],
      ],
    ],
  ],
])('%s', (_, rule, cases) => {
  test.each(cases)('%s', (_name, spec, messages) => {
    expect(reports(rule, spec).map(({ message }) => message)).toEqual(messages);
  });

  test('every mend mends what it is for', () => {
    for (const [, spec] of cases) {
      for (const finding of findingsOf(spec).filter((each) => each.rule === rule.id)) {
        for (const { edits } of finding.mends) {
          const left = findingsOf(applyEdits(spec, edits).value!).filter((each) => each.rule === rule.id);
          expect(left.map(({ values }) => values)).not.toContainEqual(finding.values);
        }
      }
    }
  });
});

describe('how a spec holds its rules', () => {
  const wide = withStyle({ phone: ['16px', '24px', 4], desk: ['16px', '24px', 12] });
  const long = (spec: Spec) => findingsOf(spec).filter(({ rule }) => rule === 'line-length');

  test('off, weighed otherwise, with another threshold', () => {
    expect(long(wide)).toHaveLength(1);
    expect(long({ ...wide, rules: { 'line-length': { on: false } } })).toEqual([]);
    expect(long({ ...wide, rules: { 'line-length': { weight: 'must-fix' } } })[0]!.weight).toBe('must-fix');
    expect(long({ ...wide, rules: { 'line-length': { thresholds: { most: 160 } } } })).toEqual([]);
  });
});
