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
