import { lengthOf, parseLengthValue } from '../length/length-value';
import { counted } from '../length/present';
import { sizeText } from '../length/size';
import { changesWithScreen } from '../length/units';
import { LIMITS } from '../limits';
import { mapped, type Parsed } from '../parsed';
import type { CardGrid, Holds } from '../spec/schema';
import type { HoldsOf } from '../spec/block-kinds';
import { heightOfText } from './placement-text';

/** How parts of what blocks hold are typed, read and refused: a style, words, a length, a count, several items. */

/** Something of what a block holds that a person types or chooses. */
export type HeldField = {
  id: string;
  /** Beside the field, and to those who do not see it. */
  label: string;
  name: string;
  title?: string;
  /** A text style; a line; words; several lines, each a thing of its own; something that is on or off. */
  input: 'style' | 'line' | 'words' | 'items' | 'switch';
  read: string;
  /** What it then holds; `on` or anything else for a switch. */
  write: (text: string) => Parsed<Holds>;
};

export function styleField(label: string, read: string, held: (style: string) => Holds): HeldField {
  return {
    id: 'style',
    label,
    name: `Text ${label.charAt(0).toLowerCase()}${label.slice(1)}`,
    input: 'style',
    read,
    write: (text) => ({ value: held(text) }),
  };
}

export function wordsField(holds: HoldsOf<'text' | 'button' | 'field' | 'quote'>): HeldField {
  return {
    id: 'words',
    label: 'Text',
    name: 'Text',
    input: 'words',
    read: holds.words,
    write: (text) => mapped(shortEnough(text, LIMITS.words), (words) => ({ ...holds, words })),
  };
}

export function lineField(id: string, label: string, read: string, held: (text: string) => Holds): HeldField {
  return {
    id,
    label,
    name: label,
    input: 'line',
    read,
    write: (text) => mapped(shortEnough(text, LIMITS.name), held),
  };
}

/** A text without what is around it, that is no longer than it may be. */
export function shortEnough(text: string, most: number): Parsed<string> {
  return text.length > most
    ? { problem: `These are ${text.length} characters; the maximum is ${most}.` }
    : { value: text.trim() };
}

export function ratioField(read: string, held: (ratio: string) => Holds): HeldField {
  return {
    id: 'ratio',
    label: 'Ratio',
    name: 'Ratio',
    title: 'Width / height, such as 16/9',
    input: 'line',
    read,
    write: (text) => {
      const height = heightOfText(text).value;
      return !height || typeof height === 'string' || !('ratio' in height)
        ? { problem: 'Enter a ratio as width / height, such as 16/9.' }
        : { value: held(height.ratio) };
    },
  };
}

export function lengthField(
  id: string,
  label: string,
  read: CardGrid['padding'],
  held: (length: string) => Holds,
): HeldField {
  return {
    id,
    label,
    name: label,
    input: 'line',
    read: sizeText(read),
    write: (text) => mapped(fixedLength(text), held),
  };
}

export function padsField(holds: HoldsOf<'button' | 'field'>): HeldField {
  const [down, across] = holds.pad.map(sizeText);
  return {
    id: 'pad',
    label: 'Padding',
    name: 'Padding',
    title: 'Above and below, then before and after, such as 12, 24',
    input: 'line',
    read: `${down}, ${across}`,
    write: (text) => {
      const parts = text.split(/[,;]/);
      const [first, second = first] = parts.map(fixedLength);
      if (parts.length > 2) return { problem: 'Enter one or two lengths, such as 12, 24.' };
      if (first!.value === undefined) return { problem: first!.problem! };
      return mapped(second!, (across) => ({ ...holds, pad: [first!.value!, across] }));
    },
  };
}

export function itemsField(
  label: string,
  read: readonly string[],
  most: number,
  characters: number,
  held: (items: string[]) => Holds,
): HeldField {
  return {
    id: 'items',
    label,
    name: label,
    title: 'One on each line',
    input: 'items',
    read: read.join('\n'),
    write: (text) => {
      const items = text
        .split('\n')
        .map((each) => each.trim())
        .filter((each) => each !== '');
      if (items.length === 0) return { problem: 'Enter at least one, each on a line of its own.' };
      if (items.length > most) return { problem: `These are ${items.length}; the maximum is ${most}.` };
      const long = items.find((each) => each.length > characters);
      return long === undefined
        ? { value: held(items) }
        : { problem: `“${long.slice(0, 30)}…” has ${long.length} characters; the maximum is ${characters}.` };
    },
  };
}

export function countField(
  id: string,
  label: string,
  title: string,
  read: number,
  least: number,
  most: number,
  held: (count: number) => Holds,
): HeldField {
  return {
    id,
    label,
    name: label,
    title,
    input: 'line',
    read: counted(read, 'row'),
    write: (text) => {
      const [, typed] = /^(\d{1,4})\s*(?:rows?)?$/i.exec(text.trim()) ?? [];
      const count = Number(typed);
      return typed === undefined || count < least || count > most
        ? { problem: `Enter ${least} to ${counted(most, 'row')}.` }
        : { value: held(count) };
    },
  };
}

/** A length in a block: it does not change with the screen. */
export function fixedLength(text: string): Parsed<string> {
  const parsed = parseLengthValue(text);
  if (parsed.value === undefined) return { problem: parsed.problem! };
  const length = lengthOf(parsed.value);
  if (changesWithScreen(length.unit)) return { problem: 'Enter a length in px or rem, such as 16.' };
  return typeof parsed.value === 'string'
    ? { value: parsed.value }
    : { value: `${length.amount.toString()}${length.unit}` };
}
