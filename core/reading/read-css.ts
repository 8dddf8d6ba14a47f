import type { Parsed } from '../parsed';
import { systemText } from '../site/system-text';
import { noGridIn, readSite } from '../site/read-site';
import type { Sheet } from '../site/rules';
import type { RoleChoice } from '../site/grid-systems';
import { type Reading, readingOfCss } from './reading';

/** The grid in style sheets, as breakpoints: one for each range in which its columns are said in the same way. */
export function readCss(texts: readonly (string | Sheet)[], choice: RoleChoice = {}): Parsed<Reading> {
  const { value: site, problem } = readSite(texts, choice);
  if (!site) return { problem: problem! };
  const { system, ranges, grids, unread } = site;
  if (!system) return { problem: noGridIn(texts) };
  const others = grids.systems
    .slice(1)
    .map((other) => ({ what: systemText(other), why: 'It’s another grid on the page.' }));
  if (ranges.length === 0)
    return { problem: `${systemText(system)} couldn’t be read: ${unread[0]?.why ?? 'it has no columns.'}` };
  return readingOfCss(
    `Style sheet, ${systemText(system)}`,
    ranges.map(({ from, columns }) => ({ from, columns })),
    { unread: [...unread, ...others] },
  );
}
