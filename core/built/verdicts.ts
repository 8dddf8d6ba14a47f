/** What a built page is held for at a width. */
export const BUILT_CHECKS = {
  scroll: 'Sideways scrolling',
  columns: 'Columns',
  layout: 'Layout',
  rows: 'Rows',
  baseline: 'Baselines',
  type: 'Text styles',
} as const;

export type BuiltCheckId = keyof typeof BUILT_CHECKS;

/** Where something is on the page, in px from its left and its top. */
export type BuiltPlace = { x: number; y: number; width: number; height: number };

/** What differs, once for each cause, with what it was found on. */
export type BuiltFinding = {
  says: string;
  /** By how many px; null where what differs is no length. */
  by: number | null;
  elements: string[];
  places: BuiltPlace[];
};

/** One check of a page at a width. */
export type BuiltVerdict = {
  check: BuiltCheckId;
  verdict: 'same' | 'differs' | 'not-checked';
  /** How many edges, blocks, texts were held. */
  held: number;
  /** Why it was not checked; or what else was seen, and counts for nothing. */
  why: string | null;
  findings: BuiltFinding[];
};

/** A verdict of findings: the same where there are none. */
export function verdictOf(check: BuiltCheckId, held: number, findings: BuiltFinding[]): BuiltVerdict {
  return { check, verdict: findings.length === 0 ? 'same' : 'differs', held, why: null, findings };
}

/** A check that could not be made, and why. */
export function notHeld(check: BuiltCheckId, why: string): BuiltVerdict {
  return { check, verdict: 'not-checked', held: 0, why, findings: [] };
}

/** A px of a browser as people read it: to a quarter. */
export function drawnPx(length: number): string {
  return String(Math.round(length * 4) / 4);
}

/** What was found on one thing, as a finding of one cause with others: `says` is given how many there are. */
export type Slip = {
  cause: string;
  by: number | null;
  name: string;
  place: BuiltPlace;
  says: (count: number, name: string) => string;
};

/** Slips gathered by their cause, the most frequent first. */
export function gathered(slips: readonly Slip[]): BuiltFinding[] {
  const causes = new Map<string, Slip[]>();
  for (const slip of slips) causes.set(slip.cause, [...(causes.get(slip.cause) ?? []), slip]);
  return [...causes.values()]
    .sort((a, b) => b.length - a.length)
    .map((own) => ({
      says: own[0]!.says(own.length, own[0]!.name),
      by: own[0]!.by,
      elements: own.map(({ name }) => name),
      places: own.map(({ place }) => place),
    }));
}

/** `3 texts`, or the name of the one. */
export function severalOr(count: number, one: string, several: string): string {
  return count === 1 ? one : several;
}
