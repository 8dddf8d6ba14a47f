import type { Parsed } from '../parsed';
import { isPlainText } from '../spec/text-schema';
import type { Box, Screen } from './screens';

/** The limits of a survey. */
export const SURVEY_LIMITS = { screens: 60, boxes: 20_000, width: 10_000, height: 100_000, name: 200 };

/**
 * The screens of a survey as JSON text: `{ "screens": [ { "name", "width", "height", "boxes": [ [x, y, width, height, "name"] ] } ] }`;
 * `"direction": "rtl"` where a screen is read from there, and its boxes are counted from the right.
 * What is wrong is said with its place.
 */
export function readScreensText(text: string): Parsed<Screen[]> {
  try {
    return readScreens(JSON.parse(text));
  } catch (error) {
    return { problem: `This isn’t valid JSON: ${(error as Error).message.replace(/\s+/g, ' ')}.` };
  }
}

/** The same of JSON that was read. */
export function readScreens(json: unknown): Parsed<Screen[]> {
  const screens = isRecord(json) ? json['screens'] : undefined;
  if (!Array.isArray(screens))
    return { problem: 'screens: A survey holds a list of screens, each with a name, a width, a height and boxes.' };
  if (screens.length === 0) return { problem: 'screens: This survey has no screens. Add at least one.' };
  if (screens.length > SURVEY_LIMITS.screens)
    return {
      problem: `screens: A survey can have up to ${SURVEY_LIMITS.screens} screens; these are ${screens.length}.`,
    };
  const read: Screen[] = [];
  let boxes = 0;
  for (const [index, screen] of screens.entries()) {
    const { value, problem } = readScreen(screen, `screens[${index}]`);
    if (value === undefined) return { problem: problem! };
    read.push(value);
    boxes += value.boxes.length;
    if (boxes > SURVEY_LIMITS.boxes)
      return {
        problem: `screens: A survey can have up to ${SURVEY_LIMITS.boxes.toLocaleString('en')} boxes; these are more.`,
      };
  }
  return { value: read };
}

function readScreen(json: unknown, place: string): Parsed<Screen> {
  if (!isRecord(json)) return { problem: `${place}: A screen is an object with a name, a width, a height and boxes.` };
  const { name, width, height, boxes, direction } = json;
  if (typeof name !== 'string' || name.trim() === '' || name.length > SURVEY_LIMITS.name || !isPlainText(name))
    return { problem: `${place}.name: A screen needs a name of at most ${SURVEY_LIMITS.name} characters.` };
  if (!isLength(width) || width < 1 || width > SURVEY_LIMITS.width)
    return { problem: `${place}.width: A screen is 1 to ${SURVEY_LIMITS.width} px wide.` };
  if (!isLength(height) || height < 1 || height > SURVEY_LIMITS.height)
    return { problem: `${place}.height: A screen is 1 to ${SURVEY_LIMITS.height} px high.` };
  if (direction !== undefined && direction !== 'ltr' && direction !== 'rtl')
    return { problem: `${place}.direction: A screen is read in the direction "ltr" or "rtl".` };
  if (!Array.isArray(boxes)) return { problem: `${place}.boxes: A screen has a list of boxes, which may be empty.` };
  if (boxes.length > SURVEY_LIMITS.boxes)
    return {
      problem: `${place}.boxes: A survey can have up to ${SURVEY_LIMITS.boxes.toLocaleString('en')} boxes; these are ${boxes.length}.`,
    };
  const read: Box[] = [];
  for (const [index, box] of boxes.entries()) {
    const at = `${place}.boxes[${index}]`;
    if (!Array.isArray(box)) return { problem: `${at}: A box is a list such as [20, 80, 372, 40, "Heading"].` };
    const [x, y, wide, high, own, is] = box as unknown[];
    if (![x, y, wide, high].every(isLength))
      return { problem: `${at}: A box begins with four numbers in px: x, y, width and height.` };
    if ((wide as number) < 0 || (high as number) < 0)
      return { problem: `${at}: A box is 0 px or more wide and high; this one is ${String(wide)} × ${String(high)}.` };
    if (own !== undefined && (typeof own !== 'string' || !isPlainText(own)))
      return { problem: `${at}: The name of a box is text, such as "Heading".` };
    if (is !== undefined && is !== 'text')
      return { problem: `${at}: A box of words says "text" after its name; others say nothing there.` };
    read.push({
      x: x as number,
      y: y as number,
      width: wide as number,
      height: high as number,
      name: own?.slice(0, SURVEY_LIMITS.name) ?? `box ${index + 1}`,
      ...(is && { is }),
    });
  }
  return { value: { name, width, height, boxes: read, ...(direction === 'rtl' && { direction }) } };
}

function isRecord(json: unknown): json is Record<string, unknown> {
  return typeof json === 'object' && json !== null && !Array.isArray(json);
}

/** A number that a screen can have; far outside of it there is nothing. */
function isLength(value: unknown): value is number {
  return typeof value === 'number' && Number.isFinite(value) && Math.abs(value) <= 1_000_000;
}

/** Screens as the JSON that `readScreens` reads. */
export function writeScreens(screens: readonly Screen[]) {
  return {
    screens: screens.map(({ name, width, height, boxes, direction }) => ({
      name,
      width,
      height,
      ...(direction && { direction }),
      boxes: boxes.map(({ x, y, width: wide, height: high, name: own, is }) => [
        x,
        y,
        wide,
        high,
        own,
        ...(is ? [is] : []),
      ]),
    })),
  };
}
