import { disagreements } from '../../rows/agreement';
import { baselineAt } from '../../baseline/baseline-at';
import { exactText, multiplesAround } from '../../length/px';
import { rowsAt } from '../../rows/rows-at';
import { perBreakpoint, type Rule } from '../rule';
import { figure } from '../say';

/** Every row begins on a baseline. */
export const rowsOnBaseline: Rule = {
  id: 'rows-on-baseline',
  version: 1,
  title: 'Rows and baselines match',
  asks: 'Are row plus gap, and the distance from the first baseline to the first row, whole multiples of the baseline step?',
  why: 'Where rows and baselines drift apart, a picture that starts on a row never lines up with the text next to it.',
  source: 'Arithmetic: height + gap and offset are multiples of the step',
  weight: 'weigh',
  check: perBreakpoint((breakpoint, { spec }) => {
    const [rows, baseline] = [rowsAt(spec, breakpoint), baselineAt(spec, breakpoint)];
    if (!rows || !baseline || rows.rule === 'modules') return [null];
    return disagreements(rows, baseline).map(({ part, length }) => {
      const { step } = baseline;
      const [below, above] = multiplesAround(length, step);
      return {
        cell: part === 'first row' ? ('rowTop' as const) : ('rowHeight' as const),
        values: { part, length: exactText(length), step: exactText(step) },
        facts: { above: exactText(above), ...(below.compare(0) > 0 && { below: exactText(below) }) },
      };
    });
  }),
  says: ({ part, length, step, below, above }) => {
    const choices = below === undefined ? `${figure(above)} is` : `${figure(below)} and ${figure(above)} are`;
    return part === 'first row'
      ? `The first row begins ${figure(length)} px below the first baseline, not a multiple of the baseline step of ${figure(step)}; ${choices}.`
      : `Row and gap are ${figure(length)} px together, not a multiple of the baseline step of ${figure(step)}; ${choices}.`;
  },
};
