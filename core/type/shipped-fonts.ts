import type { Font } from '../spec/schema';
import { SHIPPED_MEASURES } from './shipped-measures';

/** A font that ships with the application. */
export type ShippedFont = { id: string; build: string; font: Font };

const BUILDS: Record<string, string> = {
  'hanken-grotesk': 'grotesque',
  'source-sans-3': 'humanist',
  'source-serif-4': 'serif',
  vollkorn: 'old-style serif',
  'zilla-slab': 'slab',
  'jetbrains-mono': 'mono',
  'barlow-condensed': 'condensed',
};

/** Open fonts of different build, regular weight, with the measures that `npm run docs` read from their files. */
export const SHIPPED_FONTS: readonly ShippedFont[] = Object.entries(BUILDS).map(([id, build]) => ({
  id,
  build,
  font: { file: `shipped:${id}`, ...SHIPPED_MEASURES[id]! },
}));

/** A shipped font by its id. */
export function shippedFont(id: string): Font {
  const found = SHIPPED_FONTS.find((shipped) => shipped.id === id);
  if (!found) throw new Error(`no font ${id} ships with the application`);
  return found.font;
}
