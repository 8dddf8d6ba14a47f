import type { Parsed } from '../length/parsed';
import { sizeText } from '../length/size';
import { cellsOf, tabSeparated } from '../text/tab-separated';
import { byWidth } from '../spec/ranges';
import type { Breakpoint, Spec, TextStyle } from '../spec/schema';
import { leadingText } from './style-text';
import { settingAt } from './text-at';
import { type SettingPart, withStyle, writeSetting } from './write-style';

/** What is given of a text style at each breakpoint, in the order of its sheet. */
export const SETTING_PARTS = ['size', 'leading', 'span'] as const satisfies SettingPart[];

/** A cell of a style's sheet. */
export type SettingPlace = { part: SettingPart; breakpoint: string };

/** One text for a cell, for maps. */
export function settingKey({ part, breakpoint }: SettingPlace): string {
  return `${part} ${breakpoint}`;
}

/** What a cell says, as it could be typed. */
export function settingText(spec: Spec, style: TextStyle, breakpoint: Breakpoint, part: SettingPart): string {
  const { size, leading, span } = settingAt(spec, style, breakpoint);
  if (part === 'span') return String(span);
  return part === 'size' ? sizeText(size) : leadingText(leading);
}

/** Every cell between two, both included, row by row. */
export function settingsBetween(spec: Spec, a: SettingPlace, b: SettingPlace): SettingPlace[][] {
  const ids = byWidth(spec.breakpoints).map(({ id }) => id);
  const between = <T>(list: readonly T[], one: T, other: T): T[] => {
    const [first, last] = [list.indexOf(one), list.indexOf(other)].sort((x, y) => x - y);
    return list.slice(Math.max(0, first!), last! + 1);
  };
  const across = between(ids, a.breakpoint, b.breakpoint);
  return between<SettingPart>(SETTING_PARTS, a.part, b.part).map((part) =>
    across.map((breakpoint) => ({ part, breakpoint })),
  );
}

/** The cell so many rows down and columns across, kept inside the sheet. */
export function settingBeside(
  spec: Spec,
  { part, breakpoint }: SettingPlace,
  down: number,
  across: number,
): SettingPlace {
  const ids = byWidth(spec.breakpoints).map(({ id }) => id);
  const kept = <T>(list: readonly T[], one: T, by: number): T =>
    list[Math.min(list.length - 1, Math.max(0, list.indexOf(one) + by))]!;
  return { part: kept<SettingPart>(SETTING_PARTS, part, down), breakpoint: kept(ids, breakpoint, across) };
}

/** The spec after texts were put into cells of a style: all of them are taken or, when one is not understood, none. */
export function writeSettings(spec: Spec, style: string, texts: [SettingPlace, string][]): Parsed<Spec> {
  let written = spec;
  for (const [{ part, breakpoint: id }, text] of texts) {
    const breakpoint = written.breakpoints.find((each) => each.id === id);
    const now = written.type.find(({ name }) => name === style);
    if (!breakpoint || !now)
      return { problem: 'This text style, or its breakpoint, is no longer in the specification.' };
    if (text.trim() === settingText(written, now, breakpoint, part)) continue;
    const result = writeSetting(written, style, breakpoint, part, text);
    if (!result.value) return result;
    written = result.value;
  }
  return { value: written };
}

/**
 * The spec with cells of a style following the next narrower breakpoint again. A breakpoint that says nothing of its own
 * any more has no setting; the narrowest keeps one.
 */
export function followNarrower(spec: Spec, style: string, places: SettingPlace[]): Parsed<Spec> {
  let written = spec;
  for (const { part, breakpoint: id } of places) {
    const now = written.type.find(({ name }) => name === style);
    const own = now?.at[id];
    if (!now || !own) continue;
    const { [id]: _own, ...others } = now.at;
    if (Object.keys(others).length === 0)
      return { problem: 'The only setting of a style stays; type another value over it.' };
    const breakpoint = written.breakpoints.find((each) => each.id === id)!;
    const narrower = settingAt(written, { ...now, at: others }, breakpoint);
    const next = { ...own, [part]: narrower[part] };
    const saysNothing = JSON.stringify(next) === JSON.stringify(narrower);
    written = withStyle(written, style, (each) => ({ ...each, at: saysNothing ? others : { ...others, [id]: next } }));
  }
  return { value: written };
}

/** Cells as tab-separated text for any spreadsheet. */
export function settingsAsText(spec: Spec, style: TextStyle, rows: SettingPlace[][]): string {
  const textOf = ({ part, breakpoint }: SettingPlace): string =>
    settingText(
      spec,
      style,
      spec.breakpoints.find(({ id }) => id === breakpoint)!,
      part,
    );
  return tabSeparated(rows.map((row) => row.map(textOf)));
}

/** Tab-separated text, cell by cell, from a place on; a sentence where there is no room for it. */
export function pastedSettings(spec: Spec, from: SettingPlace, text: string): Parsed<[SettingPlace, string][]> {
  const ids = byWidth(spec.breakpoints).map(({ id }) => id);
  const [top, left] = [SETTING_PARTS.indexOf(from.part), ids.indexOf(from.breakpoint)];
  const rows = cellsOf(text, { down: SETTING_PARTS.length - top, across: ids.length - left });
  if (!rows.value) return { problem: rows.problem! };
  const texts = rows.value.flatMap((row, y) =>
    row.map((cell, x): [SettingPlace, string] => [{ part: SETTING_PARTS[top + y]!, breakpoint: ids[left + x]! }, cell]),
  );
  return { value: texts };
}
