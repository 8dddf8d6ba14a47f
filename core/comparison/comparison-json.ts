import type { SiteComparison } from './compare-site';

/** A number of px or of things, as JSON has it; anything else as it is written. */
function plain(text: string): number | string | null {
  if (text === '') return null;
  const [, number] = /^(-?\d+(?:\.\d+)?)(?: px)?$/.exec(text) ?? [];
  return number === undefined ? text : Number(number);
}

/**
 * A comparison for machines: lengths are numbers of px.
 *
 *     { "compared": 0, "checks": [{ "breakpoint": "Desktop", "quantity": "Gutter", "specification": 24, "code": 20, "verdict": "differs", … }], … }
 */
export function comparisonJson({ systems, compared, checks, unread }: SiteComparison): string {
  const grid = compared === null ? null : systems[compared]!.title;
  const answer = {
    systems,
    compared,
    checks: checks.map(({ breakpoint, quantity, at, specification, page, verdict, sentence, where = null }) => ({
      breakpoint,
      grid,
      quantity,
      at,
      specification: plain(specification),
      code: plain(page),
      verdict,
      why: sentence,
      where,
    })),
    notUnderstood: unread.map(({ what, why, where = null, asked = false }) => ({ where, text: what, why, asked })),
  };
  return JSON.stringify(answer, null, 2);
}
