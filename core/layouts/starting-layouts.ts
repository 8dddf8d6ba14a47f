import { columnsAt } from '../columns/columns-at';
import { ZERO } from '../length/px';
import type { Parsed } from '../parsed';
import { LIMITS } from '../limits';
import { byWidth } from '../spec/ranges';
import { idOf } from '../spec/slug';
import type { Block, BlockHeight, Breakpoint, Holds, Layout, Placement, Section, Spec } from '../spec/schema';
import { settingAt } from '../type/text-at';
import { addStyle } from '../type/write-style';
import { isWide, partOf, partsAcross } from './parts-across';
import { rowFramesAt } from './row-frames';

export const STARTING_LAYOUTS = [
  { id: 'front', title: 'Front page', says: 'A full-screen opening, then three cards.' },
  { id: 'article', title: 'Article', says: 'A heading, a picture and text to read.' },
  {
    id: 'cards',
    title: 'List of cards',
    says: 'A heading and six cards, in as many columns as the grid divides into.',
  },
  { id: 'form', title: 'Form', says: 'Fields stacked, with a note next to them where there’s space.' },
  { id: 'empty', title: 'Empty page', says: 'One empty section.' },
] as const;
export type StartingLayout = (typeof STARTING_LAYOUTS)[number]['id'];

/**
 * A spec with a new trial layout that is laid out at each of its breakpoints, whatever their columns; where it has no
 * heading or no text to read yet, it gets one.
 *
 *     addLayout(spec, 'front', 'Front page').value.id   // "front-page"
 */
export function addLayout(spec: Spec, start: StartingLayout, name: string): Parsed<{ spec: Spec; id: string }> {
  const trimmed = name.trim();
  if (trimmed === '') return { problem: 'Enter a name, such as Front page.' };
  if (trimmed.length > LIMITS.breakpointName)
    return { problem: `This name has ${trimmed.length} characters; the maximum is ${LIMITS.breakpointName}.` };
  if (spec.layouts.length >= LIMITS.layouts)
    return { problem: `A specification can have up to ${LIMITS.layouts} layouts. Remove one first.` };
  const styled = start === 'empty' ? spec : withStyles(spec);
  const id = idOf(
    'layout',
    trimmed,
    spec.layouts.map((layout) => layout.id),
  );
  const layout: Layout = { id, name: trimmed, notes: '', sections: sectionsOf(styled, start) };
  return { value: { spec: { ...styled, layouts: [...styled.layouts, layout] }, id } };
}

/** A spec with a heading and a text to read. */
function withStyles(spec: Spec): Spec {
  return (['heading', 'body'] as const).reduce(
    (before, role) =>
      before.type.some((style) => style.role === role) ? before : (addStyle(before, role).value?.spec ?? before),
    spec,
  );
}

function sectionsOf(spec: Spec, start: StartingLayout): Section[] {
  const page = pageOf(spec);
  const { text, block, across, half, space } = page;
  const heading = (words: string, lane = 1): Block =>
    block('Heading', text('heading', words), () => ({ lanes: [lane, lane], height: { lines: 1 } }));
  switch (start) {
    case 'front':
      return [
        section('Opening', 'screen', space(3, 2, 3, 'screen'), [
          block('Opening heading', text('heading', 'What this page is for'), (at) => ({
            ...half(at, 0),
            lanes: [1, 1],
            height: { lines: 2 },
          })),
          block('Opening picture', { picture: '4/3', cropped: true }, (at) => ({
            ...half(at, 1),
            lanes: page.isHalved(at) ? [1, 1] : [2, 2],
            height: { rows: page.rowsFor(at, 280, 'screen') },
          })),
        ]),
        section('Cards', 'content', space(4, 2, 4), [heading('What to choose from'), ...across(3, 2, card)]),
      ];
    case 'article':
      return [
        section('Article', 'content', space(4, 2, 4), [
          heading('What happened'),
          block('Picture', { picture: '16/9' }, () => ({ lanes: [2, 2] })),
          block('Text', text('body', 'The first paragraph says what the others explain.'), (at) => ({
            ...page.readable(at),
            lanes: [3, 3],
            height: { lines: 8 },
          })),
        ]),
      ];
    case 'cards':
      return [section('Cards', 'content', space(4, 2, 4), [heading('All of them'), ...across(6, 2, card)])];
    case 'form':
      return [
        section('Form', 'content', space(4, 2, 4), [
          heading('Your details'),
          ...['First field', 'Second field', 'Third field'].map((name, index) =>
            block(name, { area: 'plain' }, (at) => ({
              ...half(at, 0),
              lanes: [index + 2, index + 2],
              height: { rows: page.rowsFor(at, 40) },
            })),
          ),
          block('Note', text('body', 'What the fields are asked for.'), (at) => ({
            ...page.readable(at, half(at, 1).columns[0]),
            lanes: page.isHalved(at) ? [2, 4] : [5, 5],
            height: { lines: 3 },
          })),
        ]),
      ];
    case 'empty':
      return [section('Section', 'content', space(2, 2, 2), [])];
  }

  /** A card on the page’s columns: a picture over a line of text. */
  function card(name: string): Holds {
    const first = byWidth(spec.breakpoints)[0]!.id;
    const inner = (part: string, holds: Holds, lane: number, height?: BlockHeight): Block => ({
      id: idOf('block', `${name} ${part}`, []),
      name: `${name}, ${part}`,
      holds,
      at: { [first]: { lanes: [lane, lane], ...(height ? { height } : {}) } },
    });
    return {
      card: {
        padding: '0px',
        columns: 'page',
        space: { [first]: { between: [1] } },
        blocks: [inner('picture', { picture: '3/2' }, 1), inner('text', text('body', name), 2, { lines: 2 })],
      },
    };
  }
}

