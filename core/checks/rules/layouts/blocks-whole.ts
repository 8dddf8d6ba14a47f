import { exactText, isWhole } from '../../../length/px';
import { columnsText } from '../../../layouts/placement-text';
import type { Rule } from '../../rule';
import { figure, lengthInWords } from '../../say';
import { ofBlock, perLayout } from './per-block';

const PARTS: Record<number, string> = { 2: 'a half', 3: 'a third', 4: 'a quarter' };

/** The blocks of a layout are whole px wide as it is drawn. */
export const blocksWhole: Rule = {
  id: 'blocks-whole',
  version: 1,
  title: 'Blocks are whole px wide',
  asks: 'Is every block on the page’s columns whole px wide at the design size?',
  why: 'Pictures are exported in whole px. A block of 377⅓ becomes 377 or 378 wide, depending on the browser.',
  source: 'Common practice',
  weight: 'weigh',
  check: perLayout((at) => {
    const onPage = at.solved.blocks.filter(
      ({ card, placed: { columns, leaves } }) =>
        card === null && leaves.length === 0 && columns.every(Number.isInteger),
    );
    const broken = onPage.filter(({ width }) => !isWhole(width));
    const [first] = broken;
    if (!first) return [];
    const { columns } = first.placed;
    const of = columns[1] - columns[0] + 1;
    const parts = first.tracks.count / of;
    return [
      ofBlock(at, first, {
        part: 'columns',
        values: { width: exactText(first.width), broken: String(broken.length) },
        facts: {
          columns: columnsText(columns),
          viewport: exactText(at.solved.width),
          ...(PARTS[parts]
            ? {
                part: PARTS[parts],
                into: parts,
                container: exactText(first.tracks.end(first.tracks.count).sub(first.tracks.start(1))),
              }
            : {}),
        },
      }),
    ];
  }),
  says: ({ name, columns, width, viewport, broken, part, container }) => {
    const more = Number(broken) - 1;
    const others =
      more === 0 ? '' : more === 1 ? '; one more is not whole either' : `; ${more} more are not whole either`;
    const of = part === undefined ? '' : `, ${part} of ${lengthInWords(container)}`;
    return `${name} on columns ${columns} is ${figure(width)} px wide at ${lengthInWords(viewport)}${of}${others}.`;
  },
};
