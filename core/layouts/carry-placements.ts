import { mapLayouts } from '../spec/map-layouts';
import { byWidth } from '../spec/ranges';
import type { Layout, Spec } from '../spec/schema';
import { keepingPlaces } from './keep-places';
import { placesOf } from './places';

/**
 * Layouts of a spec from which a breakpoint is taken: what was given there is given at the next wider one, and every block
 * stands at all others where it stood. Where there is no wider one, what was given there goes.
 *
 * @param after the spec without the breakpoint
 */
export function withoutBreakpoint(before: Spec, after: Spec, id: string): Layout[] {
  const sorted = byWidth(before.breakpoints);
  const wider = sorted[sorted.findIndex((breakpoint) => breakpoint.id === id) + 1];
  const carried = mapLayouts(before.layouts, {
    keyed: (record) => without(record, id, wider?.id),
    // columns and lanes are of what is gone; where they follow on, they are given below
    block: (block, { at: was }) => {
      if (!wider || !block.at[wider.id]) return block;
      const { columns: _columns, lanes: _lanes, ...others } = block.at[wider.id]!;
      const { columns, lanes } = was[wider.id] ?? {};
      const own = { ...others, ...(columns && { columns }), ...(lanes && { lanes }) };
      const { [wider.id]: _own, ...at } = block.at;
      return { ...block, at: Object.keys(own).length === 0 ? at : { ...at, [wider.id]: own } };
    },
  });
  return carried.map((layout, index) =>
    keepingPlaces(after, layout, (breakpoint) => {
      const same = before.breakpoints.find((each) => each.id === breakpoint.id);
      return same && placesOf(before, before.layouts[index]!, same);
    }),
  );
}

/** What stands under an id, under the next wider one, as far as that says nothing of its own. */
function without<T>(record: Record<string, T>, id: string, wider: string | undefined): Record<string, T> {
  const { [id]: gone, ...others } = record;
  return gone === undefined || wider === undefined ? others : { ...others, [wider]: { ...gone, ...others[wider] } };
}
