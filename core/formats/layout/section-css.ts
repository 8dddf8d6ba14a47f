import { columnsAt } from '../../columns/columns-at';
import { cardTracks, type Page, type Tracks } from '../../layouts/block-edges';
import type { PlacedBlock } from '../../layouts/place-blocks';
import {
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
import { areaAcross, type AreaAcross, heightSum } from './block-sums';
import { type GroundSums, type RowUnit, times, total } from './ground-sums';
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
    each.id === breakpoint.id ? ground.across.tracks.count : columnsAt(spec, breakpointIn(spec, each.id)).count;
  const blocks = placementsAt(spec, section.blocks, breakpoint, countAt);
  const space = spaceAt(spec, section.space, breakpoint, { between: layout.between, isFirst: index === 0 });
  const offset = goOn && index > 0 ? NO_SUM : unit.offset;
  const grid = gridOf(blocks, space, unit, {
    ...on,
    countAt,
    rowUnit: unit,
    offset,
    foot: !goOn || isLast,
    screenHeight: isScreen ? ground.screenHeight : null,
  });
  const selector = `#${layout.id} > [data-section='${section.id}']`;
  const says: CssRule['says'] = [...on.properties, ...grid.says];
  if (section.ground?.to === 'screen') {
    const { room, container } = ground.across;
    const { sub } = cssNumbers;
    says.push(['--before', cssText(sub(container[0], room[0]))], ['--after', cssText(sub(room[1], container[1]))]);
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
  countAt: CountAt;
  /** The rows by which blocks say how tall they are. */
  rowUnit: RowUnit;
  offset: CssSum;
  foot: boolean;
  /** How tall the section is, where it is as tall as the screen; blocks as tall as it are so too. */
  screenHeight: CssSum | null;
};

type Inner = TallSum & { across: AreaAcross; card: Grid | null };

type Grid = { says: CssRule['says']; rules: CssRule[]; height: CssSum };

/** A section’s or a card’s grid: its tracks, its areas, and what stands on them. */
function gridOf(all: readonly Placed[], spaceIn: SpaceAt, unit: RowUnit, on: GridOn): Grid {
  const { placed: blocks, space } = shownAt(all, spaceIn);
  const inner = blocks.map((placed): Inner => {
    const across = areaAcross(placed, on.ground.across);
    return { across, ...talls(placed, across, on) };
  });
  const lanes = laneSums(inner, space, unit);
  // where nothing stands, the next section begins at its first row
  const isNothing = on.foot && lanes.length === 0 && space.above + space.below === 0;
  const tracks = isNothing ? [] : tracksOf(lanes, space, unit, on.offset, on.foot);
  const onLines: OnLines[] = inner.map(({ placed, across }) => ({ placed, across, tracks: tracksFor(placed, tracks) }));
  const areas = areasOf(onLines, tracks.length, on.ground.across.tracks.count);
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
function talls(placed: Placed, across: AreaAcross, on: GridOn): TallSum & { card: Grid | null } {
  const { holds } = placed.block;
  const card = 'card' in holds ? cardGrid(holds.card, placed, across, on) : null;
  const given = heightSum(placed, cssNumbers.sub(across.edges[1], across.edges[0]), on.rowUnit, on.ground);
  const own =
    given && 'card' in holds
      ? cssNumbers.greatest(given, times(on.ground.across.length(holds.card.padding), 2))
      : given;
  const height = own ?? (placed.height === 'content' ? (card?.height ?? cssNumbers.exact(ZERO)) : null);
  return { placed, height, card };
}

/** A card: the page’s columns under it, or its own; its own rows or baseline, or those around it. */
function cardGrid(card: CardGrid, placed: Placed, { from, to, edges }: AreaAcross, on: GridOn): Grid {
  const { add, sub } = cssNumbers;
  const { spec, breakpoint, across: page } = on.ground;
  const padding = page.length(card.padding);
  const container: [CssSum, CssSum] = [add(edges[0], padding), sub(edges[1], padding)];
  const tracks = cardTracks(card, placed, container, page, cssNumbers);
  const unit = cardRows(card, on.rowUnit, page.length);
  const countAt = countsInCard(card, placed, { ...on, spec, breakpoint }, tracks.count);
  const blocks = placementsAt(spec, card.blocks, breakpoint, countAt);
  const across = { ...page, tracks, container };
  const grid = gridOf(blocks, spaceAt(spec, card.space, breakpoint), unit, {
    ...on,
    // baselines in it are its own, where it has some
    ground: { ...on.ground, across, ...(card.baseline && { line: unit.height }) },
    countAt,
    rowUnit: { ...unit, offset: NO_SUM },
    offset: unit.offset,
    foot: true,
    screenHeight: null,
  });
  const isOnPage = card.columns === 'page' && placed.columns[0] === from && placed.columns[1] === to;
  const columns = isOnPage ? SUBGRID : columnsSaid(card, tracks);
  const says: CssRule['says'] = [['display', 'grid'], ['padding', cssText(padding)], ...columns, ...grid.says];
  return { says, rules: grid.rules, height: add(grid.height, times(padding, 2)) };
}

const SUBGRID: CssRule['says'] = [['grid-template-columns', 'subgrid']];

/** Columns in a card that are not those of its area: its own, or the page’s where it begins or ends within one of them. */
function columnsSaid({ columns }: CardGrid, { count, start, end }: Tracks<CssSum>): CssRule['says'] {
  const { sub } = cssNumbers;
  const widths = Array.from({ length: count }, (_, index) => cssText(sub(end(index + 1), start(index + 1))));
  return [
    ['grid-template-columns', columns === 'page' ? widths.join(' ') : `repeat(${count}, minmax(0, 1fr))`],
    ['column-gap', count === 1 ? '0px' : cssText(sub(start(2), end(1)))],
  ];
}

function cardRows({ rows, baseline }: CardGrid, around: RowUnit, length: Page<CssSum>['length']): RowUnit {
  if (rows) return { offset: NO_SUM, height: length(rows.height), gap: length(rows.gap) };
  if (baseline) return { offset: length(baseline.offset), height: length(baseline.step), gap: NO_SUM };
  return { ...around, offset: NO_SUM };
}
