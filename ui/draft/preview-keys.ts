import type { OverlayId } from '../../core/overlay/inks';
import { type Previewed } from './view-store';

/** The key of each overlay, and of each way to look at the preview. */
export const OVERLAY_KEYS: Record<OverlayId, string> = {
  columns: 'c',
  rows: 'r',
  baseline: 'b',
  mesh: 'm',
  guides: 'g',
};
export const WAY_KEYS: Record<Exclude<Previewed, 'screen'>, string> = {
  all: 's',
  spans: 'w',
  spacing: 'n',
  leading: 'l',
};
