import { blockAddress, blockOf, placed, sectionOf, withBlocks, withLayout } from '../../layouts/edit-layout';
import type { PlacedBlock } from '../../layouts/place-blocks';
import { readColumns, heightOfText, heightText, lanesOf, columnsText } from '../../layouts/placement-text';
import { columnsUnder, type Placed } from '../../layouts/placements';
import { solvedAt } from '../../layouts/solved-at';
import type { Parsed } from '../../parsed';
import { mapped } from '../../parsed';
import { inSeries, numeral } from '../../length/present';
import type { Px } from '../../length/px';
import { hide } from '../../layouts/write-block';
import type { Block, Breakpoint, Layout, Placement, Spec } from '../../spec/schema';
import { countsOfSection } from '../../layouts/section-grid';
import { FOLLOWS } from '../breakpoint/read-columns';
import type { CellQuantity } from '../quantity';
import { type Reading, said } from '../reading';

/** The parts of a placement that a sheet of blocks shows. */
export const PLACEMENT_PARTS = ['columns', 'lanes', 'height', 'stands'] as const;
export type PlacementPart = (typeof PLACEMENT_PARTS)[number];

const STANDS = ['top', 'middle', 'foot', 'caps', 'x-height', 'baseline'] as const;

type About = Pick<CellQuantity, 'hint' | 'kind' | 'choices'> & {
  read: (block: PlacedBlock) => Reading;
  parse: (text: string, now: Placed, count: number) => Parsed<Placement>;
};

const ABOUT: Record<PlacementPart, About> = {
  columns: {
    kind: 'words',
    hint: 'Columns such as 2–6, 6 of 12, half, two thirds or all.',
    read: ({ placed: { columns }, width }) => measured(columnsText(columns), width),
    parse: (text, { columns }, count) => mapped(readColumns(text, columns, count), (value) => ({ columns: value })),
  },
  lanes: {
    kind: 'words',
    hint: 'Its lane, such as 2, or lanes, such as 2–3. Blocks in one lane sit side by side.',
    read: ({ placed: { lanes } }) => said(columnsText(lanes)),
    parse: (text) => mapped(lanesOf(text), (value) => ({ lanes: value })),
  },
  height: {
    kind: 'words',
    hint: 'Height, such as 12 rows, 12 baselines, 420 px, 3 lines, 16/9, content, lanes or section.',
    read: ({ placed: { height }, height: tall, unit }) => measured(heightText(height, unit), tall),
    parse: (text) => mapped(heightOfText(text), (value) => ({ height: value })),
  },
  stands: {
    kind: 'choice',
    choices: STANDS,
    hint: 'Position in its lane: top, middle or bottom, or its caps, x-height or baseline on a line.',
    read: ({ placed: { stands } }) => said(stands),
    parse: (text) => {
      const found = STANDS.find((each) => each === text.trim().toLowerCase());
      return found ? { value: { stands: found } } : { problem: `Choose ${inSeries(STANDS, 'or')}.` };
    },
  },
};

/**
 * One part of the placements of every block of a layout, as rows of a sheet: blocks down, breakpoints across. What a
 * breakpoint does not give follows from the next narrower one.
 */
export function placementCells(layout: Layout, part: PlacementPart): CellQuantity[] {
  const { read, parse, ...about } = ABOUT[part];
  return blocksOf(layout).map(({ id, name }) => ({
    ...about,
    id,
    label: name,
    name: `${name}, ${part}`,
    group: 'layouts',
    followed: 'the narrower breakpoint',
    address: (breakpoint) => [...blockAddress(layout, id), 'at', breakpoint.id, part],
    read: (spec, breakpoint) => {
      const own = solvedBlock(spec, layout.id, id, breakpoint);
      const given = blockIn(spec, layout.id, id)?.at[breakpoint.id];
      return own
        ? { ...read(own), follows: given?.[part] === undefined }
        : { ...said('hidden'), follows: given?.hidden === undefined };
    },
    write: (spec, breakpoint, text) => {
      const own = solvedBlock(spec, layout.id, id, breakpoint);
      if (!blockIn(spec, layout.id, id)) return { problem: 'This block is no longer in the layout.' };
      const seen = /^(hidden|shown)$/.exec(text.trim().toLowerCase());
      if (seen) {
        const at = { layout: layout.id, blocks: [id], breakpoint: breakpoint.id };
        return { value: hide(spec, at, seen[1] === 'hidden') };
      }
      if (!own) return { problem: 'This block is hidden here. Enter shown to bring it back.' };
      const typed = text.replace(/^=\s*/, '');
      const change: Parsed<Placement> = FOLLOWS.test(text)
        ? { value: { [part]: undefined } }
        : parse(typed, own.placed, countOf(spec, layout.id, id, breakpoint));
      return mapped(change, (value) =>
        withLayout(spec, layout.id, (each) => withBlocks(each, [id], (block) => placed(block, breakpoint.id, value))),
      );
    },
    weighs: 'minor',
  }));
}

/** What was given, with what it comes to in px. */
function measured(text: string, px: Px): Reading {
  return { ...said(text), px: numeral(px), exact: px };
}

/** The blocks of a layout in their order, each before those in it. */
export function blocksOf(layout: Layout): { id: string; name: string; depth: number; section: string }[] {
  type Blocks = Layout['sections'][number]['blocks'];
  const inside = (blocks: Blocks, depth: number, section: string): ReturnType<typeof blocksOf> =>
    blocks.flatMap(({ id, name, holds }) => [
      { id, name, depth, section },
      ...('card' in holds ? inside(holds.card.blocks, depth + 1, section) : []),
    ]);
  return layout.sections.flatMap(({ id, blocks }) => inside(blocks, 0, id));
}

function blockIn(spec: Spec, layout: string, id: string): Block | undefined {
  const now = spec.layouts.find((each) => each.id === layout);
  return now && blockOf(now, id)?.block;
}

function solvedBlock(spec: Spec, layout: string, id: string, breakpoint: Breakpoint): PlacedBlock | undefined {
  const now = spec.layouts.find((each) => each.id === layout);
  return now && solvedAt(spec, now, breakpoint).blocks.find((block) => block.id === id);
}

/** How many columns a block can stand on: those of the page, or of the card that it stands in. */
function countOf(spec: Spec, layout: string, id: string, breakpoint: Breakpoint): number {
  const now = spec.layouts.find((each) => each.id === layout)!;
  const card = blockOf(now, id)?.card;
  if (!card || !('card' in card.holds)) return countsOfSection(spec, sectionOf(now, id) ?? {})(breakpoint);
  const { columns } = card.holds.card;
  if (columns !== 'page') return columns.count;
  return columnsUnder(solvedBlock(spec, layout, card.id, breakpoint)!.placed.columns);
}
