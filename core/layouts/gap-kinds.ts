import type { Px } from '../length/px';
import { byWidth } from '../spec/ranges';
import type { Breakpoint, Section, Spec } from '../spec/schema';
import { withLayout, withSection, withSpace } from './edit-layout';
import { spaceAt } from './placements';
import { solvedAt } from './solved-at';
import type { WhiteSpace } from './white-space';

/** A white space of a kind, with the layout that it is in. */
export type PlacedGap = WhiteSpace & { layout: string };

/** A kind of gap at a breakpoint: every count of rows that stands there, the most frequent first. */
export type GapCounts = { rows: number; px: Px; gaps: PlacedGap[] }[];

/** Every white space of every layout at a breakpoint, as wide as it is drawn. */
export function gapsAt(spec: Spec, breakpoint: Breakpoint): PlacedGap[] {
  return spec.layouts.flatMap((layout) =>
    solvedAt(spec, layout, breakpoint).space.map((gap) => ({ ...gap, layout: layout.id })),
  );
}

/**
 * Gaps by their kind, in the order in which they come down the pages.
 *
 *     gapKinds(gaps).get('heading to card')   // [{ rows: 3, px: 64, gaps: [four] }, { rows: 4, px: 80, gaps: [one] }]
 */
export function gapKinds(gaps: readonly PlacedGap[]): Map<string, GapCounts> {
  const kinds = new Map<string, GapCounts>();
  for (const gap of gaps) {
    const counts = kinds.get(gap.kind) ?? [];
    const same = counts.find(({ rows }) => rows === gap.rows);
    if (same) same.gaps.push(gap);
    else counts.push({ rows: gap.rows, px: gap.px, gaps: [gap] });
    kinds.set(gap.kind, counts);
  }
  for (const counts of kinds.values()) counts.sort((a, b) => b.gaps.length - a.gaps.length);
  return kinds;
}

/** A spec in which some gaps have so many rows at a breakpoint. */
export function withGaps(spec: Spec, breakpoint: Breakpoint, gaps: readonly PlacedGap[], rows: number): Spec {
  const bySection = new Map<string, PlacedGap[]>();
  for (const gap of gaps) {
    const key = `${gap.layout} ${gap.section}`;
    bySection.set(key, [...(bySection.get(key) ?? []), gap]);
  }
  return [...bySection.values()].reduce((before, own) => {
    const { layout, section } = own[0]!;
    const change = (changed: Section, { gap }: PlacedGap): Section =>
      withSpace(changed, breakpoint.id, gap, rows, spaceAt(before, changed.space, breakpoint).between);
    return withLayout(before, layout, (each) => withSection(each, section, (now) => own.reduce(change, now)));
  }, spec);
}

/** Kinds of gaps down, breakpoints across; from the narrowest on. */
export function gapTable(spec: Spec): {
  breakpoints: Breakpoint[];
  kinds: string[];
  at: (kind: string, breakpoint: string) => GapCounts;
} {
  const breakpoints = byWidth(spec.breakpoints);
  const each = new Map(breakpoints.map((breakpoint) => [breakpoint.id, gapKinds(gapsAt(spec, breakpoint))]));
  const kinds = [...new Set([...each.values()].flatMap((own) => [...own.keys()]))];
  return { breakpoints, kinds, at: (kind, breakpoint) => each.get(breakpoint)?.get(kind) ?? [] };
}
