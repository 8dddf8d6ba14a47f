/** The least whole number that both divide: 12 and 8 go into 24. */
export function leastCommonMultiple(a: bigint, b: bigint): bigint {
  return (a / greatestCommonDivisor(a, b)) * b;
}

/** The greatest whole number that divides both: 4 for 12 and 8. */
export function greatestCommonDivisor(a: bigint, b: bigint): bigint {
  return b === 0n ? a : greatestCommonDivisor(b, a % b);
}
