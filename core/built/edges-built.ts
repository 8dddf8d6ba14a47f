import { rowFramesAt } from '../layouts/row-frames';
import { px } from '../length/px';
import { specOfGrid } from '../spec/named-grids';
import { specLines } from '../survey/lines';
import { blocksAmong, causesOf, causeText, type OffEdge, offGrid, shownOff } from '../survey/off';
import { boxCount } from '../survey/screens';
import type { OnBuilt } from './on-built';
import type { Measured, MeasuredBox } from './measured';
import { type BuiltVerdict, drawnPx, gathered, notHeld, severalOr, type Slip, verdictOf } from './verdicts';

/** The edges of what layouts say nothing of, against the columns: of the main grid, or of any other that stands beside it. */
export function columnsVerdict({ spec, page, tolerance }: OnBuilt): BuiltVerdict {
  const screen = { name: '', width: page.width, height: page.height, boxes: freeBoxes(page) };
  const { slips, leaving, edges } = offGrid(screen, specLines(spec, page.width), tolerance);
  const others = (spec.grids ?? []).map((grid) => specLines(specOfGrid(spec, grid), page.width));
  const isOn = (lines: readonly number[], at: number): boolean =>
    lines.some((line) => Math.abs(line - at) <= tolerance);
  const isOnOther = ({ side, at }: OffEdge): boolean =>
    others.some((own) => isOn(side === 'start' ? own.starts : own.ends, at));
  const off = slips.filter((edge) => !isOnOther(edge));
  const findings = causesOf(off).map((cause) => ({
    says: cause.edges.length === 1 ? causeText(cause).replace(/^1 box/, cause.edges[0]!.box) : causeText(cause),
    by: cause.by,
    elements: cause.edges.map(({ box }) => box),
    places: cause.edges.map(({ at, top, height }) => ({ x: at - 1, y: top, width: 2, height })),
  }));
  // what is as wide as the screen leaves it as it should
  const away = leaving.filter((edge) => !isOn([0, page.width], edge.at) && !isOnOther(edge));
  return {
    ...verdictOf('columns', edges, findings),
    why: away.length === 0 ? null : awaySays(away.map(({ box }) => box)),
  };
}

/** Sides that leave the grid as if they were meant to are no slips; that there are some is said. */
function awaySays(names: readonly string[]): string {
  const [first, ...more] = [...new Set(names)];
  const are = names.length === 1 ? 'side is' : 'sides are';
  return `${names.length} ${are} further from a column than a slip: ${first}${more.length > 0 ? ` and ${more.length} more` : ''}`;
}

/** The tops of what layouts say nothing of, against rows that go on down the page; those that divide a screen are held with the blocks on them. */
export function rowsVerdict({ spec, breakpoint, page, layout, tolerance }: OnBuilt): BuiltVerdict | null {
  const { goOn, content, unit } = rowFramesAt(spec, breakpoint, px(String(page.width)), page.screen);
  if (!goOn)
    return layout
      ? null
      : notHeld('rows', 'Rows that divide a screen are checked by the blocks of a layout, and none is on the page');
  const [height, gap] = [unit.content.height.valueOf(), unit.content.gap.valueOf()];
  const first = content(px(0)).head(1).valueOf();
  const step = height + gap;
  // what is painted stands on rows; text on baselines
  const tops = blocksAmong(freeBoxes(page).filter(({ seen }) => seen !== 'text'));
  const slips = tops.flatMap(({ name, x, y, width, height: tall }): Slip[] => {
    const by = y - (first + Math.max(0, Math.round((y - first) / step)) * step);
    if (Math.abs(by) <= tolerance || y <= tolerance) return [];
    const says = (count: number, one: string): string =>
      `${severalOr(count, one, boxCount(count))} ${count === 1 ? 'begins' : 'begin'} ${drawnPx(Math.abs(by))} px ${by > 0 ? 'below' : 'above'} a row`;
    return [{ cause: String(shownOff(by)), by, name, place: { x, y, width, height: tall }, says }];
  });
  return verdictOf('rows', tops.length, gathered(slips));
}

/** Boxes that are no block of a layout, and stand in none. */
function freeBoxes({ boxes }: Measured): MeasuredBox[] {
  return boxes.filter(({ block }) => block === null);
}
