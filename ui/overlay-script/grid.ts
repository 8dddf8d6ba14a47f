import type { OverlayData } from './data';

/** The grid as the browser has laid it out: edges in px of the viewport, across. */
export type LaidOut = {
  range: OverlayData['ranges'][number];
  width: number;
  starts: number[];
  ends: number[];
  gutter: number;
  row: number;
};

/** Draws as many columns as there are at this width, and reads back where they stand. */
export function layOut(data: OverlayData, host: HTMLElement, columns: HTMLElement): LaidOut {
  const width = document.documentElement.clientWidth;
  // what a range begins with is asked of the browser, as style sheets do
  const range =
    data.ranges.filter(({ from }) => matchMedia(`(min-width: ${from}px)`).matches).at(-1) ?? data.ranges[0]!;
  const count = getComputedStyle(columns)
    .gridTemplateColumns.split(' ')
    .filter((track) => /\d/.test(track)).length;
  while (columns.children.length < count) columns.append(document.createElement('i'));
  while (columns.children.length > count) columns.lastChild!.remove();
  const rects = [...columns.children].map((column) => column.getBoundingClientRect());
  const own = getComputedStyle(columns);
  const probe = document.createElement('div');
  probe.style.cssText = 'position: absolute; block-size: calc(var(--grid-row-height, 0px) + var(--grid-row-gap, 0px))';
  host.shadowRoot!.append(probe);
  const row = probe.getBoundingClientRect().height;
  probe.remove();
  return {
    range,
    width,
    starts: rects.map(({ left }) => left + scrollX),
    ends: rects.map(({ right }) => right + scrollX),
    gutter: Number.parseFloat(own.columnGap) || 0,
    row,
  };
}

/** The sum of the width in words: `108 + 12 × 86 + 11 × 24 + 108 = 1512`. */
export function sumOf({ starts, ends, gutter, width }: LaidOut): string {
  const count = starts.length;
  if (count === 0) return 'no columns at this width';
  const short = (length: number): string => String(Math.round(length * 100) / 100);
  const gutters = count > 1 ? ` + ${count - 1} × ${short(gutter)}` : '';
  return `${short(starts[0]!)} + ${count} × ${short(ends[0]! - starts[0]!)}${gutters} + ${short(width - ends.at(-1)!)} = ${short(width)}`;
}
