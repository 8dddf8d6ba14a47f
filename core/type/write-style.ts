import { restyled, stylesOf } from '../spec/block-kinds';
import { columnsAt, spanWidth } from '../columns/columns-at';
import { parseLength, shown } from '../length/length';
import { mapped, type Parsed } from '../parsed';
import { exactText, px } from '../length/px';
import { isGrowing } from '../length/growing';
import { readSize, type Size, sizeAt } from '../length/size';
import { freeName } from '../spec/free-name';
import { LIMITS } from '../limits';
import { screenOf } from '../spec/ranges';
import { mapLayouts } from '../spec/map-layouts';
import type { Block, Breakpoint, Font, Leading, Spec, TextStyle, TypeSetting } from '../spec/schema';
import { charactersPerLine } from './characters';
import { gridLeadings } from './on-the-grid';
import { shippedFont } from './shipped-fonts';
import { settingAt, stepOf } from './text-at';

const STARTS: Record<TextStyle['role'], { size: number; least: number; font: string }> = {
  body: { size: 16, least: 1.5, font: 'source-serif-4' },
  heading: { size: 32, least: 1.1, font: 'hanken-grotesk' },
  label: { size: 14, least: 1.2, font: 'hanken-grotesk' },
};

/** A line of body text that reads well; the span of a new style stays under it where it can. */
const WELL_READ = 70;

/**
 * The spec with one text style more, on the grid at every breakpoint.
 *
 *     addStyle(spec, 'body')   // 16 / 24 in Source Serif 4, over the columns that hold about 70 characters
 */
export function addStyle(spec: Spec, role: TextStyle['role']): Parsed<{ spec: Spec; name: string }> {
  if (spec.type.length >= LIMITS.textStyles)
    return { problem: `A specification can have up to ${LIMITS.textStyles} text styles. Remove one first.` };
  const { size, least, font } = STARTS[role];
  const name = freeName(spec.type, role);
  const at = Object.fromEntries(
    spec.breakpoints.map((breakpoint) => [
      breakpoint.id,
      {
        size: `${size}px`,
        leading: startLeading(spec, breakpoint, size, least),
        span: startSpan(spec, breakpoint, shippedFont(font), size),
      },
    ]),
  );
  const style: TextStyle = { name, role, font: shippedFont(font), stands: 'line-box', at };
  return { value: { spec: { ...spec, type: [...spec.type, style] }, name } };
}

function startLeading(spec: Spec, breakpoint: Breakpoint, size: number, least: number): Leading {
  const onGrid = gridLeadings(px(size), stepOf(spec, breakpoint)).find(({ ofSize }) => ofSize.compare(px(least)) >= 0);
  return onGrid ? `${exactText(onGrid.leading)}px` : { times: String(least) };
}

function startSpan(spec: Spec, breakpoint: Breakpoint, font: Font, size: number): number {
  const solved = columnsAt(spec, breakpoint);
  const fits = (span: number): boolean =>
    charactersPerLine(font, px(size), spanWidth(solved, span)).compare(WELL_READ) <= 0;
  let span = Math.min(solved.count, LIMITS.columns);
  while (span > 1 && !fits(span)) span--;
  return Math.max(1, span);
}

/** The spec with a text style changed. */
export function withStyle(spec: Spec, name: string, change: (style: TextStyle) => TextStyle): Spec {
  return { ...spec, type: spec.type.map((style) => (style.name === name ? change(style) : style)) };
}

/** The spec with something of a style's setting changed at a breakpoint; what it took from a narrower one is written down. */
export function withSetting(spec: Spec, name: string, breakpoint: Breakpoint, some: Partial<TypeSetting>): Spec {
  return withStyle(spec, name, (style) => ({
    ...style,
    at: { ...style.at, [breakpoint.id]: { ...settingAt(spec, style, breakpoint), ...some } },
  }));
}

/** The spec without a text style; one that a trial layout is set in stays. */
export function removeStyle(spec: Spec, name: string): Parsed<Spec> {
  const users = spec.layouts.filter(({ sections }) =>
    setIn(
      sections.flatMap(({ blocks }) => blocks),
      name,
    ),
  );
  if (users.length > 0)
    return {
      problem: `${name} is used by ${users.map((layout) => layout.name).join(', ')}. Choose another style for those blocks first.`,
    };
  return { value: { ...spec, type: spec.type.filter((style) => style.name !== name) } };
}

