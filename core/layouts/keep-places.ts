import { byWidth } from '../spec/ranges';
import type { Breakpoint, Layout, Placement, Spec } from '../spec/schema';
import { placed, withBlocks } from './edit-layout';
import { type Place, placesOf } from './places';

/**
 * A layout in which every block stands where it is wanted: what would come out otherwise is given, at the narrowest
 * breakpoint at which it would. A block or breakpoint of which nothing is wanted stays as it is.
 *
 * @param wanted the places of the blocks at a breakpoint, by their ids
 */
export function keepingPlaces(
  spec: Spec,
  layout: Layout,
  wanted: (breakpoint: Breakpoint) => ReadonlyMap<string, Place> | undefined,
): Layout {
  let kept = layout;
  for (const breakpoint of byWidth(spec.breakpoints)) {
    const places = wanted(breakpoint);
    // what is given for one may move those beside it
    for (let before: Layout | null = null; places && kept !== before;) {
      before = kept;
      kept = given(kept, breakpoint.id, missing(places, placesOf(spec, kept, breakpoint)));
    }
  }
  return kept;
}

type Given = Pick<Placement, 'columns' | 'lanes' | 'hidden'>;

/** What has to be given so that blocks stand where they are wanted. */
function missing(wanted: ReadonlyMap<string, Place>, now: ReadonlyMap<string, Place>): Map<string, Given> {
  const found = new Map<string, Given>();
  for (const [id, { columns, lanes, hidden }] of wanted) {
    const is = now.get(id);
    if (!is) continue;
    const own: Given = {
      ...(isSameRange(columns, is.columns) ? {} : { columns: [...columns] }),
      ...(isSameRange(lanes, is.lanes) ? {} : { lanes: [...lanes] }),
      ...(hidden === is.hidden ? {} : { hidden }),
    };
    if (Object.keys(own).length > 0) found.set(id, own);
  }
  return found;
}

/** Are two pairs of columns, or of lanes, the same? */
export function isSameRange(one: readonly [number, number], other: readonly [number, number]): boolean {
  return one[0] === other[0] && one[1] === other[1];
}

function given(layout: Layout, breakpoint: string, parts: ReadonlyMap<string, Given>): Layout {
  if (parts.size === 0) return layout;
  return withBlocks(layout, [...parts.keys()], (block) => placed(block, breakpoint, parts.get(block.id)!));
}
