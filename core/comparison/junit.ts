import { type JunitCase, junitText } from '../text/junit';
import type { SiteComparison } from './compare-site';

/** A comparison as JUnit XML: a suite for each breakpoint, a case for each thing that was held. */
export function junitXml({ checks, unread }: SiteComparison): string {
  const suites = [...new Set(checks.map(({ breakpoint }) => breakpoint))].map((name) => ({
    name,
    cases: checks
      .filter((check) => check.breakpoint === name)
      .map(({ quantity, at, verdict, sentence, where }): JunitCase => ({
        group: name,
        name: at === '' ? quantity : `${quantity} at ${at} px`,
        verdict,
        says: where === undefined ? sentence : `${sentence} (${where})`,
      })),
  }));
  return junitText(
    suites,
    unread.map(({ what, why, where }) => `not read: ${where === undefined ? '' : `${where}: `}${what}: ${why}`),
  );
}
