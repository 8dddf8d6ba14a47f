import type { FoundBlock } from './blocks';
import type { OverlayData } from './data';
import type { LaidOut } from './grid';
import { boxesIn } from '../measure-script/boxes';
import { elementNamer } from '../measure-script/element-name';
import type { Off } from './off';

const MOST_BOXES = 5000;

/** What the overlay found, as JSON: `screens` is what a survey reads. */
export function reportOf(data: OverlayData, grid: LaidOut, off: readonly Off[], blocks: readonly FoundBlock[]): string {
  const round = (length: number): number => Math.round(length * 64) / 64;
  const { top, height } = grid.region.getBoundingClientRect();
  const nameOf = elementNamer();
  const isPage = grid.region === document.body;
  const head = isPage ? 0 : top + scrollY;
  const boxes = boxesIn(grid.region)
    .slice(0, MOST_BOXES)
    .map(({ element, x, y, width, height: tall }) => [
      round(x + scrollX - grid.left),
      round(y + scrollY - head),
      round(width),
      round(tall),
      nameOf(element).slice(0, 120),
    ]);
  const name = `${document.title || location.pathname}, ${round(grid.width)}`.slice(0, 120);
  return JSON.stringify(
    {
      edition: `${data.name} ${data.version}`,
      range: grid.range.name,
      off: off.map(({ element, side, at, by }) => ({
        element: nameOf(element),
        side,
        at: round(at),
        by: round(by),
      })),
      blocks: blocks.map(({ id, layout, start, end }) => ({ id, layout, start: round(start), end: round(end) })),
      screens: [
        { name, width: grid.width, height: Math.round(isPage ? document.documentElement.scrollHeight : height), boxes },
      ],
    },
    null,
    1,
  );
}
