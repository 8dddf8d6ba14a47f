import { charactersPerLine } from '../../../type/characters';
import { exactText } from '../../../length/px';
import type { Rule } from '../../rule';
import { figure } from '../../say';
import { READABLE_LINES, whyUnreadable } from '../line-length';
import { perBlock, placementEdit } from './per-block';

const ID = 'lines-in-blocks';

/** Text to read is set in blocks of a good width. */
export const linesInBlocks: Rule = {
  id: ID,
  version: 1,
  title: 'Text blocks hold 30 to 80 characters a line',
  asks: 'Does a line of body text in its block hold at least 30 and at most 80 characters?',
  ...READABLE_LINES,
  check: perBlock((block, at) => {
    const { holds } = block.placed.block;
    if (!('text' in holds) || !block.placed.given) return null;
    const { spec, text, threshold } = at.checked;
    const style = spec.type.find(({ name }) => name === holds.text);
    if (style?.role !== 'body') return null;
    const { size } = text(style, at.breakpoint);
    const inWidth = (width: typeof size): number => charactersPerLine(style.font, size, width).valueOf();
    const [least, most] = [threshold(ID, 'least'), threshold(ID, 'most')];
    const characters = inWidth(block.width);
    if (characters >= least && characters <= most) return null;
    const [first] = block.placed.columns;
    const start = Math.ceil(first);
    const fitting = Array.from({ length: block.tracks.count - start + 1 }, (_, index) => start + index).filter(
      (last) => {
        const wide = inWidth(block.tracks.end(last).sub(block.tracks.start(start)));
        return wide >= least && wide <= most;
      },
    );
    const last = characters > most ? fitting.at(-1) : fitting[0];
    return {
      part: 'columns',
      values: { width: exactText(block.width), size: exactText(size) },
      facts: { characters: Math.round(characters), ...(characters > most ? { most } : { least }) },
      mends:
        last === undefined
          ? []
          : [{ facts: { columns: `${start}–${last}` }, edits: [placementEdit(at, block, 'columns', [start, last])] }],
    };
  }),
  says: ({ name, characters, width, ...bounds }) =>
    `${name} is ${figure(width)} px wide and has about ${characters} characters in a line; ${whyUnreadable(bounds)}.`,
  offers: ({ columns }) => `Put it on columns ${columns}`,
};
