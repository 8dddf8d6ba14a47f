import { columnsAt } from '../columns/columns-at';
import { ZERO } from '../length/px';
import { byWidth } from '../spec/ranges';
import { idOf } from '../spec/slug';
import type { Block, Breakpoint, Holds, Placement, Section, SectionSpace, Spec } from '../spec/schema';
import { settingAt } from '../type/text-at';
import { isWide, partOf, partsAcross } from './parts-across';
import { rowFramesAt } from './row-frames';

/** A breakpoint, and how many columns it has. */
export type At = { breakpoint: Breakpoint; count: number };

/** What starting layouts are made with, for the breakpoints and styles of a spec. */
export function pageOf(spec: Spec) {
  const each: At[] = byWidth(spec.breakpoints).map((breakpoint) => ({
    breakpoint,
    count: columnsAt(spec, breakpoint).count,
  }));
  /** The first style of a role; a layout is begun with one of each. */
  const styleFor = (role: 'heading' | 'body'): string =>
    (spec.type.find((own) => own.role === role) ?? spec.type[0])?.name ?? '';
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
    text: (role: 'heading' | 'body', words: string): Holds => ({ text: styleFor(role), words }),
    styleFor,
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
    across: (many: number, from: number, holds: (name: string) => Holds, title = 'Card'): Block[] =>
      Array.from({ length: many }, (_, index) =>
        block(`${title} ${index + 1}`, holds(`${title} ${index + 1}`), (at) => {
          const parts = partsAcross(at.breakpoint, at.count);
          const lane = from + Math.floor(index / parts);
          return { columns: partOf(index, parts, at.count), lanes: [lane, lane] };
        }),
      ),
    /** White space in steps of 16 px, as rows; given where it is not as at the next narrower breakpoint. */
    space: (above: number, between: number, below: number, tall: Section['tall'] = 'content'): Section['space'] => {
      const rows = each.map((at): [string, SectionSpace] => {
        const inRows = (steps: number): number => Math.round((steps * 16) / stepOf(at, tall));
        return [at.breakpoint.id, { above: inRows(above), between: [inRows(between)], below: inRows(below) }];
      });
      return Object.fromEntries(
        rows.filter(([, own], index) => index === 0 || JSON.stringify(own) !== JSON.stringify(rows[index - 1]![1])),
      );
    },
  };

  /** From the head of a row to the next. */
  function stepOf({ breakpoint }: At, tall: Section['tall']): number {
    const { width, height } = breakpoint.reference;
    const frame = rowFramesAt(spec, breakpoint, width, height)[tall](ZERO);
    return frame.head(2).sub(frame.head(1)).valueOf();
  }
}

/** A section of such a page. */
export function section(name: string, tall: Section['tall'], space: Section['space'], blocks: Block[]): Section {
  return { id: idOf('section', name, []), name, tall, space, blocks };
}
