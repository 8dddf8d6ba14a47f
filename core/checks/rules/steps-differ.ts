import { exactText } from '../../length/px';
import { numeral } from '../../length/present';
import { cssNameOf } from '../../spacing/css-name';
import type { Rule } from '../rule';

/** No two steps of the spacing scale are the same. */
export const stepsDiffer: Rule = {
  id: 'steps-differ',
  title: 'Spacing steps differ',
  asks: 'Does each step of the spacing scale have a name and a size of its own?',
  why: 'Two names for one space are used for two different things, until one of them changes; of one name for two spaces only one arrives in the code.',
  source: 'Common practice',
  weight: 'weigh',
  check({ steps }) {
    return steps.flatMap((step, place) => {
      const other = steps
        .slice(0, place)
        .find(({ px, name }) => px.equals(step.px) || cssNameOf(name) === cssNameOf(step.name));
      if (!other) return [];
      const sameSize = other.px.equals(step.px);
      const clash =
        other.name === step.name
          ? `Two steps are named ${step.name}: ${numeral(other.px)} and ${numeral(step.px)} px.`
          : `${other.name} and ${step.name} become one CSS property, --${cssNameOf(step.name)}, so that only one of ${numeral(other.px)} and ${numeral(step.px)} px arrives; give one another name.`;
      return [
        {
          breakpoint: null,
          cell: null,
          about: { step: step.name },
          message: sameSize
            ? `${other.name} and ${step.name} are both ${numeral(step.px)} px; one of them says it all.`
            : clash,
          values: { first: other.name, second: step.name, px: exactText(step.px) },
          mends:
            sameSize && other.name !== step.name
              ? [{ label: `Remove ${step.name}`, changes: [{ removeStep: step.name }] }]
              : [],
        },
      ];
    });
  },
};
