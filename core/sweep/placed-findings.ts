import type { JudgedFinding } from '../checks/run';
import type { Spec } from '../spec/schema';

/** A finding at the viewport width it speaks of. */
export type PlacedFinding = { width: number; finding: JudgedFinding };

/** Numbers of a finding that are viewport widths, the most telling first. */
const WIDTHS = ['at', 'narrowest', 'viewport', 'reference', 'from'];

/** Findings on the axis of widths: where their own numbers place them, else where their breakpoint is drawn. */
export function placedFindings(spec: Spec, findings: JudgedFinding[]): PlacedFinding[] {
  return findings.map((finding) => {
    const named = WIDTHS.map((name) => Number(finding.values[name])).find(
      (width) => Number.isFinite(width) && width > 0,
    );
    const breakpoint = spec.breakpoints.find(({ id }) => id === finding.breakpoint) ?? spec.breakpoints[0]!;
    return { width: named ?? breakpoint.reference.width, finding };
  });
}
