import type Fraction from 'fraction.js';
import type { LengthValue } from '../length/length-value';
import { ratioOf, typedRatio } from '../length/ratio';
import { shown } from '../length/length';
import { sizeText } from '../length/size';
import { LIMITS } from '../limits';
import type { Parsed } from '../parsed';

/** So many gutters, or so much of a column, at every width. */
export type Relation = { ofGutter: string } | { ofColumn: string };

export function isRelation(value: unknown): value is Relation {
  return typeof value === 'object' && value !== null && ('ofGutter' in value || 'ofColumn' in value);
}

/** Of what, and how much of it. */
export function relationOf(value: Relation): { of: 'gutter' | 'column'; ratio: string } {
  return 'ofGutter' in value ? { of: 'gutter', ratio: value.ofGutter } : { of: 'column', ratio: value.ofColumn };
}

/** A relation as a person types it: `2 gutters`, `1/2 column`. */
export function relationText(value: Relation): string {
  const { of, ratio } = relationOf(value);
  const isMany = !ratio.includes('/') && Number(ratio) > 1;
  return `${ratio} ${of}${isMany ? 's' : ''}`;
}

const PARTS_IN_WORDS: Record<string, string> = { half: '1/2', third: '1/3', quarter: '1/4', fifth: '1/5' };

/**
 * Reads so much of a gutter or a column; null where it is no relation.
 *
 *     readRelation('2 gutters')              // { ofGutter: '2' }
 *     readRelation('25% column')             // { ofColumn: '1/4' }
 *     readRelation('a quarter of a column')  // { ofColumn: '1/4' }
 *     readRelation('gutter')                 // { ofGutter: '1' }
 *
 * @param most the greatest ratio, and what is refused in a sentence
 */
export function readRelation(typed: string, most: number = LIMITS.relation, what = 'That'): Parsed<Relation> | null {
  const text = typed
    .trim()
    .replace(/^an?\s+(half|third|quarter|fifth)\b/i, (_, part: string) => PARTS_IN_WORDS[part.toLowerCase()]!);
  const match = /^(?:(\S+?)\s*(%)?\s*(?:×\s*|of\s+)?)?(?:an?\s+)?(gutter|column)s?$/i.exec(text);
  if (!match) return null;
  const [, number = '1', percent, of] = match;
  const ratio = typedRatio(percent ? `${number}/100` : number);
  const unit = of!.toLowerCase() as 'gutter' | 'column';
  if (ratio.problem !== undefined) return null;
  const value = ratioOf(ratio.value);
  if (value.compare(0) <= 0 || value.compare(most) > 0)
    return {
      problem: `${what} of ${shown(percent ? `${number} %` : number)} ${unit}${percent || value.compare(1) <= 0 ? '' : 's'} isn’t possible. Enter more than 0 and at most ${most}, such as ${unit === 'gutter' ? '2 gutters' : '1/4 column'}.`,
    };
  // a percentage is kept as the fraction that it is
  const { value: kept } = typedRatio(percent ? value.toFraction() : ratio.value);
  if (kept === undefined)
    return { problem: `“${shown(typed)}” has too many digits. Enter a fraction, such as 1/3 ${unit}.` };
  return { value: unit === 'gutter' ? { ofGutter: kept } : { ofColumn: kept } };
}

/** A space between or around rows: a length, or so much of what stands across. */
export type Space = LengthValue | Relation;

/** The space as a person types it. */
export function spaceText(value: Space): string {
  return isRelation(value) ? relationText(value) : sizeText(value);
}

/**
 * A space over any kind of number.
 *
 * @param across column and gutter as they come out, rounded ones too
 */
export function spaceOf<T>(
  value: Space,
  length: (value: LengthValue) => T,
  across: () => { column: T; gutter: T },
  times: (a: T, factor: Fraction) => T,
): T {
  if (!isRelation(value)) return length(value);
  const { of, ratio } = relationOf(value);
  return times(across()[of], ratioOf(ratio));
}
