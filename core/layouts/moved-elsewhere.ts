import { columnsAt } from '../columns/columns-at';
import { sameJson } from '../edits/same-json';
import { byWidth } from '../spec/ranges';
import type { Block, Breakpoint, Layout, Spec } from '../spec/schema';
import { isSameRange, keepingPlaces } from './keep-places';
import { type Place, placesOf } from './places';

/** A block that stands elsewhere than before at a breakpoint, though nobody placed it there. */
export type MovedBlock = { layout: Layout; breakpoint: Breakpoint; was: Place; is: Place };

/**
 * Which blocks a change moved at breakpoints at which it did not place them: those that follow what was changed. A block moved where it
 * stands over another share of the columns, or in another lane as seen from those around it, or is hidden or shown by it.
 *
 *     movedElsewhere(before, after)   // after 1–2 of the tablet was made 1–4: the button, at the desktop and at the wide screen
 */
export function movedElsewhere(before: Spec, after: Spec): MovedBlock[] {
  const isSameGrid = hasSameCounts(before, after);
  return after.layouts.flatMap((layout) => {
    const was = before.layouts.find(({ id }) => id === layout.id);
    if (!was || (isSameGrid && (was === layout || sameJson(was, layout)))) return [];
    const stayed = stayedTogether(was, layout);
    return byWidth(after.breakpoints).flatMap((breakpoint) => movedAt([before, was], [after, layout], breakpoint, stayed)); // prettier-ignore
  });
}

/** A spec in which blocks that a change moved elsewhere stand where they stood: that is given there. */
export function keptWhereTheyWere(spec: Spec, moved: readonly MovedBlock[]): Spec {
  return {
    ...spec,
    layouts: spec.layouts.map((layout) => {
      const own = moved.filter((each) => each.layout.id === layout.id);
      if (own.length === 0) return layout;
      return keepingPlaces(spec, layout, ({ id }) => {
        const here = own.filter(({ breakpoint }) => breakpoint.id === id);
        return new Map(here.map(({ was }) => [was.block.id, was]));
      });
    }),
  };
}

/** Do blocks follow by the same breakpoints, in the same order, with as many columns each? */
function hasSameCounts(before: Spec, after: Spec): boolean {
  const counts = (spec: Spec): string =>
    byWidth(spec.breakpoints)
      .map((each) => `${each.id} ${columnsAt(spec, each).count}`)
      .join();
  if (before.grids !== after.grids) return false;
  return before.breakpoints === after.breakpoints || counts(before) === counts(after);
}

/** The blocks of a layout that moved at a breakpoint without being placed there. */
function movedAt(
  [before, old]: [Spec, Layout],
  [after, layout]: [Spec, Layout],
  breakpoint: Breakpoint,
  stayed: readonly string[][],
): MovedBlock[] {
  const then = before.breakpoints.find(({ id }) => id === breakpoint.id);
  if (!then) return [];
  const [was, is] = [placesOf(before, old, then), placesOf(after, layout, breakpoint)];
  return stayed.flatMap((group) => {
    const ranks = [was, is].map((places) => ranksOf(group, places));
    return group.flatMap((id) => {
      const [from, to] = [was.get(id)!, is.get(id)!];
      const isLaneMoved = !isSameRange(ranks[0]!.get(id)!, ranks[1]!.get(id)!);
      return hasMoved(from, to, breakpoint.id, isLaneMoved) ? [{ layout, breakpoint, was: from, is: to }] : [];
    });
  });
}

/** Blocks that stand among each other before and after, in one section or card: what came or went moves none of the others. */
function stayedTogether(before: Layout, after: Layout): string[][] {
  const groupBefore = new Map(groupsOf(before).flatMap((group, index) => group.map((id) => [id, index])));
  return groupsOf(after).flatMap((group) => {
    const together = new Map<number, string[]>();
    for (const id of group) {
      const was = groupBefore.get(id);
      if (was !== undefined) together.set(was, [...(together.get(was) ?? []), id]);
    }
    return [...together.values()];
  });
}

/** The blocks that stand among each other, section by section and card by card. */
function groupsOf({ sections }: Layout): string[][] {
  const inside = (blocks: readonly Block[]): string[][] => [
    blocks.map(({ id }) => id),
    ...blocks.flatMap(({ holds }) => ('card' in holds ? inside(holds.card.blocks) : [])),
  ];
  return sections.flatMap(({ blocks }) => inside(blocks));
}

/** The lanes of blocks, counted among those in which one of them begins or ends. */
function ranksOf(ids: readonly string[], places: ReadonlyMap<string, Place>): Map<string, [number, number]> {
  const used = [...new Set(ids.flatMap((id) => places.get(id)!.lanes))].sort((a, b) => a - b);
  return new Map(
    ids.map((id) => {
      const [first, last] = places.get(id)!.lanes;
      return [id, [used.indexOf(first), used.indexOf(last)]];
    }),
  );
}

/** Does it stand elsewhere, by what nobody gave or took there? */
function hasMoved(was: Place, is: Place, breakpoint: string, isLaneMoved: boolean): boolean {
  const follows = (part: 'columns' | 'lanes' | 'hidden'): boolean =>
    [was, is].every(({ block }) => block.at[breakpoint]?.[part] === undefined);
  if (was.hidden !== is.hidden) return follows('hidden');
  // what is not seen does not move
  if (is.hidden) return false;
  return (follows('columns') && !isSameRange(shareOf(was), shareOf(is))) || (follows('lanes') && isLaneMoved);
}

/** The lines of a block, as shares of the columns. */
function shareOf({ columns: [first, last], count }: Place): [number, number] {
  return [(first - 1) / count, last / count];
}
