import { editsBetween } from '../../../edits/edits-between';
import { readAfter, readTooEarly } from '../../../layouts/reading-order';
import { byWidth } from '../../../spec/ranges';
import type { Rule } from '../../rule';
import { ofBlock, perLayout } from './per-block';

/** Blocks are read in the order in which they are seen. */
export const readingOrder: Rule = {
  id: 'reading-order',
  version: 1,
  title: 'Blocks are read in the order they’re seen',
  asks: 'Does every block come before those in the lanes below it, in the order of the document?',
  why: 'Screen readers and the Tab key go by the document. Where the page shows another order, people lose their place.',
  source: 'WCAG 2.2, 1.3.2 Meaningful Sequence and 2.4.3 Focus Order',
  weight: 'weigh',
  check: perLayout((at) => {
    const { checked, layout, breakpoint, solved } = at;
    const narrowest = byWidth(checked.spec.breakpoints)[0]!.id === breakpoint.id;
    return (
      readTooEarly(solved.blocks)
        // where both follow, it is said where they were given
        .filter((pair) => narrowest || pair.some(({ placed }) => placed.block.at[breakpoint.id]?.lanes !== undefined))
        .map(([block, other]) =>
          ofBlock(at, block, {
            part: 'lanes',
            values: { under: other.id },
            facts: { other: other.placed.block.name },
            mends: [
              {
                facts: { other: other.placed.block.name },
                edits: editsBetween(checked.spec, readAfter(checked.spec, layout.id, block.id, other.id)),
              },
            ],
          }),
        )
    );
  }),
  says: ({ name, other }) => `${name} is read before ${other}, but is seen below it.`,
  offers: ({ other }) => `Read it after ${other}`,
};
