import type { Spec } from '../spec/schema';
import { findingsOf } from './run';
import { mendLabel, sentenceOf } from './sentence';
import type { Rule } from './rule';

/** What one rule reports of a spec: the sentences, and the labels of the mends. */
export function reports(rule: Rule, spec: Spec): { message: string; mends: string[] }[] {
  return findingsOf(spec)
    .filter((finding) => finding.rule === rule.id)
    .map((finding) => ({
      message: sentenceOf(finding),
      mends: finding.mends.map((mend) => mendLabel(finding, mend)),
    }));
}
