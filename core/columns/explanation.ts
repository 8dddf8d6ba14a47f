/** How a value that follows was worked out: the formula, the numbers put in, the result. */
export type Explanation = { formula: string; numbers: string; result: string };
