import { type JudgedFinding, WEIGHT_ORDER } from '../checks/run';
import type { Spec } from '../spec/schema';

/** A finding at the viewport width it speaks of. */
export type PlacedFinding = { width: number; finding: JudgedFinding };

/** Findings on the axis of widths: where they were first seen; those of the whole, where the first breakpoint is drawn. */
export function placedFindings(spec: Spec, findings: JudgedFinding[]): PlacedFinding[] {
  const [first] = spec.breakpoints;
  return findings.map((finding) => ({ width: finding.widths[0] ?? first!.reference.width, finding }));
}

/** Findings gathered at each width they speak of, widths ascending, the heaviest finding first. */
export function findingsByWidth(spec: Spec, findings: JudgedFinding[]): { width: number; findings: JudgedFinding[] }[] {
  const byWidth = new Map<number, JudgedFinding[]>();
  for (const { width, finding } of placedFindings(spec, findings))
    byWidth.set(width, [...(byWidth.get(width) ?? []), finding]);
  return [...byWidth]
    .sort(([one], [other]) => one - other)
    .map(([width, here]) => ({
      width,
      findings: here.sort((one, other) => WEIGHT_ORDER[one.weight] - WEIGHT_ORDER[other.weight]),
    }));
}

/**
 * Each mark with the first lane, counted from 0, in which it stands at least `apart` px of width from the one before
 * it. Marks come with widths ascending: 600, 640 and 1440 with 100 px apart lie in lanes 0, 1 and 0.
 */
export function inLanes<Mark extends { width: number }>(marks: Mark[], apart: number): (Mark & { lane: number })[] {
  const last: number[] = [];
  return marks.map((mark) => {
    const free = last.findIndex((width) => mark.width - width >= apart);
    const lane = free < 0 ? last.length : free;
    last[lane] = mark.width;
    return { ...mark, lane };
  });
}
