import type { Px } from '../length/px';
import { columnEdges, type SolvedColumns } from './columns-at';

/**
 * Where columns of two grids begin and end at exactly the same place: starts that are starts of the other's columns, and ends that are ends.
 *
 *     sharedEdges(main, article)   // { starts: [896], ends: [872] }
 */
export function sharedEdges(main: SolvedColumns, beside: SolvedColumns): { starts: Px[]; ends: Px[] } {
  const [theirs, own] = [columnEdges(main), columnEdges(beside)];
  const shared = (side: 0 | 1): Px[] =>
    own.map((edges) => edges[side]).filter((edge) => theirs.some((other) => other[side].equals(edge)));
  return { starts: shared(0), ends: shared(1) };
}
