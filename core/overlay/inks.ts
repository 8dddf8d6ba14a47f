import type { OverlayInk, Spec } from '../spec/schema';

/** The three grids that can be laid over a page. */
export type Family = 'columns' | 'rows' | 'baseline';

/** Plum, amber and teal: told apart on light and on dark pages. Strength in percent. */
export const USUAL_INKS: Record<Family, OverlayInk> = {
  columns: { colour: '#9b6bb0', strength: 30 },
  rows: { colour: '#c97f12', strength: 50 },
  baseline: { colour: '#17897b', strength: 60 },
};

/** Colour and strength of one grid's overlay, as the spec sets it or as is usual. */
export function inkOf({ overlays }: Spec, family: Family): OverlayInk {
  return overlays?.[family] ?? USUAL_INKS[family];
}

/** The inks of all three grids. */
export function inksOf(spec: Spec): Record<Family, OverlayInk> {
  return { columns: inkOf(spec, 'columns'), rows: inkOf(spec, 'rows'), baseline: inkOf(spec, 'baseline') };
}

/** An ink as CSS has it: `rgb(155 107 176 / 30%)`. */
export function inkCss({ colour, strength }: OverlayInk): string {
  const channels = [1, 3, 5].map((at) => parseInt(colour.slice(at, at + 2), 16)).join(' ');
  return `rgb(${channels} / ${strength}%)`;
}

/** The spec with another ink for one grid; the usual one is not written down. */
export function withInk(spec: Spec, family: Family, ink: OverlayInk): Spec {
  const usual = USUAL_INKS[family];
  const { [family]: _before, ...others } = spec.overlays ?? {};
  const isUsual = ink.colour === usual.colour && ink.strength === usual.strength;
  const overlays = isUsual ? others : { ...others, [family]: ink };
  if (Object.keys(overlays).length > 0) return { ...spec, overlays };
  const { overlays: _none, ...plain } = spec;
  return plain;
}
