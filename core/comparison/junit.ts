import { escaped } from '../text/markup';
import type { Check } from './check';
import type { SiteComparison } from './compare-site';

/** A comparison as JUnit XML, which build servers show: a suite for each breakpoint, a case for each thing that was held. */
export function junitXml({ checks, unread }: SiteComparison): string {
  const suites = [...new Set(checks.map(({ breakpoint }) => breakpoint))].map((breakpoint) => {
    const own = checks.filter((check) => check.breakpoint === breakpoint);
    const of = (verdict: Check['verdict']) => own.filter((check) => check.verdict === verdict).length;
    const cases = own.map(({ quantity, at, verdict, sentence, where }) => {
      const name = `  <testcase classname="${text(breakpoint)}" name="${text(at === '' ? quantity : `${quantity} at ${at} px`)}"`;
      if (verdict === 'same') return `  ${name}/>`;
      const said = text(where === undefined ? sentence : `${sentence} (${where})`);
      const outcome = verdict === 'differs' ? 'failure' : 'skipped';
      return `  ${name}>\n      <${outcome} message="${said}"/>\n    </testcase>`;
    });
    return `  <testsuite name="${text(breakpoint)}" tests="${own.length}" failures="${of('differs')}" skipped="${of('not-checked')}">\n${cases.join('\n')}\n  </testsuite>`;
  });
  const failures = checks.filter(({ verdict }) => verdict === 'differs').length;
  const left = unread.map(
    ({ what, why, where }) =>
      `  <!-- not read: ${comment(`${where === undefined ? '' : `${where}: `}${what}: ${why}`)} -->`,
  );
  return `<?xml version="1.0" encoding="UTF-8"?>
<testsuites name="Ypsiline" tests="${checks.length}" failures="${failures}">
${[...suites, ...left].join('\n')}
</testsuites>
`;
}

/** Text in an attribute, without the characters that XML 1.0 does not have (2.2). */
function text(value: string): string {
  return escaped(printable(value));
}

function comment(value: string): string {
  return printable(value).replaceAll('--', '- -').replace(/-$/, '- ');
}

function printable(value: string): string {
  return value.replace(/[\u0000-\u001f\ufffe\uffff]/g, ' ').replace(/\p{Surrogate}/gu, '\ufffd');
}
