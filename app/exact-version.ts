/** A version of three numbers, as editions have. */
export const EXACT = /^\d+\.\d+\.\d+$/;
