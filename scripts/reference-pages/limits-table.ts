import { LIMITS } from '../../core/limits';

const number = (value: number): string => value.toLocaleString('en');
const between = ({ least, most }: { least: number; most: number }): string => `${least} to ${number(most)} px`;
const upTo = (unit: string) => (value: number) => `up to ${number(value)} ${unit}`.trim();
const most = upTo('');
const characters = upTo('characters');

type Words = { [Key in keyof typeof LIMITS]: [what: string, bound: (value: (typeof LIMITS)[Key]) => string] };

/** Each limit in words; one that is added does not compile before it has some. */
const WORDS: Words = {
  documentCharacters: ['document, as JSON', characters],
  documentDepth: ['lists and objects in each other', upTo('deep')],
  length: ['length', upTo('in its own unit')],
  lengthCharacters: ['text of a length', characters],
  lengthDigits: ['digits of a length', most],
  lengthPlaces: ['of them behind the point', most],
  divisorDigits: ['digits of a divisor', most],
  screen: ['`reference`, width and height', between],
  from: ['`from`', upTo('px')],
  rootFontSize: ['`rootFontSize`', between],
  breakpoints: ['breakpoints', most],
  grids: ['grids beside the main one', most],
  guides: ['guides of a breakpoint', most],
  combinations: ['combinations of overlays', most],
  columns: ['columns', most],
  items: ['items of a list in a layout', most],
  tableRows: ['rows of a table in a layout', most],
  tableColumns: ['columns of a table in a layout', most],
  gutterOfColumn: ['gutter as a share of a column', most],
  relation: ['a margin or a space, in gutters or columns', most],
  dividedRows: ['divided rows', most],
  moduleLines: ['lines of a module', most],
  leastRow: ['a row with its gap, where it is drawn', (value) => `at least ${value} px`],
  leastStep: ['a baseline step, where it is drawn', (value) => `at least ${value} px`],
  steps: ['spacing steps', most],
  stepTimes: ['a spacing step', upTo('base units')],
  textStyles: ['text styles', most],
  leadingTimes: ['a leading in sizes', most],
  waivers: ['waivers', most],
  layouts: ['layouts', most],
  sections: ['sections of a layout', most],
  blocks: ['blocks of a layout, those in cards included', most],
  lanes: ['lanes of a section', most],
  rowsInLayout: ['rows of a block or of white space, lines of a text', most],
  ratio: ['a picture’s width / height', most],
  thresholds: ['numbers of a waiver', most],
  name: ['name of the specification, family, author', characters],
  breakpointName: ['name of a breakpoint, layout, section, block', characters],
  notes: ['notes of a breakpoint', characters],
  reason: ['a reason', characters],
  words: ['words of a block', characters],
  layoutNotes: ['notes of a layout', characters],
};

const [BEGIN, END] = ['<!-- limits: npm run docs -->', '<!-- /limits -->'];

/** docs/document-format.md with the table of limits as the code has it. */
export function withLimits(page: string): string {
  const rows = Object.entries(WORDS).map(([key, [what, bound]]) => {
    const value = LIMITS[key as keyof typeof LIMITS];
    return `| ${what} | ${(bound as (value: unknown) => string)(value)} |`;
  });
  const table = ['| what | bound |', '| --- | --- |', ...rows].join('\n');
  return `${page.slice(0, page.indexOf(BEGIN))}${BEGIN}\n\n${table}\n\n${page.slice(page.indexOf(END))}`;
}
