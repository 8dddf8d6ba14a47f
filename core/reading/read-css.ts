import type { Parsed } from '../parsed';
import { systemText } from '../site/system-text';
import { noGridIn, readSite, type SiteReading } from '../site/read-site';
import { REGION, regionClasses } from '../site/region';
import type { Sheet } from '../site/rules';
import type { RoleChoice } from '../site/grid-systems';
import { type Reading, readingOfCss } from './reading';

/** The grid in style sheets, as breakpoints: one for each range in which its columns are said in the same way. */
export function readCss(texts: readonly (string | Sheet)[], choice: RoleChoice = {}): Parsed<Reading> {
  const onPage = readSite(texts, choice);
  if (!onPage.value) return { problem: onPage.problem! };
  const site = inRegion(texts, choice, onPage.value) ?? onPage.value;
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
    { measure: grids.measures(system), unread: [...unread, ...others] },
  );
}

/** What is read of a grid as of one in a container that is as wide as the page, where its ranges go by one; null where they do not. */
function inRegion(
  texts: readonly (string | Sheet)[],
  choice: RoleChoice,
  { system, grids, sheet }: SiteReading,
): SiteReading | null {
  const asks = system ? grids.measures(system) === 'container' : sheet.conditions.some(({ container }) => container);
  const { value } = asks ? readSite([...texts, REGION], choice, null, regionClasses) : {};
  return value?.system ? value : null;
}
