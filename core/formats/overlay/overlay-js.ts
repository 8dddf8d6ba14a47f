import { inkCss, inksOf, isOutlined } from '../../overlay/inks';
import { countsOfSection } from '../../layouts/section-grid';
import { placementsAt } from '../../layouts/placements';
import { measureOf } from '../../spec/measure';
import { byWidth } from '../../spec/ranges';
import type { Layout, Spec } from '../../spec/schema';
import { cssText } from '../grid-css/css-numbers';
import { guideSums, meshSum } from '../grid-css/css-reader';
import { OVERLAY_IDS } from '../../spec/overlay-schema';
import { insideProperties } from '../grid-css/range-properties';
import { frameProperties } from '../grid-css/frame-css';
import { declared, gridProperties, mediaQuery, type Origin, rangeRule } from '../grid-css/grid-css';
import { OVERLAY_SCRIPT } from './overlay-script';

/**
 * The grid over a running page, as one script: `ui/overlay-script`, bundled, with what it needs of the edition in it. Run a second time it takes itself away.
 */
export function overlayJs(spec: Spec, { version }: Origin): string {
  const breakpoints = byWidth(spec.breakpoints);
  const inks = inksOf(spec);
  const isRegion = measureOf(spec) === 'container';
  const data = {
    name: spec.name,
    version,
    measure: measureOf(spec),
    css: breakpoints
      .map(
        (breakpoint) =>
          `${rangeRule(spec, mediaQuery(spec, breakpoint))} { ${isRegion ? '.page > *' : ':host'} { ${[...declared('grid', gridProperties(spec, breakpoint)), ...declared('frame', frameProperties(spec, breakpoint))].join(' ').replace(/\s+/g, ' ').trim()} } .mesh { --grid-margin-start: ${insideProperties(spec, breakpoint)['margin-start']} } }`,
      )
      .join('\n'),
    ranges: breakpoints.map(({ id, name, from }) => ({ id, name, from })),
    layouts: spec.layouts.map((layout) => ({ name: layout.name, blocks: blocksOf(spec, layout) })),
    mesh: spec.mesh === undefined ? null : { square: cssText(meshSum(spec)), strong: spec.mesh.strong ?? null },
    guides: Object.fromEntries(
      breakpoints.map((breakpoint) => [
        breakpoint.id,
        guideSums(spec, breakpoint).map(({ name, axis, at }) => ({ name, axis, at: cssText(at) })),
      ]),
    ),
    isOutlined: isOutlined(spec),
    inks: Object.fromEntries(OVERLAY_IDS.map((id) => [id, inkCss(inks[id])])),
  };
  // nothing in it may end a script in a page of HTML
  const json = JSON.stringify(data)
    .replace(/</g, '\\u003c')
    .replace(/\u2028/g, '\\u2028')
    .replace(/\u2029/g, '\\u2029');
  return OVERLAY_SCRIPT.replace('YPSILINE_DATA', () => json).replaceAll('YPSILINE_DATA', '0');
}

type Columns = Record<string, Record<string, [number, number]>>;

/** The columns of a layout's blocks in each range; what leaves the grid, and what stands in cards, is not held. */
function blocksOf(spec: Spec, { sections }: Layout): Columns {
  const found: Columns = {};
  for (const breakpoint of byWidth(spec.breakpoints)) {
    for (const section of sections) {
      for (const { block, columns, leaves } of placementsAt(
        spec,
        section.blocks,
        breakpoint,
        countsOfSection(spec, section),
      )) {
        const isOnLines = columns.every(Number.isInteger) && leaves.length === 0;
        if (isOnLines) (found[block.id] ??= {})[breakpoint.id] = [columns[0], columns[1]];
      }
    }
  }
  return found;
}
