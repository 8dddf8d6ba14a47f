import { columnsAt, type SolvedColumns } from '../columns/columns-at';
import { byWidth } from '../spec/ranges';
import type { Breakpoint, Spec, Waiver } from '../spec/schema';
import { RULES } from './registry';
import type { CheckedSpec, Finding, Weight } from './rule';

const ORDER: Record<Weight, number> = { 'must-fix': 0, weigh: 1, note: 2 };

/** Findings of every rule, the weightiest first, then by breakpoint from the narrowest up. */
export function findingsOf(spec: Spec): Finding[] {
  const checked = checkedSpec(spec);
  const place = new Map(checked.breakpoints.map(({ id }, index) => [id, index]));
  const placeOf = ({ breakpoint }: Finding): number => (breakpoint === null ? -1 : (place.get(breakpoint) ?? -1));
  return RULES.flatMap((rule) =>
    rule.check(checked).map((found) => ({ rule: rule.id, weight: rule.weight, ...found })),
  ).sort((a, b) => ORDER[a.weight] - ORDER[b.weight] || placeOf(a) - placeOf(b));
}

function checkedSpec(spec: Spec): CheckedSpec {
  const solutions = new Map<string, SolvedColumns>();
  const at = (
    breakpoint: Breakpoint,
    width: Parameters<typeof columnsAt>[2] = breakpoint.reference.width,
  ): SolvedColumns => {
    const key = `${breakpoint.id} ${width.valueOf()}`;
    const known = solutions.get(key) ?? columnsAt(spec, breakpoint, width);
    solutions.set(key, known);
    return known;
  };
  return { spec, breakpoints: byWidth(spec.breakpoints), at };
}

/** A finding and the waiver that accepts it, if there is one. */
export type JudgedFinding = Finding & { waiver: Waiver | null };

/** Findings beside their waivers. A waiver lapses when the numbers behind it change. */
export function judge(spec: Spec, findings: Finding[] = findingsOf(spec)): JudgedFinding[] {
  return findings.map((finding) => ({
    ...finding,
    waiver: spec.waivers.find((waiver) => accepts(waiver, finding)) ?? null,
  }));
}

function accepts(waiver: Waiver, { rule, breakpoint, values }: Finding): boolean {
  const names = Object.keys(values);
  return (
    waiver.rule === rule &&
    waiver.breakpoint === breakpoint &&
    names.length === Object.keys(waiver.values).length &&
    names.every((name) => waiver.values[name] === values[name])
  );
}

/** What holds an edition back: *must fix* findings that nobody has waived. */
export function holdingBack(findings: JudgedFinding[]): JudgedFinding[] {
  return findings.filter(({ weight, waiver }) => weight === 'must-fix' && !waiver);
}