function section(name: string, tall: Section['tall'], space: Section['space'], blocks: Block[]): Section {
  return { id: idOf('section', name, []), name, tall, space, blocks };
}

type At = { breakpoint: Breakpoint; count: number };

/** What starting layouts are made with, for the breakpoints and styles of a spec. */
function pageOf(spec: Spec) {
  const each: At[] = byWidth(spec.breakpoints).map((breakpoint) => ({
    breakpoint,
    count: columnsAt(spec, breakpoint).count,
  }));
  const isHalved = ({ breakpoint, count }: At): boolean => isWide(breakpoint) && count % 2 === 0;
  const block = (name: string, holds: Holds, at: (at: At) => Placement): Block => ({
    id: idOf('block', name, []),
    name,
    holds,
    at: Object.fromEntries(
      each.map((own) => [own.breakpoint.id, { columns: [1, own.count] as [number, number], ...at(own) }]),
    ),
  });
  /** Rows, or base units, that come to about so many px. */
  const rowsFor = (at: At, px: number, tall: Section['tall'] = 'content'): number =>
    Math.max(1, Math.round(px / stepOf(at, tall)));
  return {
    isHalved,
    rowsFor,
    block,
    text: (role: 'heading' | 'body', words: string): Holds => {
      const style = spec.type.find((own) => own.role === role) ?? spec.type[0];
      return style ? { text: style.name, words } : { area: 'plain' };
    },
    half: (at: At, which: 0 | 1): { columns: [number, number] } => ({
      columns: isHalved(at) ? (which === 0 ? [1, at.count / 2] : [at.count / 2 + 1, at.count]) : [1, at.count],
    }),
    /** The columns over which the text to read runs. */
    readable: ({ breakpoint, count }: At, first = 1): { columns: [number, number] } => {
      const style = spec.type.find(({ role }) => role === 'body');
      const span = style ? settingAt(spec, style, breakpoint).span : count;
      return { columns: [first, Math.min(count, first + span - 1)] };
    },
    /** So many blocks, from a lane on, as many across as the columns divide into. */
    across: (many: number, from: number, holds: (name: string) => Holds): Block[] =>
      Array.from({ length: many }, (_, index) =>
        block(`Card ${index + 1}`, holds(`Card ${index + 1}`), (at) => {
          const parts = partsAcross(at.breakpoint, at.count);
          const lane = from + Math.floor(index / parts);
          return { columns: partOf(index, parts, at.count), lanes: [lane, lane] };
        }),
      ),
    /** White space in steps of 16 px, as rows at every breakpoint. */
    space: (above: number, between: number, below: number, tall: Section['tall'] = 'content'): Section['space'] =>
      Object.fromEntries(
        each.map((at) => {
          const rows = (steps: number): number => Math.round((steps * 16) / stepOf(at, tall));
          return [at.breakpoint.id, { above: rows(above), between: [rows(between)], below: rows(below) }];
        }),
      ),
  };

  /** From the head of a row to the next. */
  function stepOf({ breakpoint }: At, tall: Section['tall']): number {
    const { width, height } = breakpoint.reference;
    const frame = rowFramesAt(spec, breakpoint, width, height)[tall](ZERO);
    return frame.head(2).sub(frame.head(1)).valueOf();
  }
}
