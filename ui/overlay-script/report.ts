import type { FoundBlock } from './blocks';
import type { OverlayData } from './data';
import type { LaidOut } from './grid';
import { isSeen, elementName, type Off } from './off';

const MOST_BOXES = 5000;

/** What the overlay found, as JSON: `screens` is what a survey reads. */
export function reportOf(data: OverlayData, grid: LaidOut, off: readonly Off[], blocks: readonly FoundBlock[]): string {
  const round = (length: number): number => Math.round(length * 64) / 64;
  const { top, height } = grid.region.getBoundingClientRect();
  const isPage = grid.region === document.body;
  const head = isPage ? 0 : top + scrollY;
  const boxes = [...grid.region.querySelectorAll('*')]
    .filter((element) => isSeen(element))
    .map((element) => ({ element, rect: element.getBoundingClientRect() }))
    .filter(({ rect }) => rect.width >= 2 && rect.height >= 2)
    .slice(0, MOST_BOXES)
    .map(({ element, rect }) => [
      round(rect.left + scrollX - grid.left),
      round(rect.top + scrollY - head),
      round(rect.width),
      round(rect.height),
      elementName(element).slice(0, 120),
    ]);
  const name = `${document.title || location.pathname}, ${round(grid.width)}`.slice(0, 120);
  return JSON.stringify(
    {
      edition: `${data.name} ${data.version}`,
      range: grid.range.name,
      off: off.map(({ element, side, at, by }) => ({
        element: elementName(element),
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
