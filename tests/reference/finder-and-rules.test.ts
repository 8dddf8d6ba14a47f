import { expect, test } from 'vitest';
import { withBreakpoint } from '../../core/breakpoints/breakpoints';
import { findingsOf } from '../../core/checks/run';
import { sentenceOf } from '../../core/checks/sentence';
import { conditionsFrom, nowOf, readConditions, taken } from '../../core/finder/read-conditions';
import { search } from '../../core/finder/search';
import type { Spec } from '../../core/spec/schema';
import { practiceSpec } from '../../core/spec/testing';
import { DEMO_SPECS } from '../../scripts/demo/specs';

/** What the finder proposes is not what the rules then blame. */

const specs: [string, Spec][] = [
  practiceSpec('First conditions'),
  ...DEMO_SPECS.map(({ drafts }) => drafts.at(-1)!.document),
].map((spec) => [spec.name, spec]);
const BLAMING = new Set([
  'base-multiple',
  'gutter-within-margin',
  'phone-margin',
  'columns-hold-target',
  'parts-whole',
  'column-whole',
]);

test.each(specs)('of what is found for %s, the rules blame nothing that the width does not ask for', (_, spec) => {
  for (const breakpoint of spec.breakpoints) {
    const read = readConditions(conditionsFrom(spec, breakpoint));
    if (!('value' in read)) continue;
    const { solutions } = search(read.value, nowOf(spec, breakpoint));
    for (const solution of solutions.slice(0, 12)) {
      const chosen = { ...breakpoint, columns: taken(breakpoint.columns, solution, read.value) };
      const blamed = findingsOf({ ...withBreakpoint(spec, chosen), layouts: [] }).filter(
        // the container that is filled is what was typed; at the narrowest screen the gutter stays what it is
        (finding) =>
          finding.breakpoint === breakpoint.id &&
          finding.grid === undefined &&
          BLAMING.has(finding.rule) &&
          finding.subject[0]?.at(-1) !== 'container' &&
          finding.widths.includes(breakpoint.reference.width),
      );
      expect(blamed.map(sentenceOf)).toEqual([]);
    }
  }
});
