import type { SolvedColumns } from '../../../../core/columns/columns-at';
import { placedPicture } from '../../../../core/picture/placed-picture';
import type { Picture } from './kept-picture';

/** Where a picture ends on the page, in whole px. */
export function footOf({ width, height, placement }: Picture, { viewport }: SolvedColumns): number {
  const { factor, down } = placedPicture(width, viewport, placement);
  return Math.min(100_000, factor.mul(height).add(down).ceil().valueOf());
}
