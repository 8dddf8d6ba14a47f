/** Room beside the plot of every chart, in px, so that all stand over one axis of widths. */
export const PLOT = { start: 64, end: 14 } as const;
