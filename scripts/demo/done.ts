/** What cannot be done in the demo is a fault of the demo. */
export function done<T>(what: string, { value, problem }: { value?: T; problem?: string }): T {
  if (problem !== undefined) throw new Error(`demo, ${what}: ${problem}`);
  return value!;
}
