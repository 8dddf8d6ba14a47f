import { valueParts } from './css-value';

/** Words that take a property back to what it is without a style sheet: for those that are not handed down, its first value. */
export const TAKEN_BACK = /^(initial|unset|revert|revert-layer)$/;

/** A declaration as the physical longhands of a page that is written from left to right. */
export function longhands(property: string, value: string): [string, string][] {
  const name = property.replace(/^grid-((row-|column-)?gap)$/, '$1');
  if (TAKEN_BACK.test(value) || value === 'inherit')
    return LONGHANDS[name]?.map((each) => [each, value]) ?? [[name, value]];
  const parts = (): string[] => valueParts(value) ?? [];
  switch (name) {
    case 'inline-size':
    case 'max-inline-size':
    case 'min-inline-size':
      return [[name.replace('inline-size', 'width'), value]];
    case 'margin':
    case 'padding': {
      const [top, right = top, , left = right] = parts();
      return right === undefined || left === undefined
        ? []
        : [
            [`${name}-left`, left],
            [`${name}-right`, right],
          ];
    }
    case 'margin-inline':
    case 'padding-inline': {
      const [start, end = start] = parts();
      const side = name.split('-')[0]!;
      return start === undefined || end === undefined
        ? []
        : [
            [`${side}-left`, start],
            [`${side}-right`, end],
          ];
    }
    case 'margin-inline-start':
    case 'padding-inline-start':
      return [[name.replace('inline-start', 'left'), value]];
    case 'margin-inline-end':
    case 'padding-inline-end':
      return [[name.replace('inline-end', 'right'), value]];
    case 'gap': {
      const [row, column = row] = parts();
      return row === undefined || column === undefined
        ? []
        : [
            ['row-gap', row],
            ['column-gap', column],
          ];
    }
    case 'flex': {
      const basis = parts().find((part) => /%|[a-z]/i.test(part));
      return basis === undefined ? [] : [['flex-basis', basis]];
    }
    case 'font': {
      const size = parts().find((part) => /^([\d.]|calc|clamp|min|max)/.test(part) && !/^\d+$/.test(part));
      return size === undefined ? [] : [['font-size', size]];
    }
    case 'container': {
      const [names, type] = value.split('/');
      return [
        ['container-name', (names ?? '').trim()],
        ['container-type', (type ?? 'normal').trim().toLowerCase()],
      ];
    }
    case 'block-size':
    case 'max-block-size':
    case 'min-block-size':
      return [[name.replace('block-size', 'height'), value]];
    case 'grid-column':
    case 'grid-row': {
      const [start, end] = linesIn(value);
      return [
        [`${name}-start`, start!],
        [`${name}-end`, end ?? otherLine(start!)],
      ];
    }
    case 'grid-area': {
      const [row, column = otherLine(row!), rowEnd = otherLine(row!), columnEnd = otherLine(column)] = linesIn(value);
      return [
        ['grid-row-start', row!],
        ['grid-column-start', column],
        ['grid-row-end', rowEnd],
        ['grid-column-end', columnEnd],
      ];
    }
    case 'grid':
    case 'grid-template': {
      const [rows, columns] = value.split('/');
      return [
        ['grid-template-rows', (rows ?? '').trim()],
        ['grid-template-columns', (columns ?? 'none').trim()],
      ];
    }
    default:
      return [[name, value]];
  }
}

function linesIn(value: string): string[] {
  return value.split('/').map((line) => line.trim().replace(/\s+/g, ' '));
}

/** The line that a shorthand leaves out: the same name, else `auto` (CSS Grid Layout 2, 8.4). */
function otherLine(line: string): string {
  return /^(auto|span\b.*|[-+]?\d.*)$/.test(line) ? 'auto' : line;
}

const LINES = (axis: string): string[] => [`grid-${axis}-start`, `grid-${axis}-end`];

const SIDES = (name: string): string[] => [`${name}-left`, `${name}-right`];

/** What a shorthand takes back as a whole. */
const LONGHANDS: Record<string, string[]> = {
  'inline-size': ['width'],
  'max-inline-size': ['max-width'],
  'min-inline-size': ['min-width'],
  margin: SIDES('margin'),
  'margin-inline': SIDES('margin'),
  'margin-inline-start': ['margin-left'],
  'margin-inline-end': ['margin-right'],
  padding: SIDES('padding'),
  'padding-inline': SIDES('padding'),
  'padding-inline-start': ['padding-left'],
  'padding-inline-end': ['padding-right'],
  'block-size': ['height'],
  'max-block-size': ['max-height'],
  'min-block-size': ['min-height'],
  'grid-column': LINES('column'),
  'grid-row': LINES('row'),
  'grid-area': [...LINES('row'), ...LINES('column')],
  gap: ['row-gap', 'column-gap'],
  flex: ['flex-basis'],
  font: ['font-size'],
  container: ['container-name', 'container-type'],
  grid: ['grid-template-rows', 'grid-template-columns'],
  'grid-template': ['grid-template-rows', 'grid-template-columns'],
};
