import Fraction from 'fraction.js';
import { columnsAt } from '../../columns/columns-at';
import type { PlacedBlock } from '../../layouts/place-blocks';
import {
  columnsUnder,
  type CountAt,
  countsInCard,
  type Placed,
  placementsAt,
  shownAt,
  spaceAt,
  type SpaceAt,
} from '../../layouts/placements';
import { breakpointIn } from '../../layouts/section-grid';
import { ZERO } from '../../length/px';
import type { Breakpoint, CardGrid, Layout, Section } from '../../spec/schema';
import { cssNumbers, type CssSum, cssText, NO_SUM, roundedUp } from '../grid-css/css-numbers';
import { areasOf, type OnLines, tracksFor } from './area-names';
import { blockRule, blockSelector, type CssRule } from './block-rule';
import { type Across, acrossSums, areaSum, heightSum, outsideSum } from './block-sums';
import { type ColumnUnit, type GroundSums, type RowUnit, times, total } from './ground-sums';
import { laneSums, type TallSum, tracksOf } from './lane-sums';

type On = {
  layout: Layout;
  ground: GroundSums;
  solved: ReadonlyMap<string, PlacedBlock>;
  /** The page's rows, and whether the section counts its own; what stands on it on a grid of its own says so itself. */
  page: GroundSums;
  hasOwnRows: boolean;
  /** How far down the sections before it go since the page's rows were last met; null where the one before ends with one. */
  since: Since | null;
  isOwn: (section: Section) => boolean;
  properties: readonly [string, string][];
};

/** The rules of a section, and how far it goes down where the page's rows are still to be met again. */
export type SectionRules = { rules: CssRule[]; since: Since | null };

/** A height since the head of a row, or since the top of the page. */
type Since = { height: CssSum; isFirst: boolean };

/** The rules of a section of a layout in one range. */
export function sectionCss(section: Section, index: number, on: On): SectionRules {
  const { layout, ground, page } = on;
  const { spec, breakpoint } = ground;
  const goOn = page.goOn && !on.hasOwnRows;
  const isScreen = section.tall === 'screen';
  const isLast = index === layout.sections.length - 1;
  const unit = isScreen ? ground.screen : ground.content;
  const countAt = (each: Breakpoint): number =>
    each.id === breakpoint.id ? ground.columns.count : columnsAt(spec, breakpointIn(spec, each.id)).count;
  const blocks = placementsAt(spec, section.blocks, breakpoint, countAt);
  const space = spaceAt(spec, section.space, breakpoint, { between: layout.between, isFirst: index === 0 });
  const offset = goOn && index > 0 ? NO_SUM : unit.offset;
  const grid = gridOf(blocks, space, unit, {
    ...on,
    columns: ground.columns,
    countAt,
    rowUnit: unit,
    offset,
    foot: !goOn || isLast,
    screenHeight: isScreen ? ground.screenHeight : null,
  });
  const selector = `#${layout.id} > [data-section='${section.id}']`;
  const says: CssRule['says'] = [...on.properties, ...grid.says];
  if (section.ground?.to === 'screen') {
    const { start, end } = ground.columns.toScreen;
    says.push(['--before', cssText(start)], ['--after', cssText(end)]);
  }
  const tall = isScreen ? ground.screenHeight : grid.height;
  if (isScreen) says.unshift(['block-size', cssText(ground.screenHeight)]);
  const next = layout.sections[index + 1];
  // a section that ends with a row of the page's has the next one begin at the next
  if (!page.goOn || (goOn && !isScreen)) return { rules: [{ selector, says }, ...grid.rules], since: null };
  const isFirst = on.since === null ? index === 0 : on.since.isFirst;
  const height = on.since === null ? tall : cssNumbers.add(on.since.height, tall);
  if (next === undefined || on.isOwn(next))
    return { rules: [{ selector, says }, ...grid.rules], since: { height, isFirst } };
  const toNext = cssText(toNextRow(height, page.content, isFirst));
  says.push(['margin-block-end', toNext]);
  // its ground goes down to the next
  if (section.ground) says.push(['--to-next', toNext]);
  return { rules: [{ selector, says }, ...grid.rules], since: null };
}

/** After what is so tall and ends where no row of the page's does, up to the head of the next; the first begins above the rows' offset. */
function toNextRow(tall: CssSum, { offset, height, gap }: RowUnit, isFirst: boolean): CssSum {
  const { add, sub } = cssNumbers;
  const step = add(height, gap);
  if (!isFirst) return sub(roundedUp(tall, step), tall);
  return sub(add(offset, roundedUp(sub(tall, offset), step)), tall);
}

type GridOn = On & {
  columns: ColumnUnit;
  countAt: CountAt;
  /** The rows by which blocks say how tall they are. */
  rowUnit: RowUnit;
  offset: CssSum;
  foot: boolean;
  /** How tall the section is, where it is as tall as the screen; blocks as tall as it are so too. */
  screenHeight: CssSum | null;
};

type Inner = TallSum & { across: Across; card: Grid | null };

type Grid = { says: CssRule['says']; rules: CssRule[]; height: CssSum };

