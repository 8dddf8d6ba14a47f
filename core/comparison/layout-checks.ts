import { layoutCss } from '../formats/layout/layout-css';
import { counted } from '../length/present';
import { type AreaPlace, type Areas, areasAt } from '../site/areas';
import { readStyleSheets, type SiteRule } from '../site/rules';
import { byWidth, shownWidth } from '../spec/ranges';
import type { Breakpoint, Layout, Spec } from '../spec/schema';
import type { Check } from './check';

/** The trial layouts of a specification, held against the pictures that a page's style sheets paint in `grid-template-areas`. */
export function layoutChecks(spec: Spec, rules: readonly SiteRule[]): Check[] {
  const breakpoints = byWidth(spec.breakpoints).map((breakpoint) => {
    const width = shownWidth(spec, breakpoint);
    return { breakpoint, width, pages: areasAt(rules, width) };
  });
  return spec.layouts.flatMap((layout) => {
    // what a layout is in CSS is written once, by its format; of both sides the same is read
    const own = readStyleSheets([layoutCss(spec, NO_ORIGIN, [layout])]).value!.rules;
    return breakpoints.flatMap(({ breakpoint, width, pages }) =>
      areasAt(own, width).flatMap((section) => {
        const page = nearest(section, pages);
        return page ? sectionChecks(layout, breakpoint, width, section, page) : [];
      }),
    );
  });
}

const NO_ORIGIN = { version: '', published: '', sha256: '' };

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

function sectionChecks(layout: Layout, { name }: Breakpoint, width: number, own: Areas, page: Areas): Check[] {
  const section = /data-section='([^']+)'/.exec(own.selector)?.[1];
  const title = layout.sections.find(({ id }) => id === section)?.name;
  const where = [layout.name, ...(title ? [title] : [])].join(', ');
  const check = (quantity: string, specification: string, found: string, says: string): Check => ({
    breakpoint: name,
    quantity,
    at: String(width),
    specification,
    page: found,
    verdict: specification === found ? 'same' : 'differs',
    sentence: specification === found ? '' : says,
  });
  const lanes = check(
    `${where}: rows`,
    String(own.lanes),
    String(page.lanes),
    `${name}: ${where} has ${counted(page.lanes, 'row')} on the page where the specification has ${own.lanes}.`,
  );
  const blocks = own.places.flatMap((place): Check[] => {
    const quantity = `${where}: ${place.name}`;
    const found = page.places.find((each) => each.name === place.name);
    if (!found)
      return [
        check(quantity, columnsText(place), 'none', `${name}: “${place.name}” of ${where} has no area on the page.`),
      ];
    const inRows = own.lanes === page.lanes;
    const [specification, there] = [placeText(place, inRows), placeText(found, inRows)];
    return [
      check(
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
        `${where}: ${place.name}`,
        'none',
        columnsText(place),
        `${name}: ${where} has an area “${place.name}” on the page that the specification does not have.`,
      ),
    );
  return [lanes, ...blocks, ...more];
}

function columnsText({ columns: [first, last] }: AreaPlace): string {
  return first === last ? `column ${first}` : `columns ${first}–${last}`;
}

function placeText(place: AreaPlace, inRows: boolean): string {
  const [first, last] = place.lanes;
  if (!inRows) return columnsText(place);
  return `${columnsText(place)}, ${first === last ? `row ${first}` : `rows ${first}–${last}`}`;
}
