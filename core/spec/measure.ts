import type { Spec } from './schema';

/** Of what the widths of a document are: of the screen, or of an element on the page (a content region, a card, a widget). */
export type Measure = 'viewport' | 'container';

export function measureOf({ measure }: Pick<Spec, 'measure'>): Measure {
  return measure ?? 'viewport';
}

/** The unit of one hundredth of that width. */
export const WIDTH_UNIT = { viewport: 'vw', container: 'cqi' } as const satisfies Record<Measure, string>;

/** What is measured, in words. The width is a `region`'s in sums, where a container is what the columns stand in. */
export const WIDTH_NAMES: Record<Measure, { width: string; inSums: string; alone: string }> = {
  viewport: { width: 'Viewport', inSums: 'viewport', alone: 'the screen' },
  container: { width: 'Container', inSums: 'region', alone: 'the container' },
};

/** The document with another measure; the usual one is not written down. */
export function withMeasure(spec: Spec, measure: Measure): Spec {
  const { measure: _before, ...others } = spec;
  return measure === 'viewport' ? others : { ...others, measure };
}
