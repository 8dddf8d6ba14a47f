import { baselineAt } from '../../baseline/baseline-at';
import { withBreakpoint } from '../../breakpoints/breakpoints';
import { mapped } from '../../parsed';
import { numeral } from '../../length/present';
import type { CellQuantity } from '../quantity';
import { IDLE, said, worked } from '../reading';
import { NONE, readHeight, readRowLength } from './read-heights';
import { heightRow, lengthReading } from './height-reading';

const step = {
  id: 'step',
  group: 'baseline',
  label: 'Step',
  name: 'Baseline, step',
  kind: 'length',
  hint: 'Distance between baselines, such as 4. Delete for none.',
  emptied: 'none',
  address: ({ id }) => ['breakpoints', id, 'baseline', 'step'],
  read: (spec, breakpoint) =>
    breakpoint.baseline ? lengthReading(spec, breakpoint, breakpoint.baseline.step) : said('none'),
  write: (spec, breakpoint, text) => {
    if (!NONE.test(text))
      return mapped(readHeight(text, 'A baseline step'), (length) =>
        withBreakpoint(spec, { ...breakpoint, baseline: { offset: '0px', ...breakpoint.baseline, step: length } }),
      );
    if (breakpoint.rows?.rule === 'modules')
      return { problem: 'The modules use this baseline. Choose another row rule first.' };
    return { value: withBreakpoint(spec, { ...breakpoint, baseline: null }) };
  },
  weighs: 'minor',
} as const satisfies CellQuantity;

const offset = {
  id: 'baselineOffset',
  group: 'baseline',
  label: 'Offset',
  name: 'Baseline, offset',
  kind: 'length',
  hint: 'From the top of the page to the first baseline.',
  address: ({ id }) => ['breakpoints', id, 'baseline', 'offset'],
  read: (spec, breakpoint) =>
    breakpoint.baseline ? lengthReading(spec, breakpoint, breakpoint.baseline.offset) : IDLE,
  write: (spec, breakpoint, text) => {
    const { baseline } = breakpoint;
    if (baseline === null) return { problem: 'There’s no baseline yet. Set its step first, such as 4.' };
    return mapped(readRowLength(text), (length) =>
      withBreakpoint(spec, { ...breakpoint, baseline: { ...baseline, offset: length } }),
    );
  },
  weighs: 'minor',
} as const satisfies CellQuantity;

/** The baseline of a breakpoint. */
export const BASELINE = [
  { ...step, tabled: [heightRow(step, 16)] },
  { ...offset, tabled: [heightRow(offset, 17)] },
  {
    id: 'lines',
    group: 'baseline',
    label: 'Lines in screen',
    name: 'Baseline, lines in screen',
    kind: 'length',
    hint: 'How many steps fit the screen. Press l to find a leading that divides it.',
    address: ({ id }) => ['breakpoints', id, 'baseline', 'lines'],
    read: (spec, breakpoint) => {
      const baseline = baselineAt(spec, breakpoint);
      if (baseline === null || baseline.step.equals(0)) return IDLE;
      const lines = baseline.room.sub(baseline.offset).div(baseline.step);
      return worked(numeral(lines), lines);
    },
    write: () => ({ problem: 'Calculated from the step. Change the step instead.' }),
    weighs: 'minor',
  },
] as const satisfies readonly CellQuantity[];
