import type { PlacedBlock } from '../../layouts/place-blocks';
import { columnsText } from '../../layouts/placement-text';
import { mainStyle } from '../../spec/block-kinds';
import type { Placed } from '../../layouts/placements';
import { numeral } from '../../length/present';
import type { Block, Layout } from '../../spec/schema';
import { cssNumbers, type CssSum, cssText } from '../grid-css/css-numbers';
import { areaName, type OnLines } from './area-names';
import { type AreaAcross, innerSums, standsBelow } from './block-sums';
import type { GroundSums, RowUnit } from './ground-sums';

/** A rule: what it selects, what it says, and a comment over it. */
export type CssRule = { selector: string; comment?: string; says: [property: string, value: string][] };

type InGrid = {
  placed: Placed;
  across: AreaAcross;
  height: CssSum | null;
  card: { says: CssRule['says'] } | null;
};

type On = {
  layout: Layout;
  ground: GroundSums;
  solved: ReadonlyMap<string, PlacedBlock>;
  screenHeight: CssSum | null;
  rowUnit: RowUnit;
};

/** How a block stands in its area. */
const ALIGNED: Partial<Record<Placed['stands'], string>> = { middle: 'center', foot: 'end' };

/** The rule of a block: where it stands on its grid, how tall it is, and what the inside of it goes by. */
export function blockRule(
  { placed, across, height, card }: InGrid,
  lines: OnLines | null,
  { layout, ground, solved, screenHeight, rowUnit }: On,
): CssRule {
  const { block, stands } = placed;
  const { from, to, marginStart, marginEnd } = across;
  const isStretched = placed.height === 'lanes' || placed.height === 'section';
  // what needs more lines than it was given shows it; a field scrolls
  const isSet = mainStyle(block.holds) !== null && !('field' in block.holds);
  const grows = isSet && typeof placed.height === 'object' && 'lines' in placed.height;
  const below = standsBelow(placed, ground);
  const where: CssRule['says'] = lines
    ? [
        ['grid-area', 'auto'],
        ['grid-column', `${from} / ${to + 1}`],
        ['grid-row', `${lines.tracks[0] + 1} / ${lines.tracks[1] + 2}`],
      ]
    : [['grid-area', areaName(block.id)]];
  const tall: CssRule['says'] =
    placed.height === 'section' && screenHeight
      ? [['block-size', cssText(cssNumbers.sub(screenHeight, below))]]
      : height === null || (card && placed.height === 'content')
        ? []
        : [[grows ? 'min-block-size' : 'block-size', cssText(height)]];
  return {
    selector: blockSelector(layout, block),
    comment: measured(solved.get(block.id)),
    says: [
      ...where,
      ['align-self', isStretched ? 'stretch' : (ALIGNED[stands] ?? 'start')],
      ...tall,
      ...margins({ start: marginStart, end: marginEnd, top: below }),
      ...(card?.says ?? []),
      ...innerSums(block.holds, rowUnit, ground).map(
        ([name, sums]) => [name, sums.map(cssText).join(' ')] as [string, string],
      ),
    ],
  };
}

/** How a style sheet calls a block of a layout. */
export function blockSelector({ id }: Pick<Layout, 'id'>, block: Pick<Block, 'id'>): string {
  return `#${id} [data-block='${block.id}']`;
}

function margins({ start, end, top }: Record<'start' | 'end' | 'top', CssSum>): CssRule['says'] {
  const all = [cssText(start), cssText(end)];
  return [
    ['margin-inline', all[0] === all[1] ? all[0]! : all.join(' ')],
    ['margin-block', cssText(top) === '0px' ? '0px' : `${cssText(top)} 0px`],
  ];
}

/** `columns 8–12, x 878, 526 × 295.875`: as wide as the range is drawn. */
function measured(block: PlacedBlock | undefined): string {
  if (!block) return '';
  const { placed, x, y, width, height } = block;
  return `columns ${columnsText(placed.columns)} at ${numeral(x)}, ${numeral(y)}; ${numeral(width)} × ${numeral(height)}`;
}
