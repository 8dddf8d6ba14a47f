import { applyEdits } from '../edits/apply-edits';
import { addressText, type Edit } from '../edits/edit';
import { byWidth } from '../spec/ranges';
import type { Spec } from '../spec/schema';
import type { Finding, Mend } from './rule';
import { findingsOf, WEIGHT_ORDER } from './run';

/**
 * The mends of a finding after which it is gone, and no other of the same weight, or a heavier one, is there instead. They are
 * tried on what they touch: their breakpoints with the neighbours of these, and their layouts.
 *
 *     lastingMends(spec, finding)   // not "Leave 6 below", where spaces are multiples of 8
 */
export function lastingMends(spec: Spec, finding: Finding): Mend[] {
  return finding.mends.filter(({ edits }) => {
    const part = touchedBy(spec, edits);
    const mended = applyEdits(part, edits).value;
    if (!mended) return false;
    const before = new Set(findingsOf(part).map(sameness));
    const found = findingsOf(mended);
    const isGone = !found.some((each) => sameness(each) === sameness(finding));
    const isOther = (each: Finding): boolean =>
      WEIGHT_ORDER[each.weight] <= WEIGHT_ORDER[finding.weight] && !before.has(sameness(each));
    return isGone && !found.some(isOther);
  });
}

/** A finding whatever its numbers. */
export function sameness({ rule, breakpoint, subject }: Finding): string {
  return [rule, breakpoint, ...subject.slice(0, 1).map(addressText)].join(' ');
}

/** As much of a spec as edits can change the findings of. */
function touchedBy(spec: Spec, edits: readonly Edit[]): Spec {
  const touched = (list: string): Set<string | undefined> =>
    new Set(edits.filter(({ at }) => at[0] === list).map(({ at: [, id] }) => id));
  const layouts = spec.layouts.filter(({ id }) => touched('layouts').has(id));
  const own = touched('breakpoints');
  const sorted = byWidth(spec.breakpoints);
  const isWhole = edits.some(({ at }) => at[0] !== 'breakpoints' || !sorted.some(({ id }) => id === at[1]));
  if (isWhole) return { ...spec, layouts };
  const near = sorted.filter((_, place) => [-1, 0, 1].some((step) => own.has(sorted[place + step]?.id)));
  return { ...spec, layouts, breakpoints: spec.breakpoints.filter((each) => near.includes(each)) };
}
