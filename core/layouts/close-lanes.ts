import { byWidth } from '../spec/ranges';
import type { Block, Breakpoint, Layout, SectionSpace, Spec } from '../spec/schema';
import { placed, withLayout } from './edit-layout';
import { lanesBetween, rowsAfter, spaceAt } from './placements';
import { type Place, placesOf } from './places';

/** Blocks that stand among each other, in a section or a card, with their white space. */
type Group = { blocks: Block[]; space: Record<string, SectionSpace> };

/**
 * A spec in which lanes close that a change of a layout has emptied, at every breakpoint, in sections and in cards; each lane keeps the white space above it. A lane in which nothing stood
 * before stays.
 *
 * @param after the spec with the layout changed
 */
export function closingLanes(before: Spec, after: Spec, id: string): Spec {
  const [was, is] = [before, after].map(({ layouts }) => layouts.find((layout) => layout.id === id));
  if (!was || !is) return after;
  const groups = groupsOf(was);
  const closed = byWidth(after.breakpoints).reduce((layout, breakpoint) => {
    const [then, now] = [placesOf(before, was, breakpoint), placesOf(after, layout, breakpoint)];
    return inGroups(layout, (group, key) => {
      const old = groups.get(key) ?? [];
      return closedGroup(after, group, breakpoint, emptied(old, then, group.blocks, now), now);
    });
  }, is);
  return closed === is ? after : withLayout(after, id, () => closed);
}

type Places = ReadonlyMap<string, Place>;

/** The lanes in which something stood, and nothing does any more; up to the last that is used. */
function emptied(old: readonly Block[], then: Places, blocks: readonly Block[], now: Places): Set<number> {
  const used = lanesIn(blocks, now);
  const last = Math.max(0, ...used);
  return new Set([...lanesIn(old, then)].filter((lane) => lane < last && !used.has(lane)));
}

function lanesIn(blocks: readonly Block[], places: Places): Set<number> {
  return new Set(blocks.flatMap(({ id }) => lanesBetween(places.get(id)!.lanes)));
}

function closedGroup(
  spec: Spec,
  group: Group,
  breakpoint: Breakpoint,
  gone: ReadonlySet<number>,
  places: Places,
): Group {
  if (gone.size === 0) return group;
  const { id } = breakpoint;
  const numberOf = (lane: number): number => lane - [...gone].filter((each) => each < lane).length;
  const space = spaceAt(spec, group.space, breakpoint);
  const last = Math.max(...lanesIn(group.blocks, places));
  const kept = Array.from({ length: last }, (_, index) => index + 1).filter((lane) => !gone.has(lane));
  const between = kept.slice(1).map((lane) => rowsAfter(space, lane - 2));
  const isSame = between.every((rows, lane) => rows === rowsAfter(space, lane));
  return {
    space: isSame ? group.space : { ...group.space, [id]: { ...group.space[id], between } },
    blocks: group.blocks.map((block) => {
      const { lanes } = places.get(block.id)!;
      return placed(block, id, { lanes: [numberOf(lanes[0]), numberOf(lanes[1])] });
    }),
  };
}

/** The blocks of every section and card, by its kind and id. */
function groupsOf(layout: Layout): Map<string, Block[]> {
  const groups = new Map<string, Block[]>();
  inGroups(layout, (group, key) => {
    groups.set(key, group.blocks);
    return group;
  });
  return groups;
}

/** A layout with each of its groups changed, those in cards first. */
function inGroups(layout: Layout, change: (group: Group, key: string) => Group): Layout {
  const inCards = (blocks: Block[]): Block[] => {
    const next = blocks.map((block): Block => {
      if (!('card' in block.holds)) return block;
      const { card } = block.holds;
      const own = changed(card, `card ${block.id}`);
      return own.blocks === card.blocks && own.space === card.space
        ? block
        : { ...block, holds: { card: { ...card, ...own } } };
    });
    return next.every((block, index) => block === blocks[index]) ? blocks : next;
  };
  const changed = ({ blocks, space }: Group, key: string): Group => change({ blocks: inCards(blocks), space }, key);
  const sections = layout.sections.map((section) => {
    const own = changed(section, `section ${section.id}`);
    return own.blocks === section.blocks && own.space === section.space ? section : { ...section, ...own };
  });
  return sections.every((section, index) => section === layout.sections[index]) ? layout : { ...layout, sections };
}
