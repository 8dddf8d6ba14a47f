import type Fraction from 'fraction.js';
import type { Px } from '../length/px';
import { px } from '../length/px';
import type { Columns } from '../spec/schema';
import type { ColumnRule } from './column-rule';
import type { SolvedColumns } from './columns-at';
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
  const isCut = rule.container.is === 'fixed' || (rule.container.is === 'upTo' && solved.container.equals(rule.container.width)); // prettier-ignore
  if (isCut || rule.count === 'auto' || (ofGutter.equals(0) && ofColumn.equals(0))) return null;
  const lengths = [rule.marginStart, rule.marginEnd].flatMap((held, index) =>
    held && !isRelation(sides[index]) ? [write(held)] : [],
  );
  const [gutters, columns] = [ofGutter.add(guttersInside(rule.count, rule.outer)), ofColumn.add(rule.count)];
  const { viewport, column, gutter } = solved;
  const less = (own: string, parts: readonly string[]): string => [own, ...lengths, ...parts].join(' − ');
  const both = (parts: (value: string) => readonly string[], over: string, value: Px): [string, string] => {
    const inside = (own: string, each: string): string => {
      const terms = less(own, parts(each));
      return `(${terms}) / ${over}`;
    };
    return [inside('viewport', what === 'column' ? 'gutter' : 'column'), inside(write(viewport), write(value))];
  };
  const wrap = (text: string): string =>
    rule.whole === 'no' ? text : rule.whole === 'margins' ? `⌊${text}⌋` : `round(${text})`;
  const result = write(what === 'column' ? column : gutter);
  if (what === 'gutter') {
    if (rule.gutter.is !== 'follows' || gutters.equals(0)) return null;
    const [formula, numbers] = both((each) => [`${count(columns)} × ${each}`], count(gutters), column);
    return { formula: `gutter = ${formula}`, numbers, result };
  }
  if (rule.column.is === 'held') return null;
  if (rule.gutter.is === 'ofColumn') {
    const over = `(${count(columns)} + ${count(gutters)} × ${rule.gutter.share.toFraction()})`;
    const [formula, numbers] = both(() => [], over, gutter);
    const plain = (text: string): string => (lengths.length === 0 ? text.replace(/^\((.*?)\) \/ /, '$1 / ') : text);
    return { formula: `column = ${wrap(plain(formula))}`, numbers: wrap(plain(numbers)), result };
  }
  const [formula, numbers] = both((each) => [`${count(gutters)} × ${each}`], count(columns), gutter);
  return { formula: `column = ${wrap(formula)}`, numbers: wrap(numbers), result };
}

function count(value: Fraction): string {
  return value.toFraction();
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
  return own.equals(each.mul(px(1).mul(ratio)))
    ? { formula: `${name} = ${ratio} × ${of}`, numbers: `${ratio} × ${write(each)}`, result: write(own) }
    : null;
}
