import Fraction from 'fraction.js';
import { applyEdits } from '../edits/apply-edits';
import { addressText } from '../edits/edit';
import { lengthText } from '../length/length';
import { lengthOf, parseLengthValue } from '../length/length-value';
import type { Parsed } from '../parsed';
import { numeral } from '../length/present';
import { exactText, greatest, HALF, px, ZERO } from '../length/px';
import { toPx } from '../length/resolve';
import { addressOf, type QuantityId, quantityOf } from '../quantities/registry';
import { writeQuantity } from '../quantities/write-quantity';
import { givenLengths } from '../spacing/given-lengths';
import { stepsOf } from '../spacing/scale';
import { screenOf } from '../spec/ranges';
import type { Spec } from '../spec/schema';

/**
 * One step up or down with the arrow keys: lengths by the base unit (or half of it), counts and lines by one, percentages by one,
 * choices to the next one. What follows, or is no single number, stays as it is.
 *
 *     stepCell(spec, 'desktop', 'gutter', 1, false)   // 24 → 32 on a base of 8
 *     stepCell(spec, 'desktop', 'gutter', 1, false)   // 1rem → 13/9rem, 26 px, on a base of 8 and a root of 18
 */
export function stepCell(
  spec: Spec,
  breakpointId: string,
  id: QuantityId,
  direction: 1 | -1,
  half: boolean,
): Parsed<Spec> {
  const breakpoint = spec.breakpoints.find((candidate) => candidate.id === breakpointId);
  if (!breakpoint) return { problem: 'This breakpoint is no longer in the sheet.' };
  const quantity = quantityOf(id);
  if (quantity.kind === 'words') return { problem: 'Text can’t be stepped. Enter it instead.' };
  const { text, follows, idle } = quantity.read(spec, breakpoint);
  if (idle) return { problem: 'This doesn’t apply to the current row rule.' };
  const write = (typed: string): Parsed<Spec> => writeQuantity(spec, quantity, breakpointId, typed);
  if (quantity.choices) {
    const next = quantity.choices[quantity.choices.indexOf(text) + direction];
    return next ? write(next) : { value: spec };
  }
  if (follows) return { problem: 'This is auto. Enter a value to set it.' };
  const whole = /^(\d+)( lines?)?$/.exec(text);
  if (whole && (quantity.kind === 'count' || whole[2])) return write(String(Number(whole[1]) + direction));
  const screen = screenOf(spec, breakpoint);
  const base = toPx(lengthOf(spec.spacing.base), screen)
    .mul(half ? HALF : px(1))
    .mul(direction);
  const [, before, number, after] = /^(up to )?([\d./]+[a-z]*)( %.*|%| × .*)?$/.exec(text) ?? [];
  if (number === undefined) return { problem: 'Only single numbers can be stepped. Enter the new value.' };
  const { amount, unit } = lengthOf(parseLengthValue(number).value ?? '0');
  const isShare = unit === '%' || after?.includes('%') === true;
  const step =
    isShare || unit === 'vw'
      ? new Fraction(direction).mul(half ? HALF : px(1))
      : base.div(toPx({ amount: new Fraction(1), unit }, screen));
  const next = lengthText({ amount: greatest(amount.add(step), ZERO), unit }).replace(/px$/, '');
  return write(`${before ?? ''}${next}${after ?? ''}`);
}

/**
 * To the next named step of the spacing scale, up or down.
 *
 *     stepToNamed(spec, 'desktop', 'gutter', 1)   // 24 → 32, if the scale names 24 and 32 and nothing between
 */
export function stepToNamed(spec: Spec, breakpointId: string, id: QuantityId, direction: 1 | -1): Parsed<Spec> {
  const breakpoint = spec.breakpoints.find((candidate) => candidate.id === breakpointId);
  if (!breakpoint) return { problem: 'This breakpoint is no longer in the sheet.' };
  const place = addressText(addressOf(breakpoint, id));
  const given = givenLengths(spec, breakpoint).find(({ at }) => addressText(at) === place);
  if (!given) return { problem: 'Only a length that’s set can move to a spacing step.' };
  const steps = stepsOf(spec);
  const next =
    direction === 1
      ? steps.find((step) => step.px.compare(given.px) > 0)
      : steps.findLast((step) => step.px.compare(given.px) < 0);
  if (!next)
    return { problem: `The scale has no step ${direction === 1 ? 'above' : 'below'} ${numeral(given.px)} px.` };
  return applyEdits(spec, [given.put(`${exactText(next.px)}px`)]);
}
