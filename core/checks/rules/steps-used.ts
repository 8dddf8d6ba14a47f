import { counted } from '../../length/present';
import { spacesInUse, stepsOf, usesOf } from '../../spacing/scale';
import { leadingUses } from '../../type/text-spaces';
import type { Rule } from '../rule';

/** Every step of the spacing scale stands for a space of the grids. */
export const stepsUsed: Rule = {
  id: 'steps-used',
  title: 'Spacing steps are used',
  asks: 'Does each step of the spacing scale stand for some margin, gutter, gap, offset or leading of the spec?',
  why: 'A step that no grid uses may still serve inside components; one that nobody uses only lengthens the list.',
  source: 'Common practice',
  weight: 'note',
  check({ spec }) {
    const uses = spacesInUse(spec);
    const steps = stepsOf(spec);
    const unused = steps.filter((step) => usesOf(step, uses).length === 0 && leadingUses(spec, step.px).length === 0);
    if (unused.length === 0) return [];
    const names = unused.map(({ name }) => name);
    const listed = names.length > 4 ? `${names.slice(0, 4).join(', ')} and ${names.length - 4} more` : names.join(', ');
    return [
      {
        breakpoint: null,
        cell: null,
        about: { step: names[0]! },
        message: `${counted(unused.length, 'spacing step')} of ${steps.length} ${unused.length === 1 ? 'is' : 'are'} used by no grid: ${listed}.`,
        values: { unused: names.join(' ') },
        mends: [],
      },
    ];
  },
};
