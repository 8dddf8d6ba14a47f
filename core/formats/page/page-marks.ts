import { mainStyle } from '../../spec/block-kinds';
import type { PlacedBlock } from '../../layouts/place-blocks';
import type { SolvedLayout } from '../../layouts/solve-layout';
import { lengthOf } from '../../length/length-value';
import type { Px } from '../../length/px';
import { toPx } from '../../length/resolve';
import { ratioOf } from '../../length/ratio';
import { screenOf } from '../../spec/ranges';
import type { Ground, Holds, Layout, Spec } from '../../spec/schema';
import { charactersPerLine } from '../../type/characters';
import { textAt } from '../../type/text-at';

/**
 * What is drawn of a layout where no browser sets it: grounds, pictures, words in about the lines that they take, buttons, fields and tables. Lengths in px of the page.
 * Words break by the average width of their font’s letters.
 */
export type Mark = At &
  (
    | { is: 'ground'; tint: Ground['tint'] }
    | { is: 'picture'; name: string }
    | { is: 'area' | 'button' | 'field' | 'line'; isOnDark: boolean }
    /** `size` of the letters; from line to line `leading`; the first baseline is at `y`. */
    | { is: 'words'; size: number; leading: number; lines: string[]; isLight: boolean }
  );
type At = { x: number; y: number; width: number; height: number };

/** Everything that is drawn of a layout at a breakpoint, from back to front. */
export function marksOf(spec: Spec, layout: Layout, solved: SolvedLayout): Mark[] {
  const dark = new Set(layout.sections.flatMap(({ id, ground }) => (ground?.tint === 'dark' ? [id] : [])));
  const grounds = solved.sections.flatMap(({ id, top, height }, index): Mark[] => {
    const ground = layout.sections.find((section) => section.id === id)?.ground;
    if (!ground) return [];
    const next = solved.sections[index + 1]?.top ?? top.add(height);
    const box = { y: top.valueOf(), height: next.sub(top).valueOf() };
    return [{ is: 'ground', tint: ground.tint, x: 0, width: solved.width.valueOf(), ...box }];
  });
  return [...grounds, ...solved.blocks.flatMap((block) => marksIn(spec, solved, block, dark.has(block.section)))];
}

function marksIn(spec: Spec, solved: SolvedLayout, block: PlacedBlock, isOnDark: boolean): Mark[] {
  const { holds, name } = block.placed.block;
  const at: At = {
    x: block.x.valueOf(),
    y: block.y.valueOf(),
    width: Math.max(0, block.width.valueOf()),
    height: Math.max(0, block.height.valueOf()),
  };
  const px = (value: Parameters<typeof lengthOf>[0]): number =>
    toPx(lengthOf(value), screenOf(spec, solved.breakpoint, solved.width)).valueOf();
  const type = typeOf(spec, solved, mainStyle(holds));
  /** Words from a corner on, as wide as they may be. */
  const set = (said: string, x: number, y: number, width: number, isLight = isOnDark, by = type): Mark[] =>
    by === null ? [] : [by.set(said, { x, y, width, height: at.y + at.height - y }, isLight)];
  if ('picture' in holds) return [{ is: 'picture', name, ...at }];
  if ('area' in holds) return [{ is: 'area', isOnDark, ...at }];
  if ('text' in holds) return set(holds.words, at.x, at.y, at.width);
  if ('logo' in holds) return [{ is: 'area', isOnDark, ...at, width: Math.min(at.width, at.height * ratioOf(holds.logo).valueOf()) }]; // prettier-ignore
  if ('button' in holds) {
    const [down, across] = holds.pad.map(px) as [number, number];
    const wide = holds.width ? Math.min(at.width, (type?.wide(holds.words) ?? 0) + 2 * across) : at.width;
    const words = set(holds.words, at.x + across, at.y + down, wide - 2 * across, !isOnDark);
    return [{ is: 'button', isOnDark, ...at, width: wide }, ...words];
  }
  if ('field' in holds) {
    const [down, across] = holds.pad.map(px) as [number, number];
    const high = Math.min(at.height, (type?.leading ?? 0) + 2 * down);
    const top = at.y + at.height - high;
    return [
      ...set(holds.label, at.x, at.y, at.width),
      { is: 'field', isOnDark, ...at, y: top, height: high },
      ...set(holds.words, at.x + across, top + down, at.width - 2 * across),
    ];
  }
  if ('quote' in holds) {
    const by = typeOf(spec, solved, holds.by);
    const foot = at.y + at.height - (by?.leading ?? 0);
    return [...set(holds.words, at.x, at.y, at.width), ...set(holds.who, at.x, foot, at.width, isOnDark, by)];
  }
  if ('list' in holds) {
    const each = at.height / holds.items.length;
    return holds.items.flatMap((item, index) => set(item, at.x, at.y + index * each, at.width));
  }
  return 'table' in holds ? tableMarks(holds, at, isOnDark, set) : [];
}

type Table = Extract<Holds, { table: string }>;

/** The heads of a table, and a line under each row. */
function tableMarks(
  { rows, heads }: Table,
  at: At,
  isOnDark: boolean,
  set: (said: string, x: number, y: number, width: number) => Mark[],
): Mark[] {
  const [high, wide] = [at.height / rows, at.width / heads.length];
  const lines = Array.from({ length: rows }, (_, index): Mark => ({ is: 'line', isOnDark, ...at, y: at.y + (index + 1) * high, height: 0 })); // prettier-ignore
  return [...heads.flatMap((head, index) => set(head, at.x + index * wide, at.y, wide)), ...lines];
}

type Set = {
  leading: number;
  /** About as wide as a text is in one line. */
  wide: (said: string) => number;
  set: (said: string, at: At, isLight: boolean) => Mark;
};

/** How words of a style are set at a breakpoint; null where the style is not there. */
function typeOf(spec: Spec, { breakpoint, width }: SolvedLayout, name: string | null): Set | null {
  const style = spec.type.find((each) => each.name === name);
  if (!style) return null;
  const { size, leading, baseline } = textAt(spec, style, breakpoint, width);
  const inLine = (wide: number): number => Math.max(1, Math.floor(charactersPerLine(style.font, size, pxOf(size, wide)).valueOf())); // prettier-ignore
  const each = size.valueOf() / Math.max(0.01, charactersPerLine(style.font, size, size).valueOf());
  return {
    leading: leading.valueOf(),
    wide: (said) => said.length * each,
    set: (said, at, isLight) => {
      const most = Math.max(1, Math.floor((at.height + 0.5) / Math.max(1, leading.valueOf())));
      const lines = brokenAt(said, inLine(at.width)).slice(0, most);
      return { is: 'words', ...at, y: at.y + baseline.valueOf(), size: size.valueOf(), leading: leading.valueOf(), lines, isLight }; // prettier-ignore
    },
  };
}

/** A width as an exact length: the size times how often it goes into it. */
function pxOf(size: Px, wide: number): Px {
  return size.mul(Math.max(0, Math.round((wide / size.valueOf()) * 1000))).div(1000);
}

/** Words in lines of at most so many characters. */
function brokenAt(said: string, most: number): string[] {
  const lines: string[] = [];
  for (const word of said.split(/\s+/)) {
    const last = lines.at(-1);
    if (last !== undefined && last.length + 1 + word.length <= most) lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines;
}
