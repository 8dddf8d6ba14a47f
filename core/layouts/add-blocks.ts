import { mapped, type Parsed } from '../parsed';
import { byWidth } from '../spec/ranges';
import { idOf } from '../spec/slug';
import type { Block, Breakpoint, CardGrid, Holds, Layout, Spec, TextStyle } from '../spec/schema';
import { textAt } from '../type/text-at';
import { addStyle } from '../type/write-style';
import { blockOf, idsOf } from './edit-layout';
import { isWorded } from '../spec/block-kinds';
import { partOf, partsAcross } from './parts-across';
import { putBlocks } from './put-blocks';

/** What can be put on a page, what is asked for most first. */
export const NEW_BLOCKS = [
  { id: 'heading', title: 'Heading' },
  { id: 'body', title: 'Text' },
  { id: 'button', title: 'Button' },
  { id: 'picture', title: 'Picture' },
  { id: 'card', title: 'Cards' },
  { id: 'field', title: 'Field' },
  { id: 'list', title: 'List' },
  { id: 'quote', title: 'Quote' },
  { id: 'table', title: 'Table' },
  { id: 'logo', title: 'Logo' },
  { id: 'area', title: 'Area' },
] as const;
export type NewBlock = (typeof NEW_BLOCKS)[number]['id'];

/** So many cards are put at once: as many as stand side by side where there is room. */
const CARDS = 3;

/** What was added: its blocks, and the words that are there to be replaced first. */
export type Added = { spec: Spec; ids: string[]; words: string | null };

/**
 * Something more on a page: in a lane of its own right after a block, in its section or its card; without one, at the end of the last section. Cards come as three, side
 * by side where there is room, one where they are put after a card. What is there stays on its columns, in the same order.
 *
 *     addBlocks(spec, 'front', 'card').value.ids   // ["card-1", "card-2", "card-3"]
 */
export function addBlocks(spec: Spec, layoutId: string, kind: NewBlock, after: string | null = null): Parsed<Added> {
  const layout = spec.layouts.find(({ id }) => id === layoutId);
  if (!layout) return { problem: 'This layout no longer exists.' };
  const held = holdsOf(spec, kind);
  if (!held.value) return { problem: held.problem! };
  const near = after === null ? null : blockOf(layout, after);
  // cards hold no cards
  const beside = kind === 'card' ? (near?.card ?? near?.block ?? null) : (near?.block ?? null);
  const times = kind === 'card' && !(beside && 'card' in beside.holds) ? CARDS : 1;
  const { spec: styled, holds } = held.value;
  const made = newOnes(layout, kind, holds, times, byWidth(spec.breakpoints)[0]!);
  const put = putBlocks(styled, layoutId, made, beside && { after: beside.id }, (breakpoint, count) => {
    const parts = times > 1 ? partsAcross(breakpoint, count) : 1;
    return made.map((_, index) => ({ lane: Math.floor(index / parts), columns: partOf(index, parts, count) }));
  });
  return mapped(put, (written) => ({ spec: written, ids: made.map(({ id }) => id), words: firstWords(made) }));
}

/** New blocks of a kind, each with a name and an id of its own. */
function newOnes(layout: Layout, kind: NewBlock, holds: Holds, times: number, narrowest: Breakpoint): Block[] {
  const taken = layout.sections.flatMap(({ blocks }) => idsOf(blocks));
  const title = kind === 'card' ? 'Card' : NEW_BLOCKS.find(({ id }) => id === kind)!.title;
  return Array.from({ length: times }, () => {
    const name = kind === 'card' ? `Card ${1 + taken.filter((id) => /^card-\d+$/.test(id)).length}` : title;
    const id = idOf('block', name, taken);
    taken.push(id);
    const height = heightFor(kind);
    const block: Block = { id, name, holds, at: height ? { [narrowest.id]: { height } } : {} };
    return { ...block, holds: inside(block) };
  });
}

/** A card whose blocks are named after it, so that no two of a layout have one id. */
function inside({ id, name, holds }: Block): Holds {
  if (!('card' in holds)) return holds;
  const blocks = holds.card.blocks.map((block) => ({
    ...block,
    id: `${id}-${block.id}`,
    name: `${name}, ${block.name.toLowerCase()}`,
  }));
  return { card: { ...holds.card, blocks } };
}

