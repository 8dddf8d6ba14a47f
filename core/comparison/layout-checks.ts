import { areaName } from '../formats/layout/area-names';
import { counted, decimal } from '../length/present';
import { memoized } from '../layouts/memoized';
import type { PlacedBlock } from '../layouts/place-blocks';
import { solvedAt } from '../layouts/solved-at';
import { type AreaPlace, type Areas, areasAt, blocksInLanes } from '../site/areas';
import { isSamePx } from '../site/fit-columns';
import { type BlockOnPage, PlacedBlocks } from '../site/placed-blocks';
import type { SiteReading } from '../site/read-site';
import { type NoGrid, rootsFor } from '../site/walk';
import { byWidth, shownWidth } from '../spec/ranges';
import type { Breakpoint, Layout, Spec } from '../spec/schema';
import { type Check, notChecked } from './check';

/** A section or a card of a layout at a breakpoint, and how people call it. */
type Drawn = { where: string; areas: Areas; blocks: readonly PlacedBlock[] };

type At = {
  breakpoint: Breakpoint;
  width: number;
  pages: readonly Areas[];
  onPage: (name: string) => BlockOnPage | null;
};

/**
 * The trial layouts of a specification, held against a page: the pictures that its style sheets paint in `grid-template-areas`, else the lines and spans on which
 * they put blocks, known by a class, an id or `data-block`; and the heights that they give these.
 */
export function layoutChecks(spec: Spec, { sheet, root, grids }: SiteReading): Check[] {
  if (spec.layouts.length === 0) return [];
  const roots = rootsFor(spec.rootFontSize);
  const breakpoints = byWidth(spec.breakpoints).map((breakpoint) => {
    const width = Math.round(shownWidth(spec, breakpoint));
    return { breakpoint, width, pages: areasAt(sheet.rules, width) };
  });
  return spec.layouts.flatMap((layout) => {
    const placed = new PlacedBlocks(grids, sheet.rules, root, layout.id);
    return breakpoints.flatMap(({ breakpoint, width, pages }) => {
      // asked for its place, and again for its height
      const onPage = memoized((name: string) => placed.at(name, width, breakpoint.reference.height, roots));
      const at: At = { breakpoint, width, pages, onPage };
      return drawnAt(spec, layout, breakpoint).flatMap((drawn) => [
        ...placeChecks(drawn, at),
        ...drawn.blocks.flatMap((block) => heightChecks(drawn, block, at)),
      ]);
    });
  });
}

/** The sections and cards of a layout as it is drawn at a breakpoint. */
function drawnAt(spec: Spec, layout: Layout, breakpoint: Breakpoint): Drawn[] {
  const groups = new Map<string, PlacedBlock[]>();
  for (const block of solvedAt(spec, layout, breakpoint).blocks) {
    const key = JSON.stringify([block.section, block.card]);
    groups.set(key, [...(groups.get(key) ?? []), block]);
  }
  return [...groups].map(([key, blocks]) => {
    const [section, card] = JSON.parse(key) as [string, string | null];
    const { name } = layout.sections.find(({ id }) => id === section)!;
    const lanes = Math.max(...blocks.map(({ placed }) => placed.lanes[1]));
    const places = blocks.map(({ id, placed }): AreaPlace => ({
      name: areaName(id),
      // what ends within a column stands in it
      columns: [Math.floor(placed.columns[0]), Math.ceil(placed.columns[1])],
      lanes: placed.height === 'section' ? [1, lanes] : [...placed.lanes],
    }));
    const where = [layout.name, ...(card === null && name ? [name] : [])].join(', ');
    return { where, areas: blocksInLanes(places), blocks };
  });
}

function placeChecks(drawn: Drawn, at: At): Check[] {
  const picture = nearest(drawn.areas, at.pages);
  if (picture) return areaChecks(drawn, picture, at);
  const found = drawn.areas.places.flatMap(({ name }) => at.onPage(name) ?? []);
  if (found.length * 2 < drawn.areas.places.length || found.length === 0) return [];
  return lineChecks(drawn, found, at);
}

/** The picture of the page with most of a section's names; at least half of them. */
function nearest({ places }: Areas, pages: readonly Areas[]): Areas | null {
  const shared = (page: Areas): number =>
    places.filter(({ name }) => page.places.some((place) => place.name === name)).length;
  const best = pages.reduce<Areas | null>(
    (most, page) => (shared(page) > (most ? shared(most) : 0) ? page : most),
    null,
  );
  return best && shared(best) * 2 >= places.length ? best : null;
}

