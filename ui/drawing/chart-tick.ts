/** How the numbers along the axes of a chart are set. */
export const CHART_TICK = { fill: 'var(--soft)', fontSize: 11, fontFamily: 'var(--bs-font-monospace)' };
