import { type Difference, differences } from '../core/diff/differences';
import { effects } from '../core/diff/effects';
import { publishedDifferences } from '../core/diff/published-differences';
import { versionStep } from '../server/editions/editions';
import type { State } from '../server/specs/states';
import type { ComparedStates } from '../ui/comparison/compared-states';

/**
 * Two states held against each other, for the comparison on a page.
 *
 * @param known what differs, where that was worked out already
 */
export function comparedStates(before: State, after: State, known?: Difference[]): ComparedStates {
  const isSameSpec = !before.token.includes(':') && !after.token.includes(':');
  // what the published style sheet says otherwise is worth saying of one spec alone
  const compare = isSameSpec ? publishedDifferences : differences;
  const found = known ?? compare(before.document, after.document);
  const isStep = isSameSpec && /^\d/.test(before.token) && found.length > 0;
  return {
    before: { name: before.name, document: before.document },
    after: { name: after.name, document: after.document },
    differences: found,
    effects: effects(before.document, after.document),
    step: isStep ? versionStep(before.token, found) : null,
  };
}

/** A draft held against its last edition. */
export function comparedWithLast(
  last: { version: string; document: State['document'] },
  draft: State['document'],
  known?: Difference[],
): ComparedStates {
  return comparedStates(
    { token: last.version, name: last.version, document: last.document },
    { token: 'draft', name: 'draft', document: draft },
    known,
  );
}
