import { differences } from '../core/diff/differences';
import { effects } from '../core/diff/effects';
import { publishedDifferences } from '../core/diff/published-differences';
import type { State } from '../server/states';
import { proposedStep } from '../server/editions';
import type { ComparedStates } from '../ui/comparison/compared-states';

/** Two states held against each other, for the comparison on a page. */
export function comparedStates(before: State, after: State): ComparedStates {
  const isSameSpec = !before.token.includes(':') && !after.token.includes(':');
  // what the published style sheet says otherwise is worth saying of one spec alone
  const found = isSameSpec
    ? publishedDifferences(before.document, after.document)
    : differences(before.document, after.document);
  const isEdition = /^\d/.test(before.token);
  const step =
    isEdition && isSameSpec ? proposedStep({ version: before.token, document: before.document }, after.document) : null;
  return {
    before: { name: before.name, document: before.document },
    after: { name: after.name, document: after.document },
    differences: found,
    effects: effects(before.document, after.document),
    step: step && found.length > 0 ? { version: step.version, bump: step.bump, because: step.because } : null,
  };
}
