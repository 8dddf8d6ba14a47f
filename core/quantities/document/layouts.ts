import { counted } from '../../length/present';
import { sizeText } from '../../length/size';
import type { Block, BlockHeight, Breakpoint, Holds, Layout, Placement, Section, Spec } from '../../spec/schema';
import type { Collection } from '../collection';
import type { Quantity } from '../quantity';
import type { HoldsOf } from '../../spec/block-kinds';
import { columnsText, heightText } from '../../layouts/placement-text';
import { said } from '../reading';
import { compared } from './compared';

/** Trial layouts, their sections and their blocks, as far as two documents are compared by them. */

export const layouts: Collection<Layout> = {
  of: ({ layouts: all }) => new Map(all.map((layout) => [layout.id, layout])),
  name: ({ name }) => `Layout ${name}`,
  address: (_, key) => ['layouts', key],
  says: ({ sections }) => counted(sections.length, 'section'),
  quantities: ({ id, name }) => [
    compared(`Layout ${name}, name`, ['layouts', id, 'name'], (layout) => layout.name, 'patch'),
    compared(`Layout ${name}, notes`, ['layouts', id, 'notes'], (layout) => layout.notes, 'patch'),
  ],
  cells: (layout) => [
    {
      ...ofBreakpoint(`Layout ${layout.name}, between sections`, (at) => ['layouts', layout.id, 'between', at]),
      read: (_: Spec, { id }: Breakpoint) => said(layout.between?.[id] === undefined ? '' : String(layout.between[id])),
    },
  ],
  weighs: { added: 'minor', removed: 'major' },
};

type InLayout<Thing> = { layout: Layout; thing: Thing; at: readonly string[] };

function sectionsIn(layout: Layout): InLayout<Section>[] {
  return layout.sections.map((thing) => ({ layout, thing, at: ['layouts', layout.id, 'sections', thing.id] }));
}

export const sections: Collection<InLayout<Section>> = {
  of: ({ layouts: all }) => new Map(all.flatMap(sectionsIn).map((section) => [section.at.join('/'), section])),
  name: ({ layout, thing }) => `${layout.name}, section ${thing.name}`,
  address: ({ at }) => at,
  says: ({ thing }) => thing.tall,
  quantities: ({ layout, thing, at }) => [
    compared(`${layout.name}, section ${thing.name}, height`, [...at, 'tall'], (section) => section.thing.tall),
    compared(
      `${layout.name}, section ${thing.name}, grid`,
      [...at, 'grid'],
      (section) => section.thing.grid ?? 'main grid',
    ),
    compared(
      `${layout.name}, section ${thing.name}, ground`,
      [...at, 'ground'],
      ({ thing: { ground } }) => (ground ? `${ground.tint}, to the ${ground.to}` : 'none'),
      'patch',
    ),
  ],
  cells: ({ layout, thing, at }) => [
    {
      ...ofBreakpoint(`${layout.name}, section ${thing.name}, white space`, (id) => [...at, 'space', id]),
      read: (_: Spec, { id }: Breakpoint) => said(spaceText(thing.space[id])),
    },
  ],
  weighs: { added: 'minor', removed: 'major' },
};

export const blocks: Collection<InLayout<Block>> = {
  of: ({ layouts: all }) =>
    new Map(
      all
        .flatMap(sectionsIn)
        .flatMap(blocksIn)
        .map((block) => [block.at.join('/'), block]),
    ),
  name: ({ layout, thing }) => `${layout.name}, block ${thing.name}`,
  address: ({ at }) => at,
  says: ({ thing }) => holdsText(thing.holds),
  quantities: ({ layout, thing, at }) => [
    compared(`${layout.name}, block ${thing.name}`, [...at, 'holds'], (block) => holdsText(block.thing.holds)),
  ],
  cells: ({ layout, thing, at }) => [
    {
      ...ofBreakpoint(`${layout.name}, block ${thing.name}, place`, (id) => [...at, 'at', id]),
      read: (_: Spec, { id }: Breakpoint) => said(placeText(thing.at[id])),
    },
  ],
  weighs: { added: 'minor', removed: 'major' },
};

