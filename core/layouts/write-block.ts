import { lengthOf, parseLengthValue } from '../length/length-value';
import { changesWithScreen } from '../length/units';
import { mapped, type Parsed } from '../parsed';
import { LIMITS } from '../limits';
import type { Block, CardGrid, Holds, Leaving, Spec } from '../spec/schema';
import type { Chosen } from './arrange';
import { addSection, blockOf, placed, withBlocks, withLayout, withSection } from './edit-layout';
import { heightOfText } from './placement-text';

/** What a person types and chooses for blocks, sections and layouts. */

const named = (text: string, thing: string): Parsed<string> => {
  const name = text.trim();
  if (name === '') return { problem: `A ${thing} needs a name.` };
  return name.length > LIMITS.breakpointName
    ? { problem: `This name has ${name.length} characters; the maximum is ${LIMITS.breakpointName}.` }
    : { value: name };
};

export function nameLayout(spec: Spec, id: string, text: string): Parsed<Spec> {
  return mapped(named(text, 'layout'), (name) => withLayout(spec, id, (layout) => ({ ...layout, name })));
}

export function nameSection(spec: Spec, layout: string, id: string, text: string): Parsed<Spec> {
  return mapped(named(text, 'section'), (name) =>
    withLayout(spec, layout, (each) => withSection(each, id, (section) => ({ ...section, name }))),
  );
}

export function nameBlock(spec: Spec, layout: string, id: string, text: string): Parsed<Spec> {
  return mapped(named(text, 'block'), (name) => withBlock(spec, layout, id, (block) => ({ ...block, name })));
}

/** A spec with one block of a layout changed. */
function withBlock(spec: Spec, layout: string, id: string, change: (block: Block) => Block): Spec {
  return withLayout(spec, layout, (each) => withBlocks(each, [id], change));
}

/** What a block holds, from now on. */
export function withHolds(spec: Spec, layout: string, id: string, holds: Holds): Spec {
  return withBlock(spec, layout, id, (block) => ({ ...block, holds }));
}

export function writeWords(spec: Spec, layout: string, block: Block, text: string): Parsed<Spec> {
  if (!('text' in block.holds)) return { problem: 'This block has no text.' };
  if (text.length > LIMITS.words)
    return { problem: `These are ${text.length} characters; the maximum is ${LIMITS.words}.` };
  return { value: withHolds(spec, layout, block.id, { ...block.holds, words: text.trim() }) };
}

/** A picture’s ratio, width to height: `16/9`. */
export function writeRatio(spec: Spec, layout: string, block: Block, text: string): Parsed<Spec> {
  if (!('picture' in block.holds)) return { problem: 'This block has no picture.' };
  const height = heightOfText(text).value;
  if (!height || typeof height === 'string' || !('ratio' in height))
    return { problem: 'Enter a ratio as width / height, such as 16/9.' };
  return { value: withHolds(spec, layout, block.id, { ...block.holds, picture: height.ratio }) };
}

/** A card with something of its grid changed. */
export function withCard(spec: Spec, layout: string, block: Block, change: Partial<CardGrid>): Spec {
  return 'card' in block.holds ? withHolds(spec, layout, block.id, { card: { ...block.holds.card, ...change } }) : spec;
}

/** A length in a card: it does not change with the screen. */
export function cardLength(text: string): Parsed<string> {
  const parsed = parseLengthValue(text);
  if (parsed.value === undefined) return { problem: parsed.problem! };
  const length = lengthOf(parsed.value);
  if (changesWithScreen(length.unit)) return { problem: 'Enter a length in px or rem, such as 16.' };
  return typeof parsed.value === 'string'
    ? { value: parsed.value }
    : { value: `${length.amount.toString()}${length.unit}` };
}

