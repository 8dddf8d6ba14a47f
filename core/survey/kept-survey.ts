import type { Parsed } from '../parsed';
import { specOfId } from '../spec/named-grids';
import { isPlainText } from '../spec/text-schema';
import type { FoundGrid } from './find-grids';
import { linesOf, specLines } from './lines';
import { type Off, offGrid } from './off';
import { readScreens, SURVEY_LIMITS, writeScreens } from './read-screens';
import type { Screen } from './screens';
import type { Spec } from '../spec/schema';

/** A grid by which a survey was held, at one width. */
export type ChosenGrid = Pick<FoundGrid, 'width' | 'start' | 'end' | 'count' | 'gutter'>;

/** A survey as it is kept with its spec: never a picture. */
export type KeptSurvey = {
  name: string;
  screens: Screen[];
  /** The found grids that were chosen; at widths without one, the screens were held against the spec. */
  chosen: ChosenGrid[];
  /** The spec's grid against which the others are held, by its id; null: the main one. */
  grid: string | null;
};

/** A spec keeps so many surveys. */
export const MOST_SURVEYS = 200;

/** A kept survey as JSON. */
export function writeSurvey({ name, screens, chosen, grid }: KeptSurvey) {
  return { name, ...writeScreens(screens), chosen, grid };
}

/** A survey as JSON text has at most so many bytes: the most boxes, with names of a usual length. */
export const LARGEST_SURVEY = 4_000_000;

/** A survey that is to be kept, read from JSON; a sentence where it cannot be. */
export function readSurvey(json: unknown): Parsed<KeptSurvey> {
  const {
    name,
    chosen,
    grid = null,
  } = (typeof json === 'object' && json !== null ? json : {}) as Record<string, unknown>;
  if (typeof name !== 'string' || name.trim() === '' || name.length > SURVEY_LIMITS.name || !isPlainText(name))
    return { problem: `name: A survey needs a name of at most ${SURVEY_LIMITS.name} characters.` };
  const { value: screens, problem } = readScreens(json);
  if (!screens) return { problem: problem! };
  if (!Array.isArray(chosen) || chosen.length > SURVEY_LIMITS.screens || !chosen.every(isGrid))
    return { problem: 'chosen: The chosen grids are a list of width, start, end, count and gutter, in px.' };
  if (grid !== null && (typeof grid !== 'string' || grid.length > SURVEY_LIMITS.name || !isPlainText(grid)))
    return { problem: 'grid: The grid of a survey is the id of one of the specification’s, or null.' };
  return { value: { name: name.trim(), screens, chosen: chosen.map(plainGrid), grid } };
}

function isGrid(json: unknown): json is ChosenGrid {
  const grid = (typeof json === 'object' && json !== null ? json : {}) as Record<string, unknown>;
  const [width, start, end, count, gutter] = ['width', 'start', 'end', 'count', 'gutter'].map((key) => grid[key]);
  const areLengths = [width, start, end, gutter].every(
    (length) => typeof length === 'number' && Number.isFinite(length) && Math.abs(length) <= SURVEY_LIMITS.width,
  );
  const isCount = typeof count === 'number' && Number.isInteger(count) && count >= 1 && count <= 64;
  return areLengths && isCount && (end as number) > (start as number);
}

function plainGrid({ width, start, end, count, gutter }: ChosenGrid): ChosenGrid {
  return { width, start, end, count, gutter };
}

/** What is off on each screen of a survey, against the grids that were chosen, or where none was, the spec’s. */
export function offOfSurvey({ screens, chosen, grid: id }: Omit<KeptSurvey, 'name'>, spec: Spec): Off[] {
  const own = specOfId(spec, id);
  return screens.map((screen) => {
    const grid = chosen.find(({ width }) => width === screen.width);
    return offGrid(screen, grid ? linesOf(grid, screen.width) : specLines(own, screen.width));
  });
}

/** How many edges were held against a grid, and how many of them are off. */
export type OffCount = { edges: number; slips: number };

export function countOff(offs: readonly Off[]): OffCount {
  return {
    edges: offs.reduce((sum, { edges }) => sum + edges, 0),
    slips: offs.reduce((sum, { slips }) => sum + slips.length, 0),
  };
}
