import { describe, expect, test } from 'vitest';
import { writeCell } from '../quantities/write-cell';
import { breakpointOf, specWith } from '../spec/testing';
import { comparisonText } from './comparison-text';
import { differences } from './differences';
import { effects } from './effects';
import { movedAt, movedBlocks } from './moved';
import { reasonOfStep } from './step-reason';

// 12 columns of 86 with gutters of 24 in 1296, margins 108 at 1512: 108 + 12 × 86 + 11 × 24 + 108 = 1512
const phone = breakpointOf({ count: 4, gutter: '16px', margin: '20px' }, 412, { id: 'phone' });
const desktop = breakpointOf({ count: 12, gutter: '24px', container: '1296px', margin: 'auto' }, 1512, {
  id: 'desktop',
  from: 1416,
});
const spec = specWith(phone, desktop);
const wider = writeCell(spec, 'desktop', 'gutter', '36').value!;

describe('what a change comes to', () => {
  test('spans are others: (1296 − 11 × 36) / 12 = 75', () => {
    const found = effects(spec, wider);
    expect(found.filter(({ column }) => column === 'Phone')).toEqual([]);
    expect(found[0]).toMatchObject({ table: 'Span widths', column: 'Desktop', before: '86', after: '75' });
    // two columns: 2 × 86 + 24 = 196, 2 × 75 + 36 = 186
    expect(found[1]).toMatchObject({ before: '196', after: '186' });
  });

  test('a name that changed moves nothing', () => {
    const renamed = {
      ...spec,
      breakpoints: spec.breakpoints.map((each) => ({ ...each, name: `${each.name} screen` })),
    };
    expect(effects(spec, renamed)).toEqual([]);
  });

  test('edges that moved are named, from the start', () => {
    const { moved, before, after } = movedAt(spec, wider, 1512);
    expect([before.columns.column, after.columns.column].map((px) => px.valueOf())).toEqual([86, 75]);
    // the container stands where it stood, and with it the first edge and the last
    expect(moved[0]).toMatchObject({ name: 'column 1, end' });
    expect([moved[0]!.before!.valueOf(), moved[0]!.after!.valueOf()]).toEqual([194, 183]);
    expect(moved).toHaveLength(22);
    expect(movedAt(spec, wider, 412).moved).toEqual([]);
  });

  test('what is not there any more has no place', () => {
    const fewer = writeCell(spec, 'desktop', 'count', '10').value!;
    expect(movedAt(spec, fewer, 1512).moved.find(({ name }) => name === 'column 12, end')).toMatchObject({
      after: null,
    });
    expect(movedBlocks(spec, fewer, 'none', 1512)).toEqual({ blocks: [], height: 0 });
  });

  test('as text: given apart from what follows', () => {
    const text = comparisonText('1.0.0', 'draft', differences(spec, wider), effects(spec, wider).slice(0, 1));
    expect(text).toBe(
      '1.0.0 → draft\n\nChanged\nDesktop, Gutter: 24 → 36 (minor)\n\nCalculated\nDesktop, Column: 86 → 75 (patch)\n\nResult\nSpan widths, 1 column, Desktop: 86 → 75\n',
    );
    expect(comparisonText('a', 'b', [], [])).toBe('a and b are the same.\n');
  });
});

test('the reason of a step names what asks for it', () => {
  expect(reasonOfStep(differences(spec, wider))).toBe(
    'Gutter, Desktop needs a minor version: values changed or something is new, and every name in built pages still works.',
  );
  expect(reasonOfStep(differences(spec, writeCell(spec, 'desktop', 'count', '10').value!))).toMatch(
    /^.*Desktop needs a major version/,
  );
  expect(reasonOfStep([])).toBe('Only texts, design sizes or waivers changed.');
});
