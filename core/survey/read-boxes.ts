import Papa from 'papaparse';
import type { Parsed } from '../parsed';
import { isPlainText } from '../spec/text-schema';
import { readScreens, SURVEY_LIMITS } from './read-screens';
import type { Box, Screen } from './screens';

/** A pasted list has at most so many characters. */
export const LARGEST_LIST = 4_000_000;

/** What a list of boxes was read as: boxes of one screen that still needs a width, or whole screens. */
export type ReadList = { boxes: Box[]; screens?: undefined } | { screens: Screen[]; boxes?: undefined };

const NAMES: Record<string, keyof Box> = {
  x: 'x',
  left: 'x',
  start: 'x',
  y: 'y',
  top: 'y',
  width: 'width',
  w: 'width',
  height: 'height',
  h: 'height',
  name: 'name',
};
const ORDER: readonly (keyof Box)[] = ['x', 'y', 'width', 'height', 'name'];
const EXAMPLE = 'x, y, width, height and, if it has one, a name, such as 20, 80, 372, 40, Heading';

/**
 * A list of boxes as people paste it: cells of a spreadsheet, CSV, columns parted by spaces, or JSON. A first line may name the columns, in
 * any order.
 *
 *     readBoxes('20\t80\t372\t40\tHeading').value   // { boxes: [{ x: 20, y: 80, width: 372, height: 40, name: 'Heading' }] }
 */
export function readBoxes(text: string): Parsed<ReadList> {
  if (text.length > LARGEST_LIST)
    return {
      problem: `This list has ${text.length.toLocaleString('en')} characters; at most ${LARGEST_LIST.toLocaleString('en')} are read.`,
    };
  const trimmed = text.trim();
  if (trimmed === '') return { problem: `Enter one box per line: ${EXAMPLE}.` };
  return trimmed.startsWith('{') || trimmed.startsWith('[') ? readJson(trimmed) : readTable(trimmed);
}

const TOO_MANY = `A survey can have up to ${SURVEY_LIMITS.boxes.toLocaleString('en')} boxes; this list has more. Leave out boxes inside other boxes.`;

function readTable(text: string): Parsed<ReadList> {
  const lines = text.split(/\r\n|\r|\n/);
  // a line may name the columns, and lines may be empty
  if (lines.length > 2 * SURVEY_LIMITS.boxes + 2) return { problem: TOO_MANY };
  const rows = rowsOf(lines);
  const head = rows[0]!.cells.map(
    (cell) =>
      NAMES[
        cell
          .trim()
          .toLowerCase()
          .replace(/\s*\(?px\)?$/, '')
      ],
  );
  const isNamed = head.filter((name) => name !== undefined).length >= 3;
  const order = isNamed ? head : ORDER;
  const missing = (['x', 'y', 'width', 'height'] as const).filter((name) => !order.includes(name));
  if (missing.length > 0)
    return { problem: `The first line names no ${missing.join(', no ')}; a box needs ${EXAMPLE}.` };
  const boxes: Box[] = [];
  for (const { cells, line } of isNamed ? rows.slice(1) : rows) {
    const { value, problem } = boxOf((name) => cells[order.indexOf(name)], `Line ${line}`, `box ${boxes.length + 1}`);
    if (!value) return { problem: problem! };
    boxes.push(value);
    if (boxes.length > SURVEY_LIMITS.boxes) return { problem: TOO_MANY };
  }
  if (boxes.length === 0) return { problem: `There are only column names. Enter one box per line: ${EXAMPLE}.` };
  return { value: { boxes } };
}

/** The lines that have something on them, cut into cells. */
function rowsOf(lines: readonly string[]): { cells: string[]; line: number }[] {
  const first = lines.find((line) => line.trim() !== '')!;
  const delimiter = ['\t', ';', ','].find((each) => first.includes(each));
  const cut = (line: string): string[] =>
    delimiter ? (Papa.parse<string[]>(line, { delimiter }).data[0] ?? []) : bySpaces(line);
  return lines
    .map((line, index) => ({ cells: line, line: index + 1 }))
    .filter(({ cells }) => cells.trim() !== '')
    .map(({ cells, line }) => ({ cells: cut(cells), line }));
}

/** Four numbers, and what comes after them is a name. */
function bySpaces(line: string): string[] {
  const [x = '', y = '', width = '', height = '', ...name] = line.trim().split(/\s+/);
  return [x, y, width, height, ...(name.length > 0 ? [name.join(' ')] : [])];
}

