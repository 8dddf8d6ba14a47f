import { fluidColumns, newBreakpoint, newSpec } from '../../core/document/defaults';
import type { Spec } from '../../core/spec/schema';
import { randomOf } from '../browser/model/random';

/** A range of a page: where it begins, its columns, and the greatest container of the last. */
type Range = { from: number; count: number; gutter: number; margin: number; cap: number | null };

/** What is other on a page than in its specification, and which checks must say so, and no others. */
export type Planted = { says: string; checks: string[] };

export type StyledSite = { spec: Spec; css: string; style: string; planted: Planted | null };

const NAMES = ['Phone', 'Tablet', 'Desktop'];

/** A page in a style that is drawn at random, as its specification has it or with one difference. */
export function styledSite(seed: number, isPlanted: boolean): StyledSite {
  const random = randomOf(seed);
  const from = [0, random.oneOf([560, 600, 640, 700]), random.oneOf([960, 1024, 1100, 1200])];
  const counts = random.oneOf([
    [4, 8, 12],
    [2, 6, 12],
    [4, 4, 8],
    [6, 12, 12],
  ]);
  const ranges = from.map((start, index): Range => ({
    from: start,
    count: counts[index]!,
    gutter: random.oneOf([8, 16, 20, 24, 32]),
    // no two ranges are alike, so that what is off in one is not the grid of another
    margin: random.oneOf(
      [
        [16, 20],
        [24, 28],
        [32, 40],
      ][index]!,
    ),
    cap: index === 2 ? random.oneOf([1140, 1200, 1296]) : null,
  }));
  const [said, planted] = isPlanted ? plant(ranges, random) : [ranges, null];
  const style = random.oneOf(Object.keys(STYLES));
  return { spec: specOf(ranges), css: STYLES[style]!(said, random), style, planted };
}

function specOf(ranges: readonly Range[]): Spec {
  return newSpec(
    'Drawn',
    ranges.map(({ from, count, gutter, margin, cap }, index) => ({
      ...newBreakpoint(
        { id: NAMES[index]!.toLowerCase(), name: NAMES[index]!, from, width: [412, 820, 1440][index]!, height: 900 },
        { ...fluidColumns(count, `${gutter}px`, `${margin}px`), ...(cap ? { container: { upTo: `${cap}px` } } : {}) },
      ),
      rows: null,
      baseline: null,
    })),
  );
}

type Random = ReturnType<typeof randomOf>;

function plant(ranges: readonly Range[], random: Random): [Range[], Planted] {
  const index = random.oneOf([0, 1, 2]);
  const name = NAMES[index]!;
  const changed = (change: Partial<Range>): Range[] =>
    ranges.map((range, place) => (place === index ? { ...range, ...change } : range));
  const range = ranges[index]!;
  switch (random.oneOf(['gutter', 'count', 'margin', 'container', 'boundary'])) {
    case 'gutter':
      return [changed({ gutter: range.gutter + 5 }), { says: 'gutter', checks: [`${name}: Gutter`] }];
    case 'count':
      return [changed({ count: range.count + 1 }), { says: 'count', checks: [`${name}: Columns`] }];
    case 'container': {
      const capped = ranges.map((each) => (each.cap ? { ...each, cap: each.cap + 24 } : each));
      return [capped, { says: 'container', checks: ['Desktop: Start margin', 'Desktop: End margin'] }];
    }
    case 'boundary': {
      const later = Math.max(1, index);
      const moved = ranges.map((each, place) => (place === later ? { ...each, from: each.from + 40 } : each));
      return [moved, { says: 'boundary', checks: [`${NAMES[later]}: Range`] }];
    }
    default:
      return [
        changed({ margin: range.margin + 6 }),
        { says: 'margin', checks: [`${name}: Start margin`, `${name}: End margin`] },
      ];
  }
}

type Write = (ranges: readonly Range[], random: Random) => string;

/** What is said of each range, in a media query for all but the first. */
const inRanges = (ranges: readonly Range[], query: (from: number) => string, of: (range: Range) => string): string =>
  ranges.map((range) => (range.from === 0 ? of(range) : `@media ${query(range.from)} { ${of(range)} }`)).join('\n');

const px = (from: number): string => `(min-width: ${from}px)`;
const em = (from: number): string => `(min-width: ${from / 16}em)`;
const level4 = (from: number): string => `(width >= ${from}px)`;
const rem = (length: number, root = 16): string => `${length / root}rem`;

const cap = ({ cap: most, margin }: Range): string => (most ? `${most + 2 * margin}px` : 'none');

