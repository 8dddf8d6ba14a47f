import type { Rule } from './rule';
import { baseMultiple } from './rules/base-multiple';
import { breakpointsInOrder } from './rules/breakpoints-in-order';
import { columnWhole } from './rules/column-whole';
import { containerOverflows } from './rules/container-overflows';
import { contentGrows } from './rules/content-grows';
import { guttersFit } from './rules/gutters-fit';
import { phoneMargin } from './rules/phone-margin';
import { referenceInRange } from './rules/reference-in-range';
import { sumComesOut } from './rules/sum-comes-out';

/** Every rule that a spec is held against. */
export const RULES: readonly Rule[] = [
  sumComesOut,
  guttersFit,
  containerOverflows,
  breakpointsInOrder,
  referenceInRange,
  columnWhole,
  baseMultiple,
  phoneMargin,
  contentGrows,
];