function heightFor(kind: NewBlock): { lines: number } | { rows: number } | null {
  if (kind === 'heading') return { lines: 1 };
  if (kind === 'body') return { lines: 4 };
  if (kind === 'quote') return { lines: 2 };
  return kind === 'area' ? { rows: 6 } : null;
}

/** The block whose words are typed first: a heading or a text itself, the title of a card. */
function firstWords(made: readonly Block[]): string | null {
  const [first] = made;
  if (!first) return null;
  if (isWorded(first.holds)) return first.id;
  return 'card' in first.holds ? (first.holds.card.blocks.find(({ holds }) => 'text' in holds)?.id ?? null) : null;
}

function holdsOf(spec: Spec, kind: NewBlock): Parsed<{ spec: Spec; holds: Holds }> {
  switch (kind) {
    case 'picture':
      return { value: { spec, holds: { picture: '4/3', cropped: true } } };
    case 'area':
      return { value: { spec, holds: { area: 'plain' } } };
    case 'logo':
      return { value: { spec, holds: { logo: '5/1', high: '32px' } } };
    case 'button':
      return setIn(spec, (button) => ({ button, words: 'Continue', pad: ['12px', '24px'], width: 'words' }));
    case 'field':
      return setIn(spec, (field) => ({ field, label: 'Label', words: '', pad: ['12px', '16px'] }));
    case 'list':
      return setIn(spec, (list) => ({ list, items: ['First item', 'Second item', 'Third item'], gap: 1 }));
    case 'table':
      return setIn(spec, (table) => ({ table, rows: 6, pad: '8px', heads: ['First', 'Second', 'Third'] }));
    case 'quote':
      return setIn(spec, (by) => ({ quote: titleStyle(spec, byWidth(spec.breakpoints)[0]!) ?? by, by, words: 'What somebody said.', who: 'Who said it' })); // prettier-ignore
    case 'card':
      return mapped(holdsOf(spec, 'body'), ({ spec: styled, holds: text }) => ({
        spec: styled,
        holds: cardOf(styled, text),
      }));
    default: {
      const style = spec.type.find(({ role }) => role === kind);
      const words = kind === 'heading' ? 'A heading' : 'Some text to read.';
      if (style) return { value: { spec, holds: { text: style.name, words } } };
      return mapped(addStyle(spec, kind), (added) => ({ spec: added.spec, holds: { text: added.name, words } }));
    }
  }
}

/** Something set in the text to read. */
function setIn(spec: Spec, holds: (style: string) => Holds): Parsed<{ spec: Spec; holds: Holds }> {
  return mapped(holdsOf(spec, 'body'), ({ spec: styled, holds: text }) => ({
    spec: styled,
    holds: holds('text' in text ? text.text : ''),
  }));
}

/** A picture over a title and two lines, on the page’s columns. */
function cardOf(spec: Spec, text: Holds): Holds {
  const first = byWidth(spec.breakpoints)[0]!;
  const lines = (id: string, name: string, holds: Holds, lane: number, count: number): Block => ({
    id,
    name,
    holds,
    at: { [first.id]: { lanes: [lane, lane], height: { lines: count } } },
  });
  const title = titleStyle(spec, first) ?? ('text' in text ? text.text : '');
  const card: CardGrid = {
    padding: '0px',
    columns: 'page',
    space: { [first.id]: { between: [1] } },
    blocks: [
      {
        id: 'picture',
        name: 'Picture',
        holds: { picture: '3/2', cropped: true },
        at: { [first.id]: { lanes: [1, 1] } },
      },
      lines('title', 'Title', { text: title, words: 'A title' }, 2, 1),
      lines('text', 'Text', text, 3, 2),
    ],
  };
  return { card };
}

/** The smallest heading, as long as it is no more than one and a half of the text to read: a card is no page. */
function titleStyle(spec: Spec, breakpoint: Breakpoint): string | null {
  const size = (style: TextStyle): number => textAt(spec, style, breakpoint).size.valueOf();
  const body = spec.type.find(({ role }) => role === 'body');
  const [smallest] = spec.type.filter(({ role }) => role === 'heading').sort((a, b) => size(a) - size(b));
  return smallest && (!body || size(smallest) <= 1.5 * size(body)) ? smallest.name : null;
}
