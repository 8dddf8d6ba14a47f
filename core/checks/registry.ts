import type { Rule } from './rule';
import { baseMultiple } from './rules/base-multiple';
import { breakpointsDiffer } from './rules/breakpoints-differ';
import { breakpointsInOrder } from './rules/breakpoints-in-order';
import { columnWhole } from './rules/column-whole';
import { columnsHoldTarget } from './rules/columns-hold-target';
import { containerIsSum } from './rules/container-is-sum';
import { containerOverflows } from './rules/container-overflows';
import { contentGrows } from './rules/content-grows';
import { countsShareDivisor } from './rules/counts-share-divisor';
import { drawnForReflow } from './rules/drawn-for-reflow';
import { forgottenHalfGutter } from './rules/forgotten-half-gutter';
import { gutterWithinMargin } from './rules/gutter-within-margin';
import { guttersFit } from './rules/gutters-fit';
import { halfPixelMargins } from './rules/half-pixel-margins';
import { partsWhole } from './rules/parts-whole';
import { phoneMargin } from './rules/phone-margin';
import { referenceInRange } from './rules/reference-in-range';
import { roundingMovesContainer } from './rules/rounding-moves-container';
import { spaceShrinksWithScreen } from './rules/space-shrinks-with-screen';
import { sumComesOut } from './rules/sum-comes-out';

/** Every rule that a spec is held against. */
export const RULES: readonly Rule[] = [
  sumComesOut,
  containerIsSum,
  guttersFit,
  containerOverflows,
  breakpointsInOrder,
  referenceInRange,
  columnWhole,
  partsWhole,
  halfPixelMargins,
  roundingMovesContainer,
  baseMultiple,
  forgottenHalfGutter,
  gutterWithinMargin,
  phoneMargin,
  spaceShrinksWithScreen,
  contentGrows,
  countsShareDivisor,
  columnsHoldTarget,
  drawnForReflow,
  breakpointsDiffer,
];
