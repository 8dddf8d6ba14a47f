import { RULES } from './registry';
import type { Finding, Mend } from './rule';

const BY_ID = new Map(RULES.map((rule) => [rule.id, rule]));

/**
 * What a finding says, in a sentence. Nothing but people reads it.
 *
 *     sentenceOf(finding)   // "The container is 1,140 px, but this range starts at 1,024 px: it overflows by 116 px there."
 */
export function sentenceOf({ rule, grid, values, facts }: Pick<Finding, 'rule' | 'grid' | 'values' | 'facts'>): string {
  const says = BY_ID.get(rule)!.says({ ...values, ...facts });
  return grid ? `${grid.name}: ${says}` : says;
}

/** What the button of a mend says. */
export function mendLabel({ rule }: Pick<Finding, 'rule'>, { facts }: Mend): string {
  return BY_ID.get(rule)!.offers!(facts);
}