function readJson(text: string): Parsed<ReadList> {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch (error) {
    return { problem: `This looks like JSON but isn’t valid: ${(error as Error).message.replace(/\s+/g, ' ')}.` };
  }
  if (!Array.isArray(json)) {
    const { value: screens, problem } = readScreens(json);
    return screens ? { value: { screens } } : { problem: problem! };
  }
  if (json.length === 0)
    return { problem: 'This list is empty. Add at least one box, such as [20, 80, 372, 40, "Heading"].' };
  if (json.length > SURVEY_LIMITS.boxes) return { problem: TOO_MANY };
  const boxes: Box[] = [];
  for (const [index, item] of (json as unknown[]).entries()) {
    const cell = (name: keyof Box): unknown =>
      Array.isArray(item) ? (item as unknown[])[ORDER.indexOf(name)] : keyed(item, name);
    const { value, problem } = boxOf(cell, `Box ${index + 1}`, `box ${index + 1}`);
    if (!value) return { problem: problem! };
    boxes.push(value);
  }
  return { value: { boxes } };
}

/** What an object calls a part of a box. */
function keyed(item: unknown, name: keyof Box): unknown {
  if (typeof item !== 'object' || item === null) return undefined;
  const [, value] = Object.entries(item).find(([key]) => NAMES[key.toLowerCase()] === name) ?? [];
  return value;
}

function boxOf(cell: (name: keyof Box) => unknown, place: string, usual: string): Parsed<Box> {
  const numbers: Partial<Record<keyof Box, number>> = {};
  for (const name of ['x', 'y', 'width', 'height'] as const) {
    const said = cell(name);
    const number = numberOf(said);
    if (number === null)
      return {
        problem: `${place}: ${name} is ${said === undefined || said === '' ? 'missing' : `“${shown(said)}”`}; a box needs ${EXAMPLE}.`,
      };
    numbers[name] = number;
  }
  const { x, y, width, height } = numbers as Record<'x' | 'y' | 'width' | 'height', number>;
  if (width <= 0 || height <= 0)
    return { problem: `${place}: this box is ${width} × ${height} px; a box is more than 0 px wide and high.` };
  const name = cell('name');
  const own = typeof name === 'string' ? plain(name) : '';
  return { value: { x, y, width, height, name: own || usual } };
}

/** A name without what no file and no database can hold. */
function plain(name: string): string {
  const text = name
    .replace(/[\u0000-\u001f\u007f]/g, ' ')
    .trim()
    .slice(0, SURVEY_LIMITS.name);
  return isPlainText(text) ? text : '';
}

function shown(said: unknown): string {
  return String(typeof said === 'object' ? JSON.stringify(said) : said).slice(0, 40);
}

/** A number in px as people write it: `20`, `20.5`, `20,5`, `20px`. Nothing that is no place on a screen. */
function numberOf(said: unknown): number | null {
  const text = typeof said === 'number' ? String(said) : typeof said === 'string' ? said.trim() : '';
  if (!/^-?\d{1,7}([.,]\d{1,12})?\s*(px)?$/i.test(text)) return null;
  return Number(text.replace(/\s*px$/i, '').replace(',', '.'));
}

/**
 * A screen of boxes at a width in px; a sentence where the width is none, or a box lies beside the screen. Its height is what the
 * boxes reach.
 */
export function screenOfBoxes(name: string, widthText: string, boxes: readonly Box[]): Parsed<Screen> {
  const width = numberOf(widthText);
  if (width === null || width < 1 || width > SURVEY_LIMITS.width)
    return {
      problem: `A screen is 1 to ${SURVEY_LIMITS.width.toLocaleString('en')} px wide; this says “${shown(widthText)}”.`,
    };
  const beside = boxes.find((box) => box.x >= width || box.x + box.width <= 0);
  if (beside)
    return {
      problem: `“${beside.name}” lies from ${beside.x} to ${beside.x + beside.width}, outside a screen of ${width} px. Enter the screen’s width or remove the box.`,
    };
  const foot = Math.max(1, ...boxes.map(({ y, height }) => y + height));
  if (foot > SURVEY_LIMITS.height)
    return {
      problem: `The boxes reach down to ${foot} px; a screen is at most ${SURVEY_LIMITS.height.toLocaleString('en')} px high.`,
    };
  return { value: { name: plain(name) || 'Screen', width, height: Math.ceil(foot), boxes } };
}
