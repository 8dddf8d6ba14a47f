/** Lower-case letters, digits and hyphens, at most 40: "Crew tablet, wide" → "crew-tablet-wide". */
export function slug(name: string): string {
  return name
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+/, '')
    .slice(0, 40)
    .replace(/-+$/, '');
}

/** What has an id: a name that begins with no letter stands behind this word. */
export type Identified = 'range' | 'grid' | 'guide' | 'layout' | 'section' | 'block';

/**
 * An id for a name that none of the others has: "Route map" → "route-map", then "route-map-2". The one rule for ids, whatever they are made of.
 *
 *     idOf('range', '2xl', [])       // "range-2xl"
 *     idOf('block', '3 cards', [])   // "block-3-cards"
 */
export function idOf(what: Identified, name: string, taken: readonly string[]): string {
  const plain = slug(name);
  const isId = /^[a-z]/.test(plain) && !(plain in {});
  const own = isId ? plain : `${what}-${plain}`.slice(0, 40).replace(/-+$/, '');
  const others = new Set(taken);
  if (!others.has(own)) return own;
  let number = 2;
  while (others.has(`${own.slice(0, 36)}-${number}`)) number++;
  return `${own.slice(0, 36)}-${number}`;
}
