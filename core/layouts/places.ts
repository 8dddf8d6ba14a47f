import type { Block, Breakpoint, CardGrid, Layout, Spec } from '../spec/schema';
import { countsOfSection } from './section-grid';
import { type Around, columnsUnder, type CountAt, countsInCard, type Placed, placementsAt } from './placements';

/** Where a block stands across a page as it is drawn: over columns of so many, and in which lanes. */
export type Place = Pick<Placed, 'block' | 'columns' | 'lanes' | 'given' | 'hidden'> & { count: number };

/** How blocks are placed, and how many columns the cards among them have. */
export type PlacingLaw = {
  placementsAt: typeof placementsAt;
  countsInCard: (
    card: CardGrid,
    placed: Placed,
    around: Around & { siblings: readonly Block[] },
    count: number,
  ) => CountAt;
};

const LAW: PlacingLaw = { placementsAt, countsInCard };

/**
 * The places of every block of a layout at a breakpoint’s design width, by their ids, those in cards too.
 *
 *     placesOf(spec, front, desktop).get('button')   // { columns: [1, 3], lanes: [2, 2], count: 12, given: false, … }
 */
export function placesOf(
  spec: Spec,
  layout: Layout,
  breakpoint: Breakpoint,
  law: PlacingLaw = LAW,
): Map<string, Place> {
  const places = new Map<string, Place>();
  const walk = (blocks: readonly Block[], countAt: CountAt): void => {
    const count = countAt(breakpoint);
    for (const placed of law.placementsAt(spec, blocks, breakpoint, countAt)) {
      const { block, columns, lanes, given, hidden } = placed;
      places.set(block.id, { block, columns, lanes, given, hidden, count });
      if (!('card' in block.holds)) continue;
      const { card } = block.holds;
      const own = card.columns === 'page' ? columnsUnder(columns) : card.columns.count;
      walk(card.blocks, law.countsInCard(card, placed, { spec, breakpoint, countAt, siblings: blocks }, own));
    }
  };
  for (const section of layout.sections) walk(section.blocks, countsOfSection(spec, section));
  return places;
}
