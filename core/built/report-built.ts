import { counted } from '../length/present';
import { type JunitCase, junitText } from '../text/junit';
import type { BuiltScreen } from './hold-built';
import { BUILT_CHECKS, type BuiltFinding, type BuiltVerdict } from './verdicts';

/** A page at the widths at which it was measured. */
export type BuiltPage = {
  address: string;
  /** What went on beside measuring: where the address led, what was closed. */
  notes: string[];
  screens: (BuiltScreen & { height: number })[];
};

/** How many checks came out how. */
export function countVerdicts(pages: readonly BuiltPage[]): Record<BuiltVerdict['verdict'], number> {
  const counts = { same: 0, differs: 0, 'not-checked': 0 };
  for (const { screens } of pages)
    for (const { checks } of screens) for (const { verdict } of checks) counts[verdict]++;
  return counts;
}

/** What differs on pages, for people: each finding once, with the widths at which it was found. */
export function builtText(pages: readonly BuiltPage[]): string {
  const lines = pages.flatMap(({ address, notes, screens }) => {
    const found = new Map<string, { finding: BuiltFinding; widths: number[] }>();
    const left = new Map<string, number[]>();
    for (const { width, checks } of screens)
      for (const { check, verdict, why, findings } of checks) {
        const name = BUILT_CHECKS[check];
        if (why !== null) {
          const says = verdict === 'not-checked' ? `${name}: not checked. ${why}` : `${name}: ${why}`;
          left.set(says, [...(left.get(says) ?? []), width]);
        }
        for (const finding of findings) {
          const key = `${name}: ${finding.says}`;
          const known = found.get(key) ?? { finding, widths: [] };
          known.widths.push(width);
          found.set(key, known);
        }
      }
    const all = screens.map(({ width }) => width);
    const at = (widths: readonly number[]): string =>
      widths.length === all.length ? 'at every width' : `at ${widths.join(', ')} px`;
    return [
      `${address}, at ${all.join(', ')} px`,
      ...notes.map((note) => `  ${note}.`),
      ...[...found].map(([says, { finding, widths }]) => `  ${says}, ${at(widths)}${namesOf(finding, says)}`),
      ...[...left].map(([says, widths]) => `  ${says}, ${at(widths)}`),
      ...(screens.every(({ checks }) => checks.every(({ verdict }) => verdict === 'same'))
        ? ['  Everything checked is as specified.']
        : []),
    ];
  });
  const counts = countVerdicts(pages);
  const total = counts.same + counts.differs + counts['not-checked'];
  const not = counts['not-checked'] === 0 ? '' : `, ${counts['not-checked']} not checked`;
  return [...lines, `${counted(total, 'check')}: ${counts.same} as specified, ${counts.differs} off${not}.`].join('\n');
}

/** The elements that are not named in the sentence already. */
function namesOf({ elements }: BuiltFinding, says: string): string {
  const [first, ...more] = elements.filter((name) => !says.includes(name));
  if (first === undefined) return '';
  return `: ${[first, ...more.slice(0, 2)].join(', ')}${more.length > 2 ? ` and ${more.length - 2} more` : ''}`;
}

/** The same for machines: every length in px, as numbers. */
export function builtJson(pages: readonly BuiltPage[], document: string): string {
  const answer = {
    document,
    pages: pages.map(({ address, notes, screens }) => ({
      address,
      notes,
      screens: screens.map(({ width, height, breakpoint, checks }) => ({
        widthPx: width,
        windowHeightPx: height,
        breakpoint,
        checks: checks.map(({ findings, ...check }) => ({
          ...check,
          findings: findings.map(({ says, by, elements, places }) => ({
            says,
            byPx: by === null ? null : rounded(by),
            elements,
            placesPx: places.map(roundedPlace),
          })),
        })),
      })),
    })),
    ...countVerdicts(pages),
  };
  return JSON.stringify(answer, null, 2);
}

function roundedPlace({ x, y, width, height }: BuiltFinding['places'][number]): number[] {
  return [x, y, width, height].map(rounded);
}

/** Browsers place on 64ths of a px. */
function rounded(length: number): number {
  return Math.round(length * 64) / 64;
}

/** The same as JUnit XML: a suite for each page, a case for each width and check. */
export function builtJunit(pages: readonly BuiltPage[]): string {
  const suites = pages.map(({ address, screens }) => ({
    name: address,
    cases: screens.flatMap(({ width, checks }) =>
      checks.map(({ check, verdict, why, findings }): JunitCase => ({
        group: address,
        name: `${width} px, ${BUILT_CHECKS[check]}`,
        verdict,
        says: verdict === 'not-checked' ? why! : findings.map(({ says }) => says).join('; '),
      })),
    ),
  }));
  return junitText(suites);
}
