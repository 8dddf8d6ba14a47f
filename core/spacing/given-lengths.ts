import { isPair, isShare, isUpTo } from '../columns/column-rule';
import type { Space } from '../columns/relation';
import type { Address, Edit } from '../edits/edit';
import { changesWithScreen } from '../length/units';
import { lengthOf, type LengthValue } from '../length/length-value';
import type { Px } from '../length/px';
import { toPx } from '../length/resolve';
import { screenOf } from '../spec/ranges';
import type { Breakpoint, Spec } from '../spec/schema';

/** A length that a person typed into a breakpoint, in px, and the edit that would replace it. */
export type GivenLength = {
  at: Address;
  name: string;
  value: LengthValue;
  px: Px;
  /** A space between things, which a spacing scale names; otherwise the size of a thing. */
  isSpace: boolean;
  put(value: LengthValue): Edit;
};

type Given = Omit<GivenLength, 'px'>;

/** The lengths given for a breakpoint. Growing lengths and shares move with the screen and are left out. */
export function givenLengths(spec: Spec, breakpoint: Breakpoint): GivenLength[] {
  const screen = screenOf(spec, breakpoint);
  return [...ofColumns(breakpoint), ...ofRows(breakpoint), ...ofBaseline(breakpoint)].flatMap((given) => {
    const { unit } = lengthOf(given.value);
    return changesWithScreen(unit) ? [] : [{ ...given, px: toPx(lengthOf(given.value), screen) }];
  });
}

/** A length at an address, which holds it alone or with something around it. */
function givenAt(
  at: Address,
  name: string,
  value: LengthValue,
  { isSpace, whole = value, around = (next) => next }: Pick<Given, 'isSpace'> & Around,
): Given {
  return { at, name, value, isSpace, put: (next) => ({ at, before: whole, after: around(next) }) };
}

type Around = { whole?: unknown; around?: (next: LengthValue) => unknown };

const SPACE = { isSpace: true };
const THING = { isSpace: false };

function ofColumns({ id, columns }: Breakpoint): Given[] {
  const { margin, container, gutter, column } = columns;
  const at = (key: string): Address => ['breakpoints', id, 'columns', key];
  const given: Given[] = [];
  if (isPair(margin)) {
    for (const side of ['start', 'end'] as const) {
      const value = margin[side];
      if (!isFixed(value)) continue;
      const around: Around = { whole: margin, around: (next) => ({ ...margin, [side]: next }) };
      given.push(givenAt(at('margin'), `${side} margin`, value, { ...SPACE, ...around }));
    }
  } else if (isFixed(margin)) given.push(givenAt(at('margin'), 'margin', margin, SPACE));
  if (isFixed(gutter)) given.push(givenAt(at('gutter'), 'gutter', gutter, SPACE));
  if (isFixed(column)) given.push(givenAt(at('column'), 'column', column, THING));
  if (isUpTo(container)) {
    const around: Around = { whole: container, around: (upTo) => ({ upTo }) };
    given.push(givenAt(at('container'), 'greatest container', container.upTo, { ...THING, ...around }));
  } else if (isShare(container) && container.upTo !== undefined) {
    const around: Around = { whole: container, around: (upTo) => ({ ...container, upTo }) };
    given.push(givenAt(at('container'), 'greatest container', container.upTo, { ...THING, ...around }));
  } else if (isFixed(container)) given.push(givenAt(at('container'), 'container', container, THING));
  return given;
}

/** A length by itself: it stands in no relation to another, and neither grows nor is added up. */
function isFixed(value: unknown): value is LengthValue {
  const isPlain = typeof value === 'object' && value !== null ? 'typed' in value : true;
  return isPlain && value !== 'auto' && value !== 'fill' && value !== undefined;
}

/** The least and greatest height that divided rows share are bounds of a screen, not measures of the grid. */
function ofRows({ id, rows }: Breakpoint): Given[] {
  const at = (key: string): Address => ['breakpoints', id, 'rows', key];
  const spaces = (all: [key: string, name: string, value: Space][]): Given[] =>
    all.flatMap(([key, name, value]) => (isFixed(value) ? [givenAt(at(key), name, value, SPACE)] : []));
  switch (rows?.rule) {
    case 'repeat':
      return [
        givenAt(at('height'), 'row height', rows.height, THING),
        ...spaces([
          ['gap', 'row gap', rows.gap],
          ['offset', 'space above the rows', rows.offset],
        ]),
      ];
    case 'fields':
      return spaces([
        ['gap', 'row gap', rows.gap],
        ['offset', 'space above the rows', rows.offset],
      ]);
    case 'divide':
      return spaces([
        ['gap', 'row gap', rows.gap],
        ['marginTop', 'space above the rows', rows.marginTop],
        ['marginBottom', 'space below the rows', rows.marginBottom],
      ]);
    default:
      return [];
  }
}

function ofBaseline({ id, baseline }: Breakpoint): Given[] {
  if (baseline === null) return [];
  const at = (key: string): Address => ['breakpoints', id, 'baseline', key];
  return [
    givenAt(at('step'), 'baseline step', baseline.step, THING),
    givenAt(at('offset'), 'baseline offset', baseline.offset, SPACE),
  ];
}
