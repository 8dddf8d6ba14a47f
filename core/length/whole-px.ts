/** A number of px as a person types it, without its unit: `1440 px` is `1440`. */
export function withoutPx(text: string): string {
  return text.trim().replace(/\s*px$/i, '');
}

/** Whole px between two bounds, as a person types them; null for anything else. */
export function readWholePx(text: string, { least, most }: { least: number; most: number }): number | null {
  const plain = withoutPx(text);
  const width = Number(plain);
  return /^\d+$/.test(plain) && width >= least && width <= most ? width : null;
}