/** A card on columns of its own, `3, 16` (their count and gutter), or on the `page`’s. */
export function writeCardColumns(spec: Spec, layout: string, block: Block, text: string): Parsed<Spec> {
  const typed = text.trim().toLowerCase();
  if (typed === 'page' || typed === '') return { value: withCard(spec, layout, block, { columns: 'page' }) };
  const [, count, gutter] = /^(\d{1,2})(?:\s*(?:columns?)?\s*[,;]\s*(?:gutter\s*)?(.+))?$/.exec(typed) ?? [];
  if (!count || Number(count) < 1 || Number(count) > LIMITS.columns)
    return { problem: `Enter page, or a count and gutter, such as 3, 16, with up to ${LIMITS.columns} columns.` };
  return mapped(cardLength(gutter ?? '16'), (length) =>
    withCard(spec, layout, block, { columns: { count: Number(count), gutter: length } }),
  );
}

/** A card’s own baseline: its step, such as `4`; `page` takes the page’s rows. */
export function writeCardBaseline(spec: Spec, layout: string, block: Block, text: string): Parsed<Spec> {
  const typed = text.trim().toLowerCase();
  if (typed === 'page' || typed === '') return { value: withCard(spec, layout, block, { baseline: undefined }) };
  return mapped(cardLength(typed), (step) => withCard(spec, layout, block, { baseline: { step, offset: '0px' } }));
}

/**
 * An edge that is meant to be off its line, with the reason; null takes the mark away.
 *
 *     leave(spec, chosen, 'end', { to: 'screen', reason: 'The quay runs out of the picture.' })
 */
export function leave(
  spec: Spec,
  { layout, blocks, breakpoint }: Chosen,
  side: Leaving['side'],
  how: Pick<Leaving, 'to' | 'reason'> | null,
): Parsed<Spec> {
  if (how && how.reason.trim() === '')
    return { problem: 'Enter the reason this edge breaks the grid. Developers will read it.' };
  if (how && how.reason.length > LIMITS.reason)
    return { problem: `This reason has ${how.reason.length} characters; the maximum is ${LIMITS.reason}.` };
  return {
    value: withLayout(spec, layout, (each) =>
      withBlocks(each, blocks, (block) => {
        const others = (block.at[breakpoint]?.leaves ?? []).filter((leaving) => leaving.side !== side);
        const leaves = how ? [...others, { side, to: how.to, reason: how.reason.trim() }] : others;
        return placed(block, breakpoint, { leaves });
      }),
    ),
  };
}

/** Says that a block lies over another on purpose, and why. */
export function layOver(spec: Spec, { layout, blocks, breakpoint }: Chosen, reason: string): Parsed<Spec> {
  if (reason.trim() === '') return { problem: 'Enter the reason it overlaps another block.' };
  return {
    value: withLayout(spec, layout, (each) =>
      withBlocks(each, blocks, (block) => placed(block, breakpoint, { over: reason.trim() })),
    ),
  };
}

/** A section more, with its id. */
export function newSection(spec: Spec, layout: string): Parsed<{ spec: Spec; id: string }> {
  const now = spec.layouts.find(({ id }) => id === layout);
  if (!now) return { problem: 'This layout no longer exists.' };
  if (now.sections.length >= LIMITS.sections)
    return { problem: `A layout can have up to ${LIMITS.sections} sections. Remove one first.` };
  const added = addSection(now, 'Section');
  return { value: { spec: withLayout(spec, layout, () => added.layout), id: added.id } };
}

/** A block earlier or later among those of its section or card. */
export function reordered(spec: Spec, layout: string, id: string, by: 1 | -1): Spec {
  const moved = (blocks: Block[]): Block[] => {
    const from = blocks.findIndex((block) => block.id === id);
    const to = from + by;
    if (from < 0 || to < 0 || to >= blocks.length) return blocks;
    const next = [...blocks];
    [next[from], next[to]] = [next[to]!, next[from]!];
    return next;
  };
  return withLayout(spec, layout, (each) => {
    const card = blockOf(each, id)?.card;
    if (card && 'card' in card.holds) {
      const grid = card.holds.card;
      return withBlocks(each, [card.id], (block) => ({
        ...block,
        holds: { card: { ...grid, blocks: moved(grid.blocks) } },
      }));
    }
    return { ...each, sections: each.sections.map((section) => ({ ...section, blocks: moved(section.blocks) })) };
  });
}
