import type { OverlayData } from './data';

/** The grid as the browser has laid it out: edges in px of the viewport, across. */
export type LaidOut = {
  /** What the grid is laid over, and where that begins on the page. */
  region: Element;
  left: number;
  range: OverlayData['ranges'][number];
  width: number;
  starts: number[];
  ends: number[];
  gutter: number;
  row: number;
};

/** The containers of a page in which the grid may stand. */
export function regionsOn({ measure }: OverlayData): Element[] {
  return measure === 'container' ? [...document.querySelectorAll('.grid-region')] : [];
}

/** Draws as many columns as there are at this width, and reads back where they stand. */
export function layOut(data: OverlayData, over: Element | undefined, columns: HTMLElement): LaidOut {
  const page = columns.parentElement!;
  const at = over?.getBoundingClientRect();
  const height = at?.height ?? document.documentElement.scrollHeight;
  const [width, left] = at ? [at.width, at.left + scrollX] : [document.documentElement.clientWidth, 0];
  page.style.blockSize = `${height}px`;
  if (at) page.style.cssText += `; inset: ${at.top + scrollY}px auto auto ${left}px; inline-size: ${width}px`;
  // what a range begins with is asked of the browser, as style sheets do; of a container they ask its width
  const holds = ({ from }: { from: number }): boolean =>
    data.measure === 'container' ? width >= from : matchMedia(`(min-width: ${from}px)`).matches;
  const range = data.ranges.filter(holds).at(-1) ?? data.ranges[0]!;
  const count = getComputedStyle(columns)
    .gridTemplateColumns.split(' ')
    .filter((track) => /\d/.test(track)).length;
  while (columns.children.length < count) columns.append(document.createElement('i'));
  while (columns.children.length > count) columns.lastChild!.remove();
  const rects = [...columns.children].map((column) => column.getBoundingClientRect());
  const own = getComputedStyle(columns);
  const probe = document.createElement('div');
  probe.style.cssText = 'position: absolute; block-size: calc(var(--grid-row-height, 0px) + var(--grid-row-gap, 0px))';
  page.append(probe);
  const row = probe.getBoundingClientRect().height;
  probe.remove();
  return {
    region: over ?? document.body,
    left,
    range,
    width,
    starts: rects.map(({ left }) => left + scrollX),
    ends: rects.map(({ right }) => right + scrollX),
    gutter: Number.parseFloat(own.columnGap) || 0,
    row,
  };
}

/** The sum of the width in words: `108 + 12 × 86 + 11 × 24 + 108 = 1512`. */
export function sumOf({ starts, ends, gutter, width, left }: LaidOut): string {
  const count = starts.length;
  if (count === 0) return 'no columns at this width';
  const short = (length: number): string => String(Math.round(length * 100) / 100);
  const gutters = count > 1 ? ` + ${count - 1} × ${short(gutter)}` : '';
  return `${short(starts[0]! - left)} + ${count} × ${short(ends[0]! - starts[0]!)}${gutters} + ${short(left + width - ends.at(-1)!)} = ${short(width)}`;
}
