import type { OVERLAY_IDS } from '../spec/overlay-schema';
import type { OverlayInk, Spec } from '../spec/schema';

/** What can be laid over a page. */
export type OverlayId = (typeof OVERLAY_IDS)[number];

/** The three grids among it. */
export type Family = Extract<OverlayId, 'columns' | 'rows' | 'baseline'>;

/** Plum, amber and teal, slate and madder: told apart on light and on dark pages. Strength in percent. */
export const USUAL_INKS: Record<OverlayId, OverlayInk> = {
  columns: { colour: '#9b6bb0', strength: 30 },
  rows: { colour: '#c97f12', strength: 50 },
  baseline: { colour: '#17897b', strength: 60 },
  mesh: { colour: '#5f7286', strength: 35 },
  guides: { colour: '#c2506c', strength: 70 },
};

/** Colour and strength of one grid's overlay, as the spec sets it or as is usual. */
export function inkOf({ overlays }: Spec, family: OverlayId): OverlayInk {
  return overlays?.[family] ?? USUAL_INKS[family];
}

/** The inks of all that can be laid over a page. */
export function inksOf(spec: Spec): Record<OverlayId, OverlayInk> {
  return {
    columns: inkOf(spec, 'columns'),
    rows: inkOf(spec, 'rows'),
    baseline: inkOf(spec, 'baseline'),
    mesh: inkOf(spec, 'mesh'),
    guides: inkOf(spec, 'guides'),
  };
}

/** Are overlays drawn as outlines? Otherwise they are filled. */
export function isOutlined({ overlays }: Spec): boolean {
  return overlays?.drawn === 'outlines';
}

/** An ink as CSS has it: `rgb(155 107 176 / 30%)`. */
export function inkCss({ colour, strength }: OverlayInk): string {
  const channels = [1, 3, 5].map((at) => parseInt(colour.slice(at, at + 2), 16)).join(' ');
  return `rgb(${channels} / ${strength}%)`;
}

/** The spec with another ink for one grid; the usual one is not written down. */
export function withInk(spec: Spec, family: OverlayId, ink: OverlayInk): Spec {
  const usual = USUAL_INKS[family];
  const { [family]: _before, ...others } = spec.overlays ?? {};
  const isUsual = ink.colour === usual.colour && ink.strength === usual.strength;
  const overlays = isUsual ? others : { ...others, [family]: ink };
  if (Object.keys(overlays).length > 0) return { ...spec, overlays };
  const { overlays: _none, ...plain } = spec;
  return plain;
}
