import { exactText } from '../../length/px';
import { cssNameOf } from '../../spacing/css-name';
import type { Rule } from '../rule';
import { figure } from '../say';
import { removedStep, stepAddress } from '../../spacing/step-edits';

/** No two steps of the spacing scale are the same. */
export const stepsDiffer: Rule = {
  id: 'steps-differ',
  version: 1,
  title: 'Spacing steps differ',
  asks: 'Does each step of the spacing scale have a name and a size of its own?',
  why: 'Two names for one space get used for different things until one of them changes. With one name for two spaces, only one reaches the code.',
  source: 'Common practice',
  weight: 'weigh',
  check({ spec, steps }) {
    return steps.flatMap((step, place) => {
      const other = steps
        .slice(0, place)
        .find(({ px, name }) => px.equals(step.px) || cssNameOf(name) === cssNameOf(step.name));
      if (!other) return [];
      const sameSize = other.px.equals(step.px);
      return [
        {
          breakpoint: null,
          subject: [stepAddress(step.name)],
          widths: [],
          values: { first: other.name, second: step.name, px: exactText(step.px) },
          facts: { other: exactText(other.px) },
          mends:
            sameSize && other.name !== step.name
              ? [{ facts: { name: step.name }, edits: removedStep(spec, step.index) }]
              : [],
        },
      ];
    });
  },
  says: ({ first, second, px, other }) => {
    if (px === other) return `${first} and ${second} are both ${figure(px)} px. One of them is enough.`;
    return first === second
      ? `Two steps are named ${second}: ${figure(other)} and ${figure(px)} px.`
      : `${first} and ${second} become one CSS property, --${cssNameOf(String(second))}, so only one of ${figure(other)} and ${figure(px)} px reaches the code. Rename one of them.`;
  },
  offers: ({ name }) => `Remove ${name}`,
};
