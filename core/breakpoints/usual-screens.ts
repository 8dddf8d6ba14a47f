/** What breakpoints are called by their width (common practice, no source). */
const CALLED: readonly [from: number, name: string][] = [
  [1600, 'Wide'],
  [1100, 'Desktop'],
  [900, 'Laptop'],
  [600, 'Tablet'],
  [0, 'Phone'],
];

/**
 * Names for breakpoints of these widths; those that would be called alike have their width behind it.
 *
 *     usualNames([390, 1240, 1512])   // ["Phone", "Desktop 1240", "Desktop 1512"]
 */
export function usualNames(widths: readonly number[]): string[] {
  const names = widths.map((width) => CALLED.find(([from]) => width >= from)![1]);
  return names.map((name, index) =>
    names.filter((other) => other === name).length > 1 ? `${name} ${widths[index]}` : name,
  );
}

/** A screen is as high as those of its width usually are (common practice, no source). */
export function usualHeight(width: number): number {
  return Math.round(width < 600 ? width * 2.2 : width < 1100 ? width * 1.4 : width * 0.64);
}
