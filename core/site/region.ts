import { compoundsIn } from './compounds';
import type { Sheet, SiteRule } from './rules';

/** The element that is thought of around a grid whose ranges go by a container: a container by its inline size, as wide as what it stands in. */
export const REGION: Sheet = {
  name: 'the container',
  text: '.grid-region { container: grid-region / inline-size }',
};

/** The classes of that element: every container that style sheets have is one with it, so that a query finds it by any name. */
export function regionClasses(rules: readonly SiteRule[]): string {
  const containers = rules
    .filter(({ says }) =>
      says.some(({ property, value }) => /^container(-type)?$/.test(property) && /size/i.test(value)),
    )
    .flatMap((rule) => compoundsIn(rule).flatMap((compounds) => compounds?.at(-1)?.classes ?? []));
  return [...new Set(['grid-region', ...containers])].join(' ');
}