/** A section’s or a card’s grid: its tracks, its areas, and what stands on them. */
function gridOf(all: readonly Placed[], spaceIn: SpaceAt, unit: RowUnit, on: GridOn): Grid {
  const { placed: blocks, space } = shownAt(all, spaceIn);
  const inner = blocks.map((placed): Inner => {
    const across = acrossSums(placed, on.columns, on.ground);
    return { across, ...talls(placed, across, on) };
  });
  const lanes = laneSums(inner, space, unit);
  // where nothing stands, the next section begins at its first row
  const isNothing = on.foot && lanes.length === 0 && space.above + space.below === 0;
  const tracks = isNothing ? [] : tracksOf(lanes, space, unit, on.offset, on.foot);
  const onLines: OnLines[] = inner.map(({ placed, across }) => ({ placed, across, tracks: tracksFor(placed, tracks) }));
  const areas = areasOf(onLines, tracks.length, on.columns.count);
  const says: CssRule['says'] = [['grid-template-rows', tracks.map(({ size }) => cssText(size)).join(' ') || 'none']];
  if (areas && areas.length > 0)
    says.push(['grid-template-areas', `\n${areas.map((line) => `      ${line}`).join('\n')}`]);
  else says.push(['grid-template-areas', 'none']);
  const rules: CssRule[] = inner.flatMap((each, index) => [
    blockRule(each, areas === null ? onLines[index]! : null, on),
    ...(each.card?.rules ?? []),
  ]);
  for (const { hidden, block } of all)
    if (hidden) rules.push({ selector: blockSelector(on.layout, block), says: [['display', 'none']] });
  return { says, rules, height: total(...tracks.map(({ size }) => size)) };
}

/** How tall a block is; what stands in it, where it is a card. */
function talls(placed: Placed, across: Across, on: GridOn): TallSum & { card: Grid | null } {
  const { holds } = placed.block;
  const card = 'card' in holds ? cardGrid(holds.card, placed, across, on) : null;
  const given = heightSum(placed, across.width, on.rowUnit, on.ground);
  const own =
    given && 'card' in holds ? cssNumbers.greatest(given, times(on.ground.length(holds.card.padding), 2)) : given;
  const height = own ?? (placed.height === 'content' ? (card?.height ?? cssNumbers.exact(ZERO)) : null);
  return { placed, height, card };
}

/** A card: the page’s columns under it, or its own; its own rows or baseline, or those around it. */
function cardGrid(card: CardGrid, placed: Placed, across: Across, on: GridOn): Grid {
  const { add } = cssNumbers;
  const { spec, breakpoint, length } = on.ground;
  const padding = length(card.padding);
  const columns = cardColumns(card, placed, across, on, padding);
  const unit = cardRows(card, on.rowUnit, length);
  const countAt = countsInCard(card, placed, { ...on, spec, breakpoint }, columns.unit.count);
  const blocks = placementsAt(spec, card.blocks, breakpoint, countAt);
  const rowUnit = { ...unit, offset: NO_SUM };
  // baselines in it are its own, where it has some
  const ground = card.baseline ? { ...on.ground, line: unit.height } : on.ground;
  const grid = gridOf(blocks, spaceAt(spec, card.space, breakpoint), unit, {
    ...on,
    ground,
    columns: columns.unit,
    countAt,
    rowUnit,
    offset: unit.offset,
    foot: true,
    screenHeight: null,
  });
  const says: CssRule['says'] = [['display', 'grid'], ['padding', cssText(padding)], ...columns.says, ...grid.says];
  return { says, rules: grid.rules, height: add(grid.height, times(padding, 2)) };
}

/** Columns in a card, from its padding on: its own, or the page’s, of which the first and the last end with the padding. */
function cardColumns(
  { columns }: CardGrid,
  { columns: [first, last] }: Placed,
  across: Across,
  { columns: page, ground }: GridOn,
  padding: CssSum,
): { unit: ColumnUnit; says: CssRule['says'] } {
  const { add, sub } = cssNumbers;
  const { from, to, marginStart, marginEnd } = across;
  const outside = (side: 'start' | 'end', columnsOutside: number, margin: CssSum): CssSum =>
    total(page.toScreen[side], outsideSum(page, side, columnsOutside), margin, padding);
  const around = {
    inset: NO_SUM,
    toScreen: { start: outside('start', from - 1, marginStart), end: outside('end', page.count - to, marginEnd) },
  };
  if (columns !== 'page') {
    const gutter = ground.length(columns.gutter);
    const inside = sub(across.width, times(padding, 2));
    const column = times(sub(inside, times(gutter, columns.count - 1)), new Fraction(1, columns.count));
    return {
      unit: { count: columns.count, column, gutter, cut: { start: NO_SUM, end: NO_SUM }, ...around },
      says: [
        ['grid-template-columns', `repeat(${columns.count}, minmax(0, 1fr))`],
        ['column-gap', cssText(gutter)],
      ],
    };
  }
  const isWhole = first === from && last === to;
  const count = columnsUnder([first, last]);
  const step = add(page.column, page.gutter);
  // where a card begins or ends within a column, or past the last, its first or last column is not that of its area
  const cut = {
    start: sub(total(padding, marginStart, from === 1 ? page.cut.start : NO_SUM), times(step, Math.ceil(first) - from)),
    end: sub(total(padding, marginEnd, to === page.count ? page.cut.end : NO_SUM), times(step, to - Math.floor(last))),
  };
  const unit = { count, column: page.column, gutter: page.gutter, cut, ...around };
  if (isWhole) return { unit, says: [['grid-template-columns', 'subgrid']] };
  const tracks = Array.from({ length: count }, (_, index) => cssText(areaSum(unit, index + 1, index + 1)));
  return {
    unit,
    says: [
      ['grid-template-columns', tracks.join(' ')],
      ['column-gap', cssText(page.gutter)],
    ],
  };
}

function cardRows({ rows, baseline }: CardGrid, around: RowUnit, length: GroundSums['length']): RowUnit {
  if (rows) return { offset: NO_SUM, height: length(rows.height), gap: length(rows.gap) };
  if (baseline) return { offset: length(baseline.offset), height: length(baseline.step), gap: NO_SUM };
  return { ...around, offset: NO_SUM };
}
