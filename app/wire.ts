/** How a value is read from JSON: dates are texts. */
export type Wire<T> = T extends Date ? string : T extends object ? { [Key in keyof T]: Wire<T[Key]> } : T;

/**
 * A value as JSON would bring it to whoever reads it: what a page hands to its view.
 *
 *     wire({ madeAt: new Date(0) })   // { madeAt: '1970-01-01T00:00:00.000Z' }
 */
export function wire<T>(value: T): Wire<T> {
  return JSON.parse(JSON.stringify(value)) as Wire<T>;
}
