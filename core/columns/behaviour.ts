import { type LengthValue, typedText } from '../length/length-value';
import { givenSides, sideIsOf } from '../spec/frame';
import { measureOf } from '../spec/measure';
import type { Breakpoint, Columns, Spec } from '../spec/schema';
import { type GrowingLength, isGrowing } from '../length/growing';
import { isSum, type LengthSum, SAFE, termsOf } from '../length/sum';
import { isOfColumn, isPair, isShare, isUpTo } from './column-rule';
import type { Margin } from './read-rule';
import { isRelation, relationText } from './relation';

/**
 * What stretches and what stays as the viewport grows through a breakpoint's range, in words.
 *
 *     behaviourText(spec, desktop)
 *     // ["The container is always 1296 px wide and centred; the margins take what is left.",
 *     //  "Gutters stay 24 px; the columns share what is left."]
 */
export function behaviourText(spec: Spec, { columns, frame }: Breakpoint): string[] {
  const isOfContainer = measureOf(spec) === 'container';
  const hasPanels = givenSides(frame).some((side) => sideIsOf(side) === 'width');
  const across = isOfContainer ? 'the region' : hasPanels ? 'the space beside panels' : 'the screen';
  return [outside(columns), inside(columns), ...rounding(columns)].map((sentence) =>
    sentence
      .replaceAll(ACROSS, across)
      .replaceAll(WHOLE, isOfContainer ? 'the region' : 'the screen')
      .replaceAll(SCREENS, isOfContainer ? 'regions' : 'screens'),
  );
}

/** What stands in a sentence for what margins and container share, for all of it with its panels, and for several of that. */
const [ACROSS, WHOLE, SCREENS] = ['{across}', '{whole}', '{screens}'];

function outside(columns: Columns): string {
  const { container, margin } = columns;
  const stands = { start: 'aligned to the start', centre: 'centred', end: 'aligned to the end' }[columns.align];
  const between = marginWords(margin);
  const rest = between ? `beside ${between}` : 'and the margins take the rest';
  if (container === 'fill')
    return between ? `The container fills ${ACROSS} between ${between}.` : `The container fills ${ACROSS}.`;
  if (container === 'auto') return `The container is as wide as its columns and ${stands}.`;
  if (isUpTo(container)) {
    const until = `until it is ${lengthWords(container.upTo)} wide, then keeps that width, ${stands}`;
    return `The container fills ${ACROSS}${between ? ` between ${between}` : ''} ${until}.`;
  }
  if (isShare(container)) {
    const most = container.upTo === undefined ? '' : `, at most ${lengthWords(container.upTo)},`;
    return `The container is ${container.share} of ${ACROSS}${most} and ${stands}, ${rest}.`;
  }
  if (isSum(container)) return `The container is ${sumWords(container)} wide and ${stands}, ${rest}.`;
  if (isGrowing(container)) return `The container ${growingWords(container)} and ${stands}, ${rest}.`;
  return `The container is always ${lengthWords(container)} wide and ${stands}, ${rest}.`;
}

function marginWords(margin: Columns['margin']): string | null {
  if (!isPair(margin)) return margin === 'auto' ? null : `margins ${sizeWords(margin)}`;
  const side = (value: Margin): string => (value === 'auto' ? 'of what is left' : sizeWords(value));
  return `a start margin ${side(margin.start)} and an end margin ${side(margin.end)}`;
}

function inside({ count, column, gutter, outer }: Columns): string {
  const half = outer === 'half' ? ', with half a gutter outside the first and last column' : '';
  const gutters = gutterWords(gutter);
  if (count === 'auto')
    return `As many columns of ${column === 'auto' ? 'one width' : lengthWords(column)} as fit; ${gutters}${half}.`;
  if (column === 'auto') return `${capital(gutters)}${half}; the columns share the rest.`;
  return `Columns stay ${lengthWords(column)}; ${gutters}${half}.`;
}

function gutterWords(gutter: Columns['gutter']): string {
  if (gutter === 'auto') return 'gutters take what is left';
  if (isOfColumn(gutter)) return `gutters are ${gutter.ofColumn} of a column`;
  return isGrowing(gutter)
    ? `gutters ${growingWords(gutter).replace('grows', 'grow')}`
    : `gutters are ${lengthWords(gutter)}`;
}

function rounding({ whole }: Columns): string[] {
  if (whole === 'margins') return ['Columns are rounded down to whole px; the margins take the difference.'];
  if (whole === 'container') return ['Columns are rounded to whole px; the container becomes what they add up to.'];
  return [];
}

function sizeWords(value: Exclude<Margin, 'auto'>): string {
  if (isRelation(value)) return `of ${relationText(value)}`;
  if (isSum(value)) return `of ${sumWords(value)}`;
  return isGrowing(value) ? `that ${growingWords(value).replace('grows', 'grow')}` : `of ${lengthWords(value)}`;
}

function growingWords({ between, over }: GrowingLength): string {
  return `grows from ${lengthWords(between[0])} to ${lengthWords(between[1])} between ${SCREENS} of ${over[0]} and ${over[1]} px`;
}

/** `100 % of the screen less 40 px`. */
function sumWords(value: LengthSum): string {
  return termsOf(value)
    .map(
      ({ length, isLess }, index) =>
        `${isLess ? (index === 0 ? 'minus ' : 'less ') : index === 0 ? '' : 'plus '}${lengthWords(length)}`,
    )
    .join(' ');
}

/** `24 px`, `1.5 rem`, `5 % of the screen`. */
function lengthWords(value: LengthValue): string {
  const text = typeof value === 'object' ? value.is : typedText(value);
  const [, amount = text, unit = ''] = /^([\d./]+)([a-z%]*)$/.exec(text) ?? [];
  if (text === SAFE) return 'what the screen keeps free on that side';
  if (unit === '%') return `${amount} % of ${ACROSS}`;
  if (unit === 'vw' || unit === 'cqi') return `${amount} % of ${WHOLE}`;
  return `${amount} ${unit || 'px'}`;
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
