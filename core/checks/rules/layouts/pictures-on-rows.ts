import { counted } from '../../../length/present';
import { exactText, px } from '../../../length/px';
import { blockAddress } from '../../../layouts/edit-layout';
import type { Rule } from '../../rule';
import { figure } from '../../say';
import { perBlock, placementEdit } from './per-block';

/** A picture ends with a row, or is cropped to rows. */
export const picturesOnRows: Rule = {
  id: 'pictures-on-rows',
  version: 1,
  title: 'Pictures end with a row',
  asks: 'Does a picture’s height match whole rows, or is it cropped to them?',
  why: 'A picture that ends inside a row leaves an odd gap below it.',
  source: 'Common practice',
  weight: 'note',
  check: perBlock((block, at) => {
    const { holds, id } = block.placed.block;
    const { height } = block.placed;
    if (!('picture' in holds) || holds.cropped === true || typeof height !== 'object' || !('ratio' in height))
      return null;
    const rows = block.frame.holding(block.height);
    const whole = block.frame.stack(rows);
    if (whole.equals(block.height) || block.height.compare(0) <= 0) return null;
    // how far it goes into its last row
    const into = block.height.sub(block.frame.stack(rows).sub(block.frame.stack(1)));
    return {
      part: 'height',
      values: { height: exactText(block.height), rows: String(rows) },
      facts: { into: exactText(into), below: exactText(block.height.sub(block.frame.stack(Math.max(0, rows - 1)))) },
      mends: [
        {
          facts: { rows },
          edits: [
            placementEdit(at, block, 'height', { rows }),
            { at: [...blockAddress(at.layout, id), 'holds'], before: holds, after: { ...holds, cropped: true } },
          ],
        },
      ],
    };
  }),
  says: ({ name, height, into, below, rows }) => {
    const ends =
      px(into!).compare(0) > 0
        ? `${figure(into)} px into its row ${rows}`
        : `${figure(below)} px below its row ${Number(rows) - 1}, in the gap`;
    return `${name} is ${figure(height)} px high: it ends ${ends}.`;
  },
  offers: ({ rows }) => `Crop it to ${counted(Number(rows), 'row')}`,
};
