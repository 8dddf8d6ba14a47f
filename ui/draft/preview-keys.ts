import type { Family } from '../../core/overlay/inks';
import { type Previewed } from './view-store';

/** The key of each overlay, and of each way to look at the preview. */
export const OVERLAY_KEYS: Record<Family, string> = { columns: 'c', rows: 'r', baseline: 'b' };
export const WAY_KEYS: Record<Exclude<Previewed, 'screen'>, string> = {
  all: 's',
  spans: 'w',
  spacing: 'n',
  leading: 'l',
};