/** Ways in which people write a grid (common practice, no source). */
const STYLES: Record<string, Write> = {
  'tracks and paddings': (ranges, random) =>
    inRanges(
      ranges,
      random.oneOf([px, em, level4]),
      (range) =>
        `.page { box-sizing: border-box; display: grid; grid-template-columns: repeat(${range.count}, minmax(0, 1fr)); gap: ${range.gutter}px; padding: 0 ${range.margin}px; max-width: ${cap(range)}; margin: 0 auto; }`,
    ),
  'custom properties': (ranges, random) => {
    const page = random.oneOf([':root', ':where(:root, :host)', 'html']);
    const held = inRanges(
      ranges,
      px,
      ({ count, gutter, margin, cap: most }) =>
        `${page} { --count: ${count}; --gap: ${gutter}px; --side: ${margin}px; --most: ${most ? `${most}px` : '100%'}; }`,
    );
    return `${held}
.layout { width: min(100% - 2 * var(--side), var(--most)); margin-inline: auto; }
.layout > .cols { display: grid; grid-template-columns: repeat(var(--count), 1fr); column-gap: var(--gap, 3px); }`;
  },
  'rem of a page of 62.5 %': (ranges) =>
    `html { font-size: 62.5%; }
${inRanges(
  ranges,
  em,
  (range) =>
    `.wrapper { max-width: ${range.cap ? rem(range.cap, 10) : 'none'}; margin: 0 auto; } .outer { padding: 0 ${rem(range.margin, 10)}; } .outer .wrapper .grid { display: grid; grid-template-columns: repeat(${range.count}, 1fr); gap: ${rem(range.gutter, 10)}; }`,
)}`,
  'nested, in layers': (ranges) =>
    `@layer reset, layout;
@layer layout { .shell-grid { box-sizing: border-box; display: grid; margin-inline: auto; ${ranges
      .map((range) => {
        const says = `grid-template-columns: repeat(${range.count}, 1fr); gap: ${range.gutter}px; padding-inline: ${range.margin}px; max-width: ${cap(range)};`;
        return range.from === 0 ? says : `@media ${level4(range.from)} { ${says} }`;
      })
      .join(' ')} } }
@layer reset { .shell-grid { gap: 3px; padding: 0; } }`,
  'capitals, fallbacks, old browsers': (ranges) =>
    inRanges(
      ranges,
      px,
      (range) =>
        `.Page { Box-Sizing: BORDER-BOX; display: -ms-grid; DISPLAY: Grid; Grid-Template-Columns: Repeat(${range.count}, MinMax(0, 1FR)); gap: 3px; GAP: ${range.gutter}PX; Padding: 0 ${range.margin}px !important; max-width: ${cap(range)}; margin: auto; }`,
    ) + '\n@supports (display: nonsense) { .Page { gap: 5px } } @supports not (display: grid) { .Page { gap: 7px } }',
  'shares of flex rows, by range': (ranges) =>
    `.container { margin: 0 auto; box-sizing: border-box; } .row { display: flex; flex-wrap: wrap; }
${inRanges(ranges, px, (range) => {
  const shares = Array.from(
    { length: Math.max(...ranges.map(({ count }) => count)) },
    (_, index) => `.col-${index + 1} { width: ${(Math.min(1, (index + 1) / range.count) * 100).toFixed(6)}%; }`,
  );
  return `.container { padding: 0 ${range.margin}px; max-width: ${cap(range)}; } .row { margin: 0 -${range.gutter / 2}px; } .row > * { box-sizing: border-box; padding: 0 ${range.gutter / 2}px; } ${shares.join(' ')}`;
})}`,
  'floats with paddings': (ranges) =>
    `.container { margin: 0 auto; box-sizing: border-box; } .row::after { content: ""; display: table; clear: both; } .row > .cell { float: left; box-sizing: border-box; }
${inRanges(ranges, em, (range) => {
  const shares = Array.from(
    { length: Math.max(...ranges.map(({ count }) => count)) },
    (_, index) =>
      `.row > .cell.span-${index + 1} { width: calc(100% * ${Math.min(index + 1, range.count)} / ${range.count}); }`,
  );
  return `.container { padding-left: ${rem(range.margin)}; padding-right: ${rem(range.margin)}; max-width: ${cap(range)}; } .row { margin-left: -${rem(range.gutter / 2)}; margin-right: -${rem(range.gutter / 2)}; } .row > .cell { padding-left: ${rem(range.gutter / 2)}; padding-right: ${rem(range.gutter / 2)}; } ${shares.join(' ')}`;
})}`,
};
