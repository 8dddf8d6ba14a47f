import type { Rect } from './runs';

/** A line of text, and the letters or words of which it was put together. */
export type TextLine = Rect & { letters: number };

/** Letters and words of one line: they overlap in height, and the space between them is less than this share of the line’s height. */
const SPACE = 0.75;
const LEAST_SPACE = 4;

/** Letters to lines: from left to right, each to the line that it stands in. */
export function linesOfText(letters: readonly Rect[]): TextLine[] {
  const lines: TextLine[] = [];
  let open: TextLine[] = [];
  // from band to band down the page, so that a line meets only lines near it
  for (const letter of [...letters].sort((a, b) => a.left - b.left)) {
    open = open.filter((line) => letter.left - line.right <= Math.max(LEAST_SPACE, SPACE * (line.foot - line.top)));
    const own = open.find((line) => isInLine(line, letter));
    if (own) take(own, letter);
    else {
      const line = { ...rectOf(letter), letters: 1 };
      lines.push(line);
      open.push(line);
    }
  }
  return lines;
}

function rectOf({ left, top, right, foot }: Rect): Rect {
  return { left, top, right, foot };
}

/** They overlap by half of the lower of the two. */
function isInLine(line: Rect, letter: Rect): boolean {
  const shared = Math.min(line.foot, letter.foot) - Math.max(line.top, letter.top);
  return shared >= 0.5 * Math.min(line.foot - line.top, letter.foot - letter.top);
}

function take(line: TextLine, letter: Rect): void {
  line.left = Math.min(line.left, letter.left);
  line.right = Math.max(line.right, letter.right);
  line.top = Math.min(line.top, letter.top);
  line.foot = Math.max(line.foot, letter.foot);
  line.letters++;
}

/** Lines of one paragraph begin at one place, to so many px, and follow each other within so many times their height. */
const SAME_START = 4;
const LEADING = 2.4;

/** Lines to paragraphs; a line by itself is none. */
export function paragraphsOf(lines: readonly TextLine[]): Rect[] {
  const paragraphs: (Rect & { lines: TextLine[] })[] = [];
  for (const line of [...lines].sort((a, b) => a.top - b.top)) {
    const own = paragraphs.findLast(({ lines: before, left }) => {
      const last = before.at(-1)!;
      const high = Math.max(last.foot - last.top, line.foot - line.top);
      const isNext = line.top >= last.foot - 2 && line.top - last.top <= LEADING * high;
      const isAlike = Math.min(last.foot - last.top, line.foot - line.top) >= 0.5 * high;
      return isNext && isAlike && Math.abs(line.left - left) <= SAME_START;
    });
    if (!own) paragraphs.push({ ...rectOf(line), lines: [line] });
    else {
      own.lines.push(line);
      own.left = Math.min(own.left, line.left);
      own.right = Math.max(own.right, line.right);
      own.foot = Math.max(own.foot, line.foot);
    }
  }
  return paragraphs.filter(({ lines: own }) => own.length > 1).map(rectOf);
}
