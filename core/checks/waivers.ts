import type { Spec, Waiver } from '../spec/schema';
import type { JudgedFinding } from './run';

/** Waivers that accept nothing any more: what they were about is mended, or its numbers have changed. */
export function lapsedWaivers(spec: Spec, judged: JudgedFinding[]): Waiver[] {
  return spec.waivers.filter((waiver) => !judged.some((finding) => finding.waiver === waiver));
}

/** Values that say what a finding is about; the others are its numbers. */
const SUBJECTS = ['style', 'quantity', 'part'];

/** The lapsed waiver of a finding whose numbers were others when it was accepted. */
export function lapsedFor(finding: JudgedFinding, lapsed: Waiver[]): Waiver | null {
  if (finding.waiver) return null;
  const isOfSame = ({ rule, breakpoint, grid, values }: Waiver): boolean =>
    rule === finding.rule &&
    breakpoint === finding.breakpoint &&
    grid === finding.grid?.id &&
    SUBJECTS.every((name) => values[name] === finding.values[name]);
  return lapsed.find(isOfSame) ?? null;
}

/** The spec with a finding accepted; a waiver of it that had lapsed makes way. */
export function waived(spec: Spec, finding: JudgedFinding, { reason, by }: Pick<Waiver, 'reason' | 'by'>): Spec {
  const { rule, breakpoint, grid, values } = finding;
  const inGrid = grid ? { grid: grid.id } : {};
  const lapsed = lapsedFor(finding, spec.waivers);
  const others = spec.waivers.filter((waiver) => waiver !== lapsed);
  return { ...spec, waivers: [...others, { rule, breakpoint, ...inGrid, values, reason, by }] };
}

/** The spec without a waiver. */
export function withoutWaiver(spec: Spec, gone: Waiver): Spec {
  return { ...spec, waivers: spec.waivers.filter((waiver) => waiver !== gone) };
}
