import type Fraction from 'fraction.js';
import type { Px } from '../length/px';
import { ratioOf } from '../length/ratio';
import type { Columns } from '../spec/schema';
import type { ColumnRule } from './column-rule';
import { sharedWidth, type SolvedColumns } from './columns-at';
import type { Explanation } from './explanation';
import { marginSides } from './read-rule';
import { isRelation, relationOf } from './relation';
import { guttersInside } from './solve';
import { totalRelations } from './with-relations';

type Write = (value: Px) => string;

/**
 * Where a column or a gutter comes from that fills the screen between margins of gutters and columns; null where no margin is one, or the container’s width
 * decides.
 *
 *     12 columns, gutter 20, margins of 2 gutters: column = (viewport − 15 × gutter) / 12
 */
export function explainBetween(
  what: 'column' | 'gutter',
  { margin }: Columns,
  rule: ColumnRule<Px>,
  solved: SolvedColumns,
  write: Write,
): Explanation | null {
  const sides = marginSides(margin);
  const { ofGutter, ofColumn } = totalRelations(sides.map((side) => (isRelation(side) ? relationOf(side) : null)));
  const { container } = rule;
  const isCut = container.is === 'fixed' || (container.is === 'upTo' && solved.container.equals(container.width));
  if (isCut || rule.count === 'auto' || (ofGutter.equals(0) && ofColumn.equals(0))) return null;
  const { column, gutter } = solved;
  const { name, is: room } = sharedWidth(solved);
  const lengths = [rule.marginStart, rule.marginEnd].flatMap((held, index) =>
    held && !isRelation(sides[index]) ? [write(held)] : [],
  );
  const gutters = ofGutter.add(guttersInside(rule.count, rule.outer));
  const columns = ofColumn.add(rule.count);
  /** What the viewport leaves, over what shares it; in words, and in numbers. */
  const shared = (taken: { times: Fraction; of: string; is: Px } | null, over: string, is: Px): Explanation => {
    const text = (whole: string, each: string | undefined): string => {
      const terms = [whole, ...lengths, ...(taken ? [`${taken.times.toFraction()} × ${each}`] : [])].join(' − ');
      return `${terms === whole ? terms : `(${terms})`} / ${over}`;
    };
    const [formula, numbers] = [text(name, taken?.of), text(write(room), taken ? write(taken.is) : undefined)];
    return { formula: `${what} = ${roundedText(formula)}`, numbers: roundedText(numbers), result: write(is) };
  };
  const roundedText = (text: string): string =>
    what === 'gutter' ? text : { no: text, margins: `⌊${text}⌋`, container: `round(${text})` }[rule.whole];
  if (what === 'gutter') {
    if (rule.gutter.is !== 'follows' || gutters.equals(0)) return null;
    return shared({ times: columns, of: 'column', is: column }, gutters.toFraction(), gutter);
  }
  if (rule.column.is === 'held') return null;
  if (rule.gutter.is !== 'ofColumn')
    return shared({ times: gutters, of: 'gutter', is: gutter }, columns.toFraction(), column);
  const share = rule.gutter.share.toFraction();
  return shared(null, `(${columns.toFraction()} + ${gutters.toFraction()} × ${share})`, column);
}

/** A margin that is so many gutters or columns: `margin = 2 × gutter`; null where neither is. */
export function explainRelation(
  { margin }: Columns,
  { column, gutter, marginStart, marginEnd }: SolvedColumns,
  write: Write,
): Explanation | null {
  const sides = marginSides(margin);
  const index = sides.findIndex(isRelation);
  const side = sides[index];
  if (!isRelation(side)) return null;
  const { of, ratio } = relationOf(side);
  const isBoth = JSON.stringify(sides[0]) === JSON.stringify(sides[1]);
  const name = isBoth ? 'margin' : index === 0 ? 'start margin' : 'end margin';
  const each = of === 'gutter' ? gutter : column;
  const own = index === 0 ? marginStart : marginEnd;
  // a container that is capped or rounded leaves more beside it
  return own.equals(each.mul(ratioOf(ratio)))
    ? { formula: `${name} = ${ratio} × ${of}`, numbers: `${ratio} × ${write(each)}`, result: write(own) }
    : null;
}
