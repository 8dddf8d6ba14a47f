import type { Family } from '../../core/overlay/inks';
import type { PlacedBlock } from '../../core/layouts/place-blocks';
import type { OverlayInk } from '../../core/spec/schema';
import { cardBars } from './card-bars';

type Props = {
  blocks: readonly PlacedBlock[];
  shown: Record<Family, boolean>;
  inks: Record<Family, OverlayInk>;
};

/** The grids that cards have of their own. */
export function CardOverlays({ blocks, shown, inks }: Props) {
  return cardBars(blocks, shown).map(({ family, ...bar }, index) => (
    <rect key={index} {...bar} fill={inks[family].colour} fillOpacity={inks[family].strength / 100} />
  ));
}
