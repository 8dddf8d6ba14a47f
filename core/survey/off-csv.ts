import { commaSeparated } from '../text/comma-separated';
import { tabSeparated } from '../text/tab-separated';
import { type Cause, causeText } from './off';

const HEAD = ['cause', 'screen', 'box', 'side', 'at', 'nearest line', 'off by'];

/** What is off as rows of cells: the cause, and each of its edges, in px. */
export function offRows(causes: readonly Cause[]): string[][] {
  return causes.flatMap((cause) =>
    cause.edges.map(({ screen, box, side, at, nearest, by }) => [
      causeText(cause),
      screen,
      box,
      side,
      ...[at, nearest, by].map(decimal),
    ]),
  );
}

/** What is off as a CSV file. */
export function offCsv(causes: readonly Cause[]): string {
  return commaSeparated([HEAD, ...offRows(causes)]);
}

/** What is off as tab-separated text for a spreadsheet. */
export function offTabs(causes: readonly Cause[]): string {
  return tabSeparated([HEAD, ...offRows(causes)]);
}

/** To a 64th of a px, which is what browsers hold. */
function decimal(length: number): string {
  return String(Math.round(length * 64) / 64);
}
