/** What reading a person's text gives: the value, or one sentence that says what is wrong and what would be right. */
export type Parsed<T> = { value: T; problem?: undefined } | { problem: string; value?: undefined };
