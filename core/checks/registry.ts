import type { Rule } from './rule';
import { baseMultiple } from './rules/base-multiple';
import { bodyLineHeight } from './rules/body-line-height';
import { breakpointsDiffer } from './rules/breakpoints-differ';
import { breakpointsInOrder } from './rules/breakpoints-in-order';
import { columnWhole } from './rules/column-whole';
import { columnsHoldTarget } from './rules/columns-hold-target';
import { contentBetweenBars } from './rules/content-between-bars';
import { panelsLeaveRoom } from './rules/panels-leave-room';
import { containerIsSum } from './rules/container-is-sum';
import { containerOverflows } from './rules/container-overflows';
import { contentGrows } from './rules/content-grows';
import { countsShareDivisor } from './rules/counts-share-divisor';
import { dividedRowsFit } from './rules/divided-rows-fit';
import { dividedRowsSqueezed } from './rules/divided-rows-squeezed';
import { dividedRowsWhole } from './rules/divided-rows-whole';
import { drawnForReflow } from './rules/drawn-for-reflow';
import { forgottenHalfGutter } from './rules/forgotten-half-gutter';
import { gutterWithinMargin } from './rules/gutter-within-margin';
import { guttersFit } from './rules/gutters-fit';
import { halfPixelMargins } from './rules/half-pixel-margins';
import { blocksApart } from './rules/layouts/blocks-apart';
import { blocksWhole } from './rules/layouts/blocks-whole';
import { edgesOnColumns } from './rules/layouts/edges-on-columns';
import { gapsAlike } from './rules/layouts/gaps-alike';
import { leavesTheGrid } from './rules/layouts/leaves-the-grid';
import { linesInBlocks } from './rules/layouts/lines-in-blocks';
import { pastLastColumn } from './rules/layouts/past-last-column';
import { picturesOnRows } from './rules/layouts/pictures-on-rows';
import { readingOrder } from './rules/layouts/reading-order';
import { leadingOnBaseline } from './rules/leading-on-baseline';
import { lineLength } from './rules/line-length';
import { namesDiffer } from './rules/names-differ';
import { partsWhole } from './rules/parts-whole';
import { phoneMargin } from './rules/phone-margin';
import { referenceInRange } from './rules/reference-in-range';
import { roundingMovesContainer } from './rules/rounding-moves-container';
import { rowsOnBaseline } from './rules/rows-on-baseline';
import { spaceShrinksWithScreen } from './rules/space-shrinks-with-screen';
import { spacesOnScale } from './rules/spaces-on-scale';
import { stepsDiffer } from './rules/steps-differ';
import { stepsUsed } from './rules/steps-used';
import { sumBelowZero } from './rules/sum-below-zero';
import { sumComesOut } from './rules/sum-comes-out';
import { textOnBaseline } from './rules/text-on-baseline';
import { typeShrinks } from './rules/type-shrinks';

/** Every rule that a spec is held against. */
export const RULES: readonly Rule[] = [
  sumComesOut,
  sumBelowZero,
  containerIsSum,
  guttersFit,
  containerOverflows,
  breakpointsInOrder,
  namesDiffer,
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
  panelsLeaveRoom,
  contentBetweenBars,
  breakpointsDiffer,
  rowsOnBaseline,
  dividedRowsFit,
  dividedRowsWhole,
  dividedRowsSqueezed,
  leadingOnBaseline,
  textOnBaseline,
  bodyLineHeight,
  lineLength,
  typeShrinks,
  stepsDiffer,
  stepsUsed,
  spacesOnScale,
  edgesOnColumns,
  pastLastColumn,
  blocksApart,
  gapsAlike,
  linesInBlocks,
  picturesOnRows,
  blocksWhole,
  leavesTheGrid,
  readingOrder,
];
