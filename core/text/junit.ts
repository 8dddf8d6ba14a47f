import { escaped } from './markup';

/** One thing that was held, and what came of it; `says` why not. */
export type JunitCase = { group: string; name: string; verdict: 'same' | 'differs' | 'not-checked'; says: string };

/** Results as JUnit XML, which build servers show: a suite for each group; what was not checked is skipped. */
export function junitText(
  suites: readonly { name: string; cases: readonly JunitCase[] }[],
  comments: readonly string[] = [],
): string {
  const all = suites.flatMap(({ cases }) => cases);
  const count = (cases: readonly JunitCase[], verdict: JunitCase['verdict']): number =>
    cases.filter((each) => each.verdict === verdict).length;
  const written = suites.map(({ name, cases }) => {
    const lines = cases.map((each) => {
      const head = `  <testcase classname="${attribute(each.group)}" name="${attribute(each.name)}"`;
      if (each.verdict === 'same') return `  ${head}/>`;
      const outcome = each.verdict === 'differs' ? 'failure' : 'skipped';
      return `  ${head}>\n      <${outcome} message="${attribute(each.says)}"/>\n    </testcase>`;
    });
    return `  <testsuite name="${attribute(name)}" tests="${cases.length}" failures="${count(cases, 'differs')}" skipped="${count(cases, 'not-checked')}">\n${lines.join('\n')}\n  </testsuite>`;
  });
  const left = comments.map((each) => `  <!-- ${comment(each)} -->`);
  return `<?xml version="1.0" encoding="UTF-8"?>
<testsuites name="Ypsiline" tests="${all.length}" failures="${count(all, 'differs')}">
${[...written, ...left].join('\n')}
</testsuites>
`;
}

/** Text in an attribute, without the characters that XML 1.0 does not have (2.2). */
function attribute(value: string): string {
  return escaped(printable(value));
}

function comment(value: string): string {
  return printable(value).replaceAll('--', '- -').replace(/-$/, '- ');
}

function printable(value: string): string {
  return value.replace(/[\u0000-\u001f\ufffe\uffff]/g, ' ').replace(/\p{Surrogate}/gu, '\ufffd');
}
