/** What reading a person's text gives: the value, or one sentence that says what is wrong and what would be right. */
export type Parsed<T> = { value: T; problem?: undefined } | { problem: string; value?: undefined };

/** What was read, made into something else; a problem stays what it is. */
export function mapped<A, B>(parsed: Parsed<A>, change: (value: A) => B): Parsed<B> {
  return parsed.problem === undefined ? { value: change(parsed.value) } : parsed;
}
