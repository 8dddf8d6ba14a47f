import { describe, expect, test } from 'vitest';
import type { QuantityId } from '../../quantities/registry';
import type { Breakpoint } from '../../spec/schema';
import { breakpointOf, specWith } from '../../spec/testing';
import { readingOf } from '../registry';
import { copyRange, pasteRange } from '../../sheet/clipboard';
import { QUANTITIES, rowOf } from '../registry';
import { stepCell, stepToNamed } from '../../sheet/step-cell';
import { writeCell } from '../write-cell';

const start = breakpointOf({ gutter: '24px' }, 1440, { height: 1024 }); // bands of 8 and 8, baselines of 4

/** A breakpoint after texts were typed into its cells, one after the other; or the first problem. */
function typed(...texts: [QuantityId, string][]): Breakpoint | string {
  let spec = specWith(start);
  for (const [quantity, text] of texts) {
    const written = writeCell(spec, 'screen', quantity, text);
    if (written.problem !== undefined) return written.problem;
    spec = written.value;
  }
  return spec.breakpoints[0]!;
}

/** What the sheet shows of the rows and baselines. */
function shown(breakpoint: Breakpoint): string[] {
  return QUANTITIES.filter(({ group }) => group === 'rows' || group === 'baseline').map(({ id }) => {
    const { shown: text, follows, px } = readingOf(specWith(breakpoint), breakpoint, id);
    return `${follows ? '= ' : ''}${text}${px ? ` (${px})` : ''}`;
  });
}

describe('the three rules', () => {
  test('bands repeat without any count to type: it says how many fit, and what is left over', () => {
    expect(shown(start)).toEqual(['repeat', '= 64', '8', '8', '0', '= 8', '–', '–', '4', '0', '= 256']);
  });

  test('divided rows follow from the screen', () => {
    const divided = typed(['rowRule', 'divide'], ['rowGap', '20'], ['rowTop', '20'], ['rowBottom', '20']) as Breakpoint;
    expect(shown(divided)).toEqual(['divide', '6', '= 147⅓', '20', '20', '20', 'none', 'none', '4', '0', '= 256']);
  });

  test('modules are counted in baselines', () => {
    const modules = typed(['rowRule', 'm'], ['step', '24'], ['rowHeight', '8 lines'], ['rowGap', '2']) as Breakpoint;
    expect(shown(modules)).toEqual([
      'modules',
      '= 4',
      '8 lines (192)',
      '2 lines (48)',
      '= 0',
      '= 112',
      '–',
      '–',
      '24',
      '0',
      '= 42⅔',
    ]);
  });

  test('without rows and baseline nothing can stand there', () => {
    const bare = typed(['rowRule', 'none'], ['step', 'none']) as Breakpoint;
    expect([bare.rows, bare.baseline]).toEqual([null, null]);
    expect(shown(bare)).toEqual(['none', '–', '–', '–', '–', '–', '–', '–', 'none', '–', '–']);
  });

  test('what two rules have in common is kept', () => {
    const there = typed(['rowGap', '12'], ['rowRule', 'divide']) as Breakpoint;
    expect(there.rows).toMatchObject({ rule: 'divide', gap: '12px' });
    const back = typed(['rowGap', '12'], ['rowRule', 'divide'], ['rowRule', 'repeat']) as Breakpoint;
    expect(back.rows).toMatchObject({ rule: 'repeat', gap: '12px' });
  });

  test('a typed division is kept', () => {
    const { baseline } = typed(['step', '1024/43']) as Breakpoint;
    expect(baseline!.step).toEqual({ typed: '1024/43', is: '1024/43px' });
  });

  test('a base unit that was typed as arithmetic is taken for what it comes to', () => {
    const spec = { ...specWith(start), spacing: { base: { typed: '2*4', is: '8px' }, halfSteps: true, steps: [] } };
    const none = writeCell(spec, 'screen', 'rowRule', 'none').value!;
    const bands = writeCell(none, 'screen', 'rowRule', 'repeat').value!;
    expect(bands.breakpoints[0]!.rows).toMatchObject({ height: '8px', gap: '8px' });
    expect(readingOf(bands, bands.breakpoints[0]!, 'rowCount').shown).toBe('64');
  });

  test('% in rows is of the height', () => {
    const tenth = typed(['rowHeight', '10%']) as Breakpoint;
    expect(readingOf(specWith(tenth), tenth, 'rowHeight')).toMatchObject({ text: '10%', px: '102⅖' });
  });
});

