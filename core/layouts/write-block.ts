import { mapped, type Parsed } from '../parsed';
import { LIMITS } from '../limits';
import type { Block, Holds, Leaving, Placement, Section, Spec } from '../spec/schema';
import type { Chosen } from './arrange';
import { placementsAt } from './placements';
import { placed, withBlocks, withLayout, withSection } from './edit-layout';
import { shortEnough } from './field-forms';
import { isWorded } from '../spec/block-kinds';

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

/** The words of a block that has some, as typed where they stand. */
export function writeWords(spec: Spec, layout: string, block: Block, text: string): Parsed<Spec> {
  const { id, holds } = block;
  if (!isWorded(holds)) return { problem: 'This block has no text.' };
  return mapped(shortEnough(text, LIMITS.words), (words) => withHolds(spec, layout, id, { ...holds, words }));
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

/** Blocks hidden at a breakpoint, or shown again; what is hidden takes no place. */
export function hide(spec: Spec, { layout, blocks, breakpoint }: Chosen, hidden: boolean): Spec {
  const asBefore = (block: Block): boolean => isHiddenBefore(spec, block, breakpoint) === hidden;
  return withLayout(spec, layout, (each) =>
    withBlocks(each, blocks, (block) => placed(block, breakpoint, { hidden: asBefore(block) ? undefined : hidden })),
  );
}

/** Would a block that says nothing at a breakpoint be hidden there? */
function isHiddenBefore(spec: Spec, block: Block, id: string): boolean {
  const breakpoint = spec.breakpoints.find((each) => each.id === id)!;
  const [without] = placementsAt(spec, [placed(block, id, { hidden: undefined })], breakpoint, () => 1);
  return without!.hidden;
}

/**
 * Blocks with both edges at the screen or at the margin, over all columns; null takes them back to their column lines. What is given for their edges there goes: it asks no reason.
 *
 *     bleed(spec, { layout: 'front', blocks: ['harbour'], breakpoint: 'phone' }, 'screen', 4)
 */
export function bleed(
  spec: Spec,
  { layout, blocks, breakpoint }: Chosen,
  to: NonNullable<Placement['bleeds']> | null,
  count: number,
): Spec {
  const change = to
    ? { bleeds: to, leaves: undefined, columns: [1, count] as [number, number] }
    : { bleeds: undefined, leaves: [] };
  return withLayout(spec, layout, (each) => withBlocks(each, blocks, (block) => placed(block, breakpoint, change)));
}

/** A section with a ground behind it; undefined takes it away. */
export function withGround(spec: Spec, layout: string, id: string, ground: Section['ground']): Spec {
  return withLayout(spec, layout, (each) =>
    withSection(each, id, ({ ground: _before, ...section }) => (ground ? { ...section, ground } : section)),
  );
}
