/** A picture as rows of red, green, blue and opacity from 0 to 255, as a browser's canvas gives it. */
export type Pixels = { width: number; height: number; data: Uint8ClampedArray };
