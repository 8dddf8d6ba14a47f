import { columnsAt } from '../columns/columns-at';
import { mapLayouts } from '../spec/map-layouts';
import { byWidth } from '../spec/ranges';
import type { Breakpoint, Layout, Placement, Spec } from '../spec/schema';
import { sameShare } from './placements';

/**
 * Layouts of a spec from which a breakpoint is taken: what was given there is given at the next wider one, which had
 * followed it, in the same share of its columns; where there is none, it goes.
 */
export function withoutBreakpoint(spec: Spec, id: string): Layout[] {
  const sorted = byWidth(spec.breakpoints);
  const place = sorted.findIndex((breakpoint) => breakpoint.id === id);
  const [gone, wider] = [sorted[place]!, sorted[place + 1]];
  return mapLayouts(spec.layouts, {
    keyed: (record) => carried(record, id, wider?.id),
    block: (block, { at: before }) => {
      const own = wider && !before[wider.id]?.columns ? before[id]?.columns : undefined;
      if (!wider || !own) return block;
      const at = { ...block.at, [wider.id]: shared(block.at[wider.id]!, own, [gone, wider], spec) };
      return { ...block, at };
    },
  });
}

/** What stands under an id, under the next wider one, as far as that says nothing of its own. */
function carried<T>(record: Record<string, T>, id: string, wider: string | undefined): Record<string, T> {
  const { [id]: gone, ...others } = record;
  return gone === undefined || wider === undefined ? others : { ...others, [wider]: { ...gone, ...others[wider] } };
}

/** The same share of the wider one’s columns; where it does not come out, the columns follow, as they did. */
function shared(
  placement: Placement,
  own: [number, number],
  [gone, wider]: [Breakpoint, Breakpoint],
  spec: Spec,
): Placement {
  const columns = sameShare(own, columnsAt(spec, gone).count, columnsAt(spec, wider).count);
  if (columns) return { ...placement, columns };
  const { columns: _before, ...others } = placement;
  return others;
}
