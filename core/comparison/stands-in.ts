import { frameCss, frameProperties } from '../formats/grid-css/frame-css';
import { declared, mediaQuery } from '../formats/grid-css/grid-css';
import type { GridSystem } from '../site/grid-systems';
import type { SiteReading } from '../site/read-site';
import { REGION, regionClasses } from '../site/region';
import type { Sheet, SiteRule } from '../site/rules';
import { measureOf } from '../spec/measure';
import type { Spec } from '../spec/schema';
import type { Check } from './check';

/** What style sheets alone do not say of the page: in which element the grid stands, and what is known of that. */
export type StandsIn = { sheet: Sheet; around: (rules: readonly SiteRule[]) => string | null };

/**
 * The element in which the grid of a specification stands: what keeps clear of its bars and panels, or the container by whose width its ranges go; null for the
 * page itself.
 */
export function standsIn(spec: Spec): StandsIn | null {
  if (measureOf(spec) === 'container') return { sheet: REGION, around: regionClasses };
  const clear = frameCss(spec);
  if (clear === null) return null;
  const ranges = spec.breakpoints.map(
    (breakpoint) =>
      `@media ${mediaQuery(spec, breakpoint)} { :root { ${declared('frame', frameProperties(spec, breakpoint)).join(' ')} } }`,
  );
  return {
    sheet: { name: 'bars and panels', text: [clear, ...ranges].join('\n') },
    // a page that keeps clear of them by itself needs no element for that
    around: (rules) => (rules.some(keepsClear) ? null : 'grid-frame'),
  };
}

/** Does a rule give the page itself space at its sides? */
function keepsClear({ selectors, says }: SiteRule): boolean {
  const isPage = selectors.some((selector) => /^(html|body|:root)$/i.test(selector.trim()));
  return (
    isPage &&
    says.some(({ property, value }) => /^padding(-(left|right|inline.*))?$/.test(property) && /[1-9]/.test(value))
  );
}

/** Do the page's ranges go by what the specification's go by: by the screen, or by a container? Nothing is said where neither shows. */
export function measureChecks(spec: Spec, { grids }: SiteReading, system: GridSystem): Check[] {
  const own = measureOf(spec);
  const page = grids.measures(system) ?? own;
  if (page === own) return [];
  const words = { viewport: 'the screen (@media)', container: 'a container (@container)' };
  return [
    {
      breakpoint: 'All',
      quantity: 'Widths',
      at: '',
      specification: own,
      page,
      verdict: 'differs',
      sentence: `The page’s ranges go by ${words[page]} where the specification’s go by ${words[own]}.`,
    },
  ];
}
