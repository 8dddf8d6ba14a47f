import type { BreakpointChange, CellName } from '../checks/rule';
import { isOfColumn, isPair, isShare, isUpTo } from '../columns/column-rule';
import { isGrowing } from '../length/growing';
import { changesWithScreen } from '../length/length';
import { lengthOf, type LengthValue } from '../length/length-value';
import type { Px } from '../length/px';
import { toPx } from '../length/resolve';
import type { Size } from '../length/size';
import { screenOf } from '../spec/ranges';
import type { Breakpoint, Spec } from '../spec/schema';

/** A length that a person typed into a breakpoint, in px, and the edit that would replace it. */
export type GivenLength = {
  cell: CellName;
  name: string;
  value: LengthValue;
  px: Px;
  /** A space between things, which a spacing scale names; otherwise the size of a thing. */
  isSpace: boolean;
  put(value: LengthValue): Omit<BreakpointChange, 'breakpoint'>;
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

function ofColumns({ columns }: Breakpoint): Given[] {
  const { margin, container, gutter, column } = columns;
  const given: Given[] = [];
  if (isPair(margin)) {
    for (const side of ['start', 'end'] as const) {
      const value = margin[side];
      if (value === 'auto' || isGrowing(value)) continue;
      const put: Given['put'] = (next) => ({ columns: { margin: { ...margin, [side]: next } } });
      given.push({ cell: 'margin', name: `${side} margin`, value, isSpace: true, put });
    }
  } else if (isFixed(margin)) {
    given.push({
      cell: 'margin',
      name: 'margin',
      value: margin,
      isSpace: true,
      put: (next) => ({ columns: { margin: next } }),
    });
  }
  if (!isOfColumn(gutter) && isFixed(gutter)) {
    const put: Given['put'] = (next) => ({ columns: { gutter: next } });
    given.push({ cell: 'gutter', name: 'gutter', value: gutter, isSpace: true, put });
  }
  if (isFixed(column)) {
    const put: Given['put'] = (next) => ({ columns: { column: next } });
    given.push({ cell: 'column', name: 'column', value: column, isSpace: false, put });
  }
  if (isUpTo(container)) {
    const put: Given['put'] = (next) => ({ columns: { container: { upTo: next as string } } });
    given.push({ cell: 'container', name: 'greatest container', value: container.upTo, isSpace: false, put });
  } else if (container !== 'fill' && !isShare(container) && isFixed(container)) {
    const put: Given['put'] = (next) => ({ columns: { container: next } });
    given.push({ cell: 'container', name: 'container', value: container, isSpace: false, put });
  }
  return given;
}

function isFixed(value: Size | 'auto'): value is LengthValue {
  return value !== 'auto' && !isGrowing(value);
}

/** The least and greatest height that divided rows share are bounds of a screen, not measures of the grid. */
function ofRows({ rows }: Breakpoint): Given[] {
  switch (rows?.rule) {
    case 'repeat': {
      const put = (key: 'height' | 'gap' | 'offset') => (next: LengthValue) => ({ rows: { ...rows, [key]: next } });
      return [
        { cell: 'rowHeight', name: 'row height', value: rows.height, isSpace: false, put: put('height') },
        { cell: 'rowGap', name: 'row gap', value: rows.gap, isSpace: true, put: put('gap') },
        { cell: 'rowTop', name: 'space above the rows', value: rows.offset, isSpace: true, put: put('offset') },
      ];
    }
    case 'divide': {
      const put = (key: 'gap' | 'marginTop' | 'marginBottom') => (next: LengthValue) => ({
        rows: { ...rows, [key]: next },
      });
      return [
        { cell: 'rowGap', name: 'row gap', value: rows.gap, isSpace: true, put: put('gap') },
        { cell: 'rowTop', name: 'space above the rows', value: rows.marginTop, isSpace: true, put: put('marginTop') },
        {
          cell: 'rowBottom',
          name: 'space below the rows',
          value: rows.marginBottom,
          isSpace: true,
          put: put('marginBottom'),
        },
      ];
    }
    default:
      return [];
  }
}

function ofBaseline({ baseline }: Breakpoint): Given[] {
  if (baseline === null) return [];
  const put = (key: 'step' | 'offset') => (next: LengthValue) => ({ baseline: { ...baseline, [key]: next } });
  return [
    { cell: 'step', name: 'baseline step', value: baseline.step, isSpace: false, put: put('step') },
    { cell: 'baselineOffset', name: 'baseline offset', value: baseline.offset, isSpace: true, put: put('offset') },
  ];
}
