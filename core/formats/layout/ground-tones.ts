import type { Ground } from '../../spec/schema';

/** The tints of grounds, in `layout.css` and wherever else a page is drawn. */
export const GROUND_TONES: Readonly<Record<Ground['tint'], string>> = {
  light: '#f4f1ea',
  strong: '#d8e4e6',
  dark: '#1f3138',
};
