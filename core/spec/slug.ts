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

/**
 * An id for a name that none of the others has: "Route map" → "route-map", then "route-map-2".
 *
 *     idOf('3 cards', [])   // "block-3-cards"
 */
export function idOf(name: string, taken: readonly string[]): string {
  const plain = slug(name);
  const own = /^[a-z]/.test(plain) ? plain : `block-${plain}`.replace(/-$/, '');
  const others = new Set(taken);
  if (!others.has(own)) return own;
  let number = 2;
  while (others.has(`${own.slice(0, 36)}-${number}`)) number++;
  return `${own.slice(0, 36)}-${number}`;
}
