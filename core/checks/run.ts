import { columnsAt, type SolvedColumns } from '../columns/columns-at';
import { byWidth } from '../spec/ranges';
import { type GivenLength, givenLengths } from '../spacing/given-lengths';
import { spacesInUse, stepsOf } from '../spacing/scale';
import type { Breakpoint, NamedGrid, Spec, TextStyle, Waiver } from '../spec/schema';
import { type TextAt, textAt } from '../type/text-at';
import { gridFindings } from './grid-findings';
import { RULES } from './registry';
import { thresholdsOf } from './rule-settings';
import type { CheckedSpec, Finding, Weight } from './rule';

/** The place of each weight among findings, the heaviest first. */
export const WEIGHT_ORDER: Record<Weight, number> = { 'must-fix': 0, weigh: 1, note: 2 };

/** Findings of every rule in every grid, the weightiest first, then by breakpoint from the narrowest up. */
export function findingsOf(spec: Spec): Finding[] {
  const main = mainFindings(spec);
  const beside = (spec.grids ?? []).flatMap((grid) => gridFindings(spec, grid, mainFindings));
  return beside.length === 0 ? main : ordered(spec, [...main, ...beside]);
}

function ordered(spec: Spec, findings: Finding[]): Finding[] {
  const place = new Map(byWidth(spec.breakpoints).map(({ id }, index) => [id, index]));
  const placeOf = ({ breakpoint }: Finding): number => (breakpoint === null ? -1 : (place.get(breakpoint) ?? -1));
  return findings.sort((a, b) => WEIGHT_ORDER[a.weight] - WEIGHT_ORDER[b.weight] || placeOf(a) - placeOf(b));
}

/** What is found in the main grid, and in all that stands on it. */
function mainFindings(spec: Spec): Finding[] {
  const checked = checkedSpec(spec);
  const all = RULES.flatMap((rule) => {
    const setting = spec.rules?.[rule.id];
    if (setting?.on === false) return [];
    return rule.check(checked).map((found): Finding => ({
      facts: {},
      mends: [],
      ...found,
      rule: rule.id,
      version: rule.version,
      weight: setting?.weight ?? found.weight ?? rule.weight,
    }));
  });
  return ordered(spec, all);
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
  const texts = new Map<TextStyle, Map<string, TextAt>>();
  const text = (style: TextStyle, breakpoint: Breakpoint, width = breakpoint.reference.width): TextAt => {
    const ofStyle = texts.get(style) ?? new Map<string, TextAt>();
    texts.set(style, ofStyle);
    const key = `${breakpoint.id} ${width}`;
    const known = ofStyle.get(key) ?? textAt(spec, style, breakpoint, width, at(breakpoint, width));
    ofStyle.set(key, known);
    return known;
  };
  const threshold = (rule: string, id: string): number => {
    const found = thresholdsOf(
      spec,
      RULES.find((candidate) => candidate.id === rule)!,
    )[id];
    if (found === undefined) throw new Error(`the rule ${rule} has no threshold ${id}`);
    return found;
  };
  const breakpoints = byWidth(spec.breakpoints);
  const lengths = new Map(breakpoints.map((breakpoint) => [breakpoint, givenLengths(spec, breakpoint)]));
  const given = (breakpoint: Breakpoint): GivenLength[] => lengths.get(breakpoint)!;
  return { spec, breakpoints, at, text, given, steps: stepsOf(spec), uses: spacesInUse(spec, given), threshold };
}

/** A finding and the waiver that accepts it, if there is one. */
export type JudgedFinding = Finding & { waiver: Waiver | null };

/** Findings beside their waivers. A waiver lapses when the numbers behind it change. */
export function judge(spec: Spec, findings: Finding[] = findingsOf(spec)): JudgedFinding[] {
  const waivers = new Map<string, Waiver[]>();
  for (const waiver of spec.waivers) waivers.set(placeKey(waiver), [...(waivers.get(placeKey(waiver)) ?? []), waiver]);
  return findings.map((finding) => ({
    ...finding,
    waiver: waivers.get(placeKey(finding))?.find((waiver) => accepts(waiver, finding)) ?? null,
  }));
}

function placeKey({
  rule,
  breakpoint,
  grid,
}: Pick<Finding, 'rule' | 'breakpoint'> & { grid?: NamedGrid | string | undefined }): string {
  return `${rule} ${breakpoint} ${typeof grid === 'object' ? grid.id : (grid ?? '')}`;
}

function accepts(waiver: Waiver, { rule, breakpoint, grid, values }: Finding): boolean {
  const names = Object.keys(values);
  return (
    waiver.rule === rule &&
    waiver.breakpoint === breakpoint &&
    waiver.grid === grid?.id &&
    names.length === Object.keys(waiver.values).length &&
    names.every((name) => waiver.values[name] === values[name])
  );
}

/** What holds an edition back: *must fix* findings that nobody has waived. */
export function holdingBack(findings: JudgedFinding[]): JudgedFinding[] {
  return findings.filter(({ weight, waiver }) => weight === 'must-fix' && !waiver);
}

/** What is to be looked at before publishing, and holds nothing back: *check* findings that nobody has waived. */
export function toCheck(findings: JudgedFinding[]): JudgedFinding[] {
  return findings.filter(({ weight, waiver }) => weight === 'weigh' && !waiver);
}