function blocksIn(section: InLayout<Section>): InLayout<Block>[] {
  return inside(section.layout, section.thing.blocks, section.at);
}

/** Blocks under an address, with those in their cards. */
function inside(layout: Layout, list: readonly Block[], under: readonly string[]): InLayout<Block>[] {
  return list.flatMap((thing) => {
    const at = [...under, 'blocks', thing.id];
    const inner = 'card' in thing.holds ? inside(layout, thing.holds.card.blocks, [...at, 'holds', 'card']) : [];
    return [{ layout, thing, at }, ...inner];
  });
}

function ofBreakpoint(name: string, address: (id: string) => readonly string[]): Omit<Quantity<Breakpoint>, 'read'> {
  return {
    id: name,
    label: name,
    name,
    kind: 'words',
    address: ({ id }) => address(id),
    write: () => ({ problem: 'Change layouts in the Layouts view.' }),
    weighs: 'minor',
  };
}

function holdsText(holds: Holds): string {
  if ('text' in holds) return `${holds.text}: ${holds.words}`;
  if ('picture' in holds) return `picture ${holds.picture}${holds.cropped ? ', cropped to rows' : ''}`;
  if ('area' in holds) return 'plain area';
  if ('button' in holds) return `button in ${holds.button}, pads ${padsText(holds.pad)}: ${holds.words}`;
  if ('field' in holds) return `field in ${holds.field}, pads ${padsText(holds.pad)}, ${holds.label}: ${holds.words}`;
  if ('list' in holds) return `list in ${holds.list}, gaps of ${counted(holds.gap, 'row')}: ${holds.items.join('; ')}`;
  if ('quote' in holds) return `quote in ${holds.quote} and ${holds.by}: ${holds.words} (${holds.who})`;
  if ('logo' in holds) return `logo ${holds.logo}, ${sizeText(holds.high)} high`;
  if ('table' in holds)
    return `table in ${holds.table}, ${counted(holds.rows, 'row')}, pad ${sizeText(holds.pad)}: ${holds.heads.join(', ')}`;
  const { padding, columns } = holds.card;
  const grid =
    columns === 'page'
      ? 'the page’s columns'
      : `${counted(columns.count, 'column')}, gutter ${sizeText(columns.gutter)}`;
  return `card, padding ${sizeText(padding)}, ${grid}`;
}

function padsText([down, across]: HoldsOf<'button'>['pad']): string {
  return `${sizeText(down)} and ${sizeText(across)}`;
}

function spaceText(space: Section['space'][string] | undefined): string {
  if (!space) return '';
  const { above, between, below } = space;
  return [
    ...(above === undefined ? [] : [`${above} above`]),
    ...(between === undefined ? [] : [`${between.join(', ')} between`]),
    ...(below === undefined ? [] : [`${below} below`]),
  ].join('; ');
}

/** Where a block stands, in the trade’s words: `columns 2–6, lane 1, 12 rows, caps`. */
function placeText(place: Placement | undefined): string {
  if (!place) return '';
  const { columns, lanes, height, stands, leaves = [], over, hidden, bleeds } = place;
  return [
    ...(columns ? [`columns ${columnsText(columns)}`] : []),
    ...(lanes ? [`lanes ${columnsText(lanes)}`] : []),
    ...(hidden === undefined ? [] : [hidden ? 'hidden' : 'shown']),
    ...(bleeds ? [`both edges to the ${bleeds}`] : []),
    ...(height ? [spokenHeight(height)] : []),
    ...(stands ? [stands] : []),
    ...leaves.map(({ side, to }) => `${side} to ${typeof to === 'string' ? to : JSON.stringify(to)}`),
    ...(over === undefined ? [] : ['overlaps another']),
  ].join(', ');
}

function spokenHeight(height: BlockHeight): string {
  if (height === 'content') return 'as tall as its content';
  if (height === 'lanes') return 'as tall as its lanes';
  if (height === 'section') return 'as tall as its section';
  return 'ratio' in height ? `ratio ${height.ratio}` : heightText(height);
}