describe('what it does not take, and what would be right', () => {
  test.each<[[QuantityId, string][], string]>([
    [[['rowCount', '6']], 'Bands run down the whole page and need no count. Choose divide to share one screen.'],
    [[['rowBottom', '6']], 'This is the space left over. Change the height, gap or start.'],
    [[['rowLeast', '600']], 'Minimum and maximum height are for rows that share one screen. Choose divide first.'],
    [[['rowHeight', '0']], 'A band can’t be 0. Enter more, such as 8.'],
    [[['rowHeight', '-8']], '“-8” is below zero. Enter 0 or more.'],
    [[['rowHeight', '=']], 'This can’t be auto. Enter a length, such as 8, or 0 for none.'],
    [
      [
        ['rowRule', 'divide'],
        ['rowHeight', '100'],
      ],
      'Divided rows are calculated from the screen. Change the count, gap or margins.',
    ],
    [
      [
        ['rowRule', 'divide'],
        ['rowCount', '0'],
      ],
      '“0” isn’t a row count. Enter a whole number from 1 to 500, such as 6.',
    ],
    [
      [
        ['rowRule', 'divide'],
        ['rowCount', '501'],
      ],
      '“501” isn’t a row count. Enter a whole number from 1 to 500, such as 6.',
    ],
    [
      [
        ['rowRule', 'modules'],
        ['rowHeight', '1.5 lines'],
      ],
      '“1.5 lines” isn’t a number of lines. Modules are counted in baselines, such as 6 lines.',
    ],
    [
      [
        ['rowRule', 'modules'],
        ['step', 'none'],
      ],
      'The modules use this baseline. Choose another row rule first.',
    ],
    [
      [
        ['rowRule', 'modules'],
        ['rowTop', '8'],
      ],
      'Modules start at the first baseline. Change the baseline’s offset.',
    ],
    [[['rowRule', 'rows']], '“rows” isn’t an option. Use none, repeat, fields, divide, modules.'],
    [
      [
        ['rowRule', 'none'],
        ['rowGap', '8'],
      ],
      'There are no rows yet. Choose a rule first: repeat, fields, divide or modules.',
    ],
    [[['step', '0']], 'A baseline step can’t be 0. Enter more, such as 8.'],
    [
      [
        ['step', 'none'],
        ['baselineOffset', '2'],
      ],
      'There’s no baseline yet. Set its step first, such as 4.',
    ],
    [[['lines', '40']], 'Calculated from the step. Change the step instead.'],
  ])('%j', (texts, problem) => {
    expect(typed(...texts)).toBe(problem);
  });
});

describe('steps of the arrow keys', () => {
  const stepped = (quantity: QuantityId, breakpoint: Breakpoint = start) =>
    stepCell(specWith(breakpoint), 'screen', quantity, 1, false);

  test('lengths by the base unit, counts and lines by one', () => {
    expect(stepped('rowGap').value!.breakpoints[0]!.rows).toMatchObject({ gap: '16px' });
    const modules = typed(['rowRule', 'modules']) as Breakpoint;
    expect(stepped('rowHeight', modules).value!.breakpoints[0]!.rows).toMatchObject({ lines: 7 });
    const divided = typed(['rowRule', 'divide']) as Breakpoint;
    expect(stepped('rowCount', divided).value!.breakpoints[0]!.rows).toMatchObject({ count: 7 });
    expect(stepped('rowLeast').problem).toBe('This doesn’t apply to the current row rule.');
  });

  test('to the next named step of the scale', () => {
    const named = (quantity: QuantityId, direction: 1 | -1) =>
      stepToNamed(specWith(start), 'screen', quantity, direction);
    expect(named('gutter', 1).value!.breakpoints[0]!.columns.gutter).toBe('32px');
    expect(named('gutter', -1).value!.breakpoints[0]!.columns.gutter).toBe('16px');
    expect(named('rowTop', -1).problem).toBe('The scale has no step below 0 px.');
    expect(named('column', 1).problem).toBe('Only a length that’s set can move to a spacing step.');
  });
});

test('rows and baselines go to a spreadsheet and come back', () => {
  const spec = specWith(start);
  const range = { top: rowOf('rowRule'), left: 0, bottom: rowOf('lines'), right: 0 };
  const text = copyRange(spec, range);
  expect(text.split('\n').slice(0, 3)).toEqual(['repeat', '= 64', '8']);
  expect(pasteRange(spec, range.top, 0, text).value!.spec).toEqual(spec);
});
