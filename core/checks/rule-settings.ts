import type { RuleSetting, Spec } from '../spec/schema';
import type { Rule } from './rule';

/** How a spec holds a rule: as it says, or as is usual. */
export function settingOf({ rules }: Spec, { id, weight }: Pick<Rule, 'id' | 'weight'>): Required<RuleSetting> {
  const setting = rules?.[id];
  return {
    on: setting?.on ?? true,
    weight: setting?.weight ?? weight,
    thresholds: setting?.thresholds ?? {},
  };
}

/** The thresholds of a rule by their ids, as the spec sets them or as is usual. */
export function thresholdsOf({ rules }: Spec, { id: rule, thresholds = [] }: Rule): Record<string, number> {
  return Object.fromEntries(thresholds.map(({ id, usual }) => [id, rules?.[rule]?.thresholds?.[id] ?? usual]));
}

/** The spec with a rule held otherwise; what is usual is not written down. */
export function withRuleSetting(spec: Spec, rule: Rule, { on, weight, thresholds }: Required<RuleSetting>): Spec {
  const unusual = Object.entries(thresholds).filter(
    ([id, value]) => rule.thresholds?.find((threshold) => threshold.id === id)?.usual !== value,
  );
  const setting: RuleSetting = {
    ...(on ? {} : { on }),
    ...(weight === rule.weight ? {} : { weight }),
    ...(unusual.length > 0 ? { thresholds: Object.fromEntries(unusual) } : {}),
  };
  const { [rule.id]: _before, ...others } = spec.rules ?? {};
  const rules = Object.keys(setting).length > 0 ? { ...others, [rule.id]: setting } : others;
  if (Object.keys(rules).length > 0) return { ...spec, rules };
  const { rules: _none, ...plain } = spec;
  return plain;
}