/** Is a block, or one in a card, set in a style? */
function setIn(blocks: readonly Block[], name: string): boolean {
  return blocks.some(({ holds }) =>
    'card' in holds ? setIn(holds.card.blocks, name) : stylesOf(holds).includes(name),
  );
}

/** The spec with a text style under another name. */
export function nameStyle(spec: Spec, name: string, text: string): Parsed<Spec> {
  const wanted = text.trim();
  if (!/^[a-z][a-z0-9-]{0,39}$/.test(wanted)) {
    return {
      problem: `“${shown(wanted)}” can’t be a style name, because it becomes a CSS class. Use lower-case letters, digits and hyphens, such as body-small.`,
    };
  }
  if (wanted !== name && spec.type.some((style) => style.name === wanted))
    return { problem: `Another style is named ${wanted} already. Enter another name.` };
  const renamed = withStyle(spec, name, (style) => ({ ...style, name: wanted }));
  const block = (each: Block): Block =>
    stylesOf(each.holds).includes(name)
      ? { ...each, holds: restyled(each.holds, (style) => (style === name ? wanted : style)) }
      : each;
  return { value: { ...renamed, layouts: mapLayouts(spec.layouts, { block }) } };
}

/** What of a setting is typed. */
export type SettingPart = keyof TypeSetting;

/**
 * The spec after a person typed a size, a leading or a span of columns for a style at a breakpoint.
 *
 *     writeSetting(spec, 'body', phone, 'size', '16 to 20 over 640 to 1416')
 *     writeSetting(spec, 'body', phone, 'leading', '1.5')   // one and a half of the size
 */
export function writeSetting(
  spec: Spec,
  name: string,
  breakpoint: Breakpoint,
  part: SettingPart,
  text: string,
): Parsed<Spec> {
  if (!spec.type.some((style) => style.name === name))
    return { problem: 'This text style is no longer in the specification.' };
  return mapped(readPart(spec, breakpoint, part, text.trim()), (some) => withSetting(spec, name, breakpoint, some));
}

function readPart(spec: Spec, breakpoint: Breakpoint, part: SettingPart, text: string): Parsed<Partial<TypeSetting>> {
  switch (part) {
    case 'size':
      return mapped(readTypeSize(spec, breakpoint, text, 'size'), (size) => ({ size }));
    case 'leading': {
      const times = readTimes(text);
      if (times !== null) return { value: { leading: { times } } };
      return mapped(readTypeSize(spec, breakpoint, text, 'leading'), (leading) => ({ leading }));
    }
    case 'span': {
      const span = /^(\d{1,2})(\s*columns?)?$/i.exec(text)?.[1];
      if (span === undefined || Number(span) < 1 || Number(span) > LIMITS.columns)
        return { problem: `“${shown(text)}” isn’t a span. Enter how many columns the text spans, such as 6.` };
      return { value: { span: Number(span) } };
    }
  }
}

/** `1.5 ×`, `× 1.5`, `150 %`; and a bare number that is too small for a length. */
function readTimes(text: string): string | null {
  const marked = /^(?:[×x*]\s*(\d+(?:\.\d+)?)|(\d+(?:\.\d+)?)\s*[×x*])$/i.exec(text);
  if (marked) return marked[1] ?? marked[2]!;
  const percent = /^(\d+)\s*%$/.exec(text)?.[1];
  if (percent) return exactText(px(percent).div(100));
  return /^\d(\.\d+)?$/.test(text) && Number(text) > 0 && Number(text) < 4 ? text : null;
}

function readTypeSize(spec: Spec, breakpoint: Breakpoint, text: string, what: 'size' | 'leading'): Parsed<Size> {
  const read = readSize(text);
  if (read.problem !== undefined) return read;
  if (!isGrowing(read.value)) {
    const unit = parseLength(String(typeof read.value === 'object' ? read.value.is : read.value)).value?.unit;
    if (unit === '%') return { problem: `A ${what} can’t be in %. Enter ${EXAMPLES[what]}.` };
  }
  const size = sizeAt(read.value, screenOf(spec, breakpoint));
  if (size.compare(1) < 0 || size.compare(2000) > 0)
    return {
      problem: `A ${what} of ${shown(text)} isn’t possible. Enter 1 to 2,000 px, such as ${EXAMPLES[what]}.`,
    };
  return read;
}

const EXAMPLES = {
  size: '16, 1.125rem or 16 to 20 over 640 to 1416',
  leading: '24, 1.5 × or 24 to 28 over 640 to 1416',
};