/** Blocks on lines: those whose place is known against the drawing of just these; the others are named. */
function lineChecks({ where, areas }: Drawn, found: readonly BlockOnPage[], at: At): Check[] {
  const known = found.flatMap(({ name, place }) => ('why' in place ? [] : [{ name, ...place }]));
  const names = new Set(known.map(({ name }) => name));
  const own = blocksInLanes(areas.places.filter(({ name }) => names.has(name)));
  const unknown = areas.places.filter(({ name }) => !names.has(name));
  const left = unknown.map(({ name }) => {
    const place = found.find((each) => each.name === name)?.place;
    const { why, ...rest } = (place as NoGrid | undefined) ?? { why: 'the page says nothing of it' };
    return notChecked(
      at.breakpoint.name,
      `${where}: ${name}`,
      { why: `“${name}”: ${why}.`, ...rest },
      String(at.width),
    );
  });
  if (known.length === 0) return left;
  const page = blocksInLanes(known);
  return [...areaChecks({ where, areas: own }, page, at), ...left];
}

function areaChecks({ where, areas: own }: Pick<Drawn, 'where' | 'areas'>, page: Areas, at: At): Check[] {
  const { name } = at.breakpoint;
  const lanes = check(
    at,
    `${where}: rows`,
    String(own.lanes),
    String(page.lanes),
    `${name}: ${where}: ${counted(own.lanes, 'row')} drawn, ${page.lanes} built.`,
  );
  const blocks = own.places.flatMap((place): Check[] => {
    const quantity = `${where}: ${place.name}`;
    const found = page.places.find((each) => each.name === place.name);
    if (!found)
      return [
        check(
          at,
          quantity,
          columnsText(place),
          'none',
          `${name}: “${place.name}” of ${where} has no area on the page.`,
        ),
      ];
    const inRows = own.lanes === page.lanes;
    const [specification, there] = [placeText(place, inRows), placeText(found, inRows)];
    return [
      check(
        at,
        quantity,
        specification,
        there,
        `${name}: “${place.name}” of ${where} is on ${there} on the page where the specification has ${specification}.`,
      ),
    ];
  });
  const more = page.places
    .filter((place) => !own.places.some((each) => each.name === place.name))
    .map((place) =>
      check(
        at,
        `${where}: ${place.name}`,
        'none',
        columnsText(place),
        `${name}: ${where} has an area “${place.name}” on the page that the specification does not have.`,
      ),
    );
  return [lanes, ...blocks, ...more];
}

/** How tall a block is, where the drawing gives it a height and the page does so as well: in px, and in rows where the page’s are all alike. */
function heightChecks({ where }: Drawn, { id, placed, rows: [first, last], height }: PlacedBlock, at: At): Check[] {
  const name = areaName(id);
  const page = placed.height === 'content' ? null : at.onPage(name);
  if (!page) return [];
  const quantity = `${where}: ${name}, height`;
  const checks: Check[] = [];
  if (page.rows && !('why' in page.place) && typeof placed.height === 'object' && 'rows' in placed.height) {
    const [drawn, built] = [last - first + 1, page.place.lanes[1] - page.place.lanes[0] + 1];
    const sentence = `${at.breakpoint.name}: “${name}” of ${where}: ${counted(drawn, 'row')} drawn, ${built} built.`;
    checks.push(check(at, `${where}: ${name}, rows`, String(drawn), String(built), sentence));
  }
  const tall = page.height;
  if (tall === null) return checks;
  if ('why' in tall) return [...checks, notChecked(at.breakpoint.name, quantity, tall, String(at.width))];
  const [drawn, built] = [`${decimal(height)} px`, `${decimal(tall)} px`];
  const sentence = `${at.breakpoint.name}: “${name}” of ${where} is ${built} tall on the page where the specification has ${drawn}.`;
  return [...checks, check(at, quantity, drawn, isSamePx(height, tall) ? drawn : built, sentence)];
}

function check(at: At, quantity: string, specification: string, page: string, says: string): Check {
  const isSame = specification === page;
  return {
    breakpoint: at.breakpoint.name,
    quantity,
    at: String(at.width),
    specification,
    page,
    verdict: isSame ? 'same' : 'differs',
    sentence: isSame ? '' : says,
  };
}

function columnsText({ columns: [first, last] }: AreaPlace): string {
  return first === last ? `column ${first}` : `columns ${first}–${last}`;
}

function placeText(place: AreaPlace, inRows: boolean): string {
  const [first, last] = place.lanes;
  if (!inRows) return columnsText(place);
  return `${columnsText(place)}, ${first === last ? `row ${first}` : `rows ${first}–${last}`}`;
}
