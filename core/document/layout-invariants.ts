import { LIMITS } from '../limits';
import { gridOf } from '../spec/named-grids';
import { missingBreakpoint } from './references';
import { stylesOf } from '../spec/block-kinds';
import { lengthOf, type LengthValue } from '../length/length-value';
import { allBlocks } from '../spec/all-blocks';
import type { Block, CardGrid, Layout, Section, SectionSpace, Spec } from '../spec/schema';

/** What the shapes of trial layouts cannot say: ids are told apart, and what is named is there. The first problem, with its place. */
export function layoutProblem(spec: Spec): string | null {
  return (
    twice(spec.layouts, 'layouts', 'layouts') ??
    first(spec.layouts, 'layouts', (layout, place) => ofLayout(layout, place, spec))
  );
}

function ofLayout({ sections, between = {} }: Layout, place: string, spec: Spec): string | null {
  const blocks = sections.flatMap((section) => allBlocks(section.blocks));
  if (blocks.length > LIMITS.blocks)
    return `${place}: This layout has ${blocks.length} blocks, those in cards included; the maximum is ${LIMITS.blocks}.`;
  return (
    missingBreakpoint(spec, Object.keys(between), `${place}.between`) ??
    twice(sections, `${place}.sections`, 'sections') ??
    twice(blocks, place, 'blocks') ??
    first(
      sections,
      `${place}.sections`,
      (section, at) => missingGrid(section, at, spec) ?? ofSection(section, at, spec),
    )
  );
}

/** A section stands on a grid that is there. */
function missingGrid({ grid }: Section, place: string, spec: Spec): string | null {
  return grid === undefined || gridOf(spec, grid)
    ? null
    : `${place}.grid: There is no grid “${grid}”. Use the id of one of the specification’s, or leave it out for the main grid.`;
}

function ofSection({ space, blocks }: Pick<Section, 'space' | 'blocks'>, place: string, spec: Spec): string | null {
  return ofSpace(space, place, spec) ?? first(blocks, `${place}.blocks`, (block, at) => ofBlock(block, at, spec));
}

function ofSpace(space: Record<string, SectionSpace>, place: string, spec: Spec): string | null {
  return missingBreakpoint(spec, Object.keys(space), `${place}.space`);
}

function ofBlock({ holds, at }: Block, place: string, spec: Spec): string | null {
  const missing = missingBreakpoint(spec, Object.keys(at), `${place}.at`);
  if (missing) return missing;
  const style = stylesOf(holds).find((each) => !spec.type.some(({ name }) => name === each));
  if (style !== undefined) {
    const key = Object.entries(holds).find(([, value]) => value === style)![0];
    return `${place}.holds.${key}: There is no text style “${style}”. Use one of the specification’s.`;
  }
  if (!('card' in holds)) return null;
  const inside = `${place}.holds.card`;
  return ofRows(holds.card, inside) ?? ofSection(holds.card, inside, spec);
}

/** Rows and baselines of a card are counted, so that they are more than 0 high. */
function ofRows({ rows, baseline }: CardGrid, place: string): string | null {
  const isNothing = (...lengths: LengthValue[]): boolean => lengths.every((each) => lengthOf(each).amount.equals(0));
  if (rows && isNothing(rows.height, rows.gap))
    return `${place}.rows: A row and its gap are both 0 high. Set a height, such as 8px.`;
  return baseline && isNothing(baseline.step)
    ? `${place}.baseline.step: Baselines are 0 apart. Set a step, such as 4px.`
    : null;
}

function twice(list: readonly { id: string }[], place: string, what: string): string | null {
  const seen = new Set<string>();
  for (const { id } of list) {
    if (seen.has(id)) return `${place}: Two ${what} have the id “${id}”. Rename one of them.`;
    seen.add(id);
  }
  return null;
}

function first<T>(list: readonly T[], place: string, look: (each: T, at: string) => string | null): string | null {
  for (const [index, each] of list.entries()) {
    const problem = look(each, `${place}[${index}]`);
    if (problem !== null) return problem;
  }
  return null;
}
