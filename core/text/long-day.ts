/**
 * A day as a sentence says it, in UTC.
 *
 *     longDay(new Date('2026-03-03T12:00:00Z'))   // "3 March 2026"
 */
export function longDay(at: Date): string {
  return at.toLocaleDateString('en-GB', { dateStyle: 'long', timeZone: 'UTC' });
}
