import { counted } from '../../length/present';
import { type Step, usesOf } from '../../spacing/scale';
import { leadingsInUse } from '../../type/text-spaces';
import type { Rule } from '../rule';
import { stepAddress } from '../../spacing/step-edits';

/** Every step of the spacing scale stands for a space of the grids. */
export const stepsUsed: Rule = {
  id: 'steps-used',
  version: 1,
  title: 'Spacing steps are used',
  asks: 'Is each step of the spacing scale used by a margin, gutter, gap, offset or leading?',
  why: 'A step no grid uses may still serve inside components. One that nobody uses only makes the list longer.',
  source: 'Common practice',
  weight: 'note',
  check({ spec, steps, uses, text }) {
    const leadings = leadingsInUse(spec, text);
    const isUsed = (step: Step): boolean =>
      usesOf(step, uses).length > 0 || leadings.some(({ leading }) => leading.equals(step.px));
    const unused = steps.filter((step) => !isUsed(step));
    // a scale that no grid uses at all was not meant for these grids
    if (unused.length === 0 || unused.length === steps.length) return [];
    const names = unused.map(({ name }) => name);
    return [
      {
        breakpoint: null,
        subject: names.map(stepAddress),
        widths: [],
        values: { unused: names.join(' ') },
        facts: { steps: steps.length },
      },
    ];
  },
  says: ({ unused, steps }) => {
    const names = String(unused).split(' ');
    const listed = names.length > 4 ? `${names.slice(0, 4).join(', ')} and ${names.length - 4} more` : names.join(', ');
    return `${counted(names.length, 'spacing step')} of ${steps} ${names.length === 1 ? 'is' : 'are'} not used by any grid: ${listed}.`;
  },
};
