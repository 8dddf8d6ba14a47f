import type { Element } from './elements';
import { ANY, type Candidate, containersIn, holdsWidth, isFlex, itemsFor, rowsFor, trackElements } from './roles';
import type { SiteRule } from './rules';
import { countOf, type ShareClass, shareFamilies, type ShareFamily, shareText } from './shares';

/** A grid that a style sheet makes: the elements that stand in each other, and how columns come about. */
export type GridSystem = {
  /** How it is called: `.col-*`, `.page-grid`. */
  name: string;
  kind: 'tracks' | 'shares';
  /** Classes of the elements around the columns, the outermost first; the last is the row, or the grid itself. */
  around: readonly string[];
  /** Classes of an element of the columns. */
  item: string | null;
  shares: readonly ShareClass[];
  /** How many different spans or columns speak for it. */
  strength: number;
  /** How sure it is that this is the grid, from 0 to 1, and what speaks against it. */
  sure: number;
  doubts: string[];
  /** Of a page whose markup is there: its own elements, from `html` to one of the columns, and an element of each kind of column. */
  page?: { chain: readonly Element[]; items: readonly Element[] };
};

/** What to look at, where the guess is wrong: classes, without their dots. */
export type RoleChoice = { container?: string; row?: string; columns?: string };

/** Classes as people write them (`.grid-x.wide`, `container`), as they stand in an element. */
export function classesSaid(text: string): string {
  return text.trim().replace(/^\./, '').replaceAll('.', ' ');
}

/** More families of shares, the smaller ones, and more grids of tracks are not looked at. */
const [MOST_SYSTEMS, MOST_TRACKS] = [24, 200];

/** The grids that style sheets make, the likeliest first. */
export function gridSystems(rules: readonly SiteRule[], choice: RoleChoice = {}): GridSystem[] {
  const containers = containersIn(rules);
  const container = choice.container ?? containers[0]?.name ?? null;
  const families = shareFamilies(rules);
  const shares = families
    .filter(({ stem }) => choice.columns === undefined || stem === choice.columns)
    .slice(0, MOST_SYSTEMS)
    .map((family): GridSystem => {
      const rows = rowsFor(family, rules);
      const row = choice.row ?? wholeRow(family, rows[0]?.name ?? null, families, rules);
      const around = [row !== null && !choice.container && holdsWidth(row, rules) ? null : container, row].filter(
        (name): name is string => name !== null,
      );
      const { count, beside } = countOf(family.members.map(({ share }) => share));
      const stood = row !== null && around.length > 1 && choice.container === undefined ? containers : [];
      const doubts = [
        ...(choice.row === undefined ? rowDoubts(row, family.row.length > 0 ? [] : rows) : []),
        ...containerDoubts(stood),
        ...(choice.columns === undefined ? stemDoubts(family) : []),
      ];
      return {
        name: `.${family.stem}-*`,
        kind: 'shares',
        around: [...new Set(around)],
        item: itemsFor(family, row, rules).join(' '),
        shares: family.members,
        strength:
          new Set(family.members.map(({ share }) => share.toFixed(3))).size -
          beside.length / 2 +
          (count >= 4 ? 1 : 0) +
          (row ? 2 : 0),
        sure: 1 - doubts.length / 4,
        doubts,
      };
    });
  const tracks = trackElements(rules)
    .filter(({ name }) => choice.row === undefined || name === choice.row)
    .slice(0, MOST_TRACKS)
    .map(({ name, around }): GridSystem => {
      const isGuessed = around.length === 0 && container !== null && container !== name;
      const outer = around.length > 0 ? around : isGuessed ? [container] : [];
      const doubts = isGuessed && choice.container === undefined ? containerDoubts(containers) : [];
      return {
        name: name === ANY ? name : `.${name.replaceAll(' ', '.')}`,
        kind: 'tracks',
        around: [...outer, name],
        item: null,
        shares: [],
        strength: 0,
        sure: 1 - doubts.length / 4,
        doubts,
      };
    });
  return [...shares, ...tracks];
}

/** A row whose gutters stand in a class of their own (`grid-x grid-margin-x`) has the class that lays it out beside. */
function wholeRow(
  { stem, row }: ShareFamily,
  found: string | null,
  families: readonly ShareFamily[],
  rules: readonly SiteRule[],
): string | null {
  if (row.length !== 1 || isFlex(row[0]!, rules)) return found;
  const beside = families.find(
    (other) => other.stem === stem && other.row.length === 1 && isFlex(other.row[0]!, rules),
  );
  return beside ? `${beside.row[0]} ${row[0]}` : found;
}

/** So much speaks for a row that is one. */
const SURE_ROW = 3.5;
/** And for a container. */
const SURE_CONTAINER = 7;

function rowDoubts(row: string | null, rows: readonly Candidate[]): string[] {
  if (row === null) return ['No row was found around its columns.'];
  const [first, second] = rows;
  if (first && first.points < SURE_ROW) return [`Little says that .${first.name} is its row.`];
  return second && second.points > first!.points - 0.5 ? [`Its row may be .${first!.name} or .${second.name}.`] : [];
}

function containerDoubts([first, second]: readonly Candidate[]): string[] {
  if (!first) return [];
  if (first.points < SURE_CONTAINER) return [`Little says that .${first.name} is its container.`];
  return second && second.points > first.points - 0.5
    ? [`Its container may be .${first.name} or .${second.name}.`]
    : [];
}

function stemDoubts({ stem }: ShareFamily): string[] {
  return /^(w|width|size|basis|max-w|mw)$/i.test(stem.replace(/-(\w{1,2})$/, ''))
    ? [`.${stem}-* are widths for anything, and no columns by themselves.`]
    : [];
}

/** A grid of columns has a class for most counts of them; widths in fifths and thirds alone are no grid. */
export function setDoubt(shares: readonly number[]): string | null {
  const { count } = countOf(shares);
  const there = new Set(shares.map((share) => Math.round(share * count * 100) / 100));
  const held = Array.from({ length: count }, (_, index) => index + 1).filter((columns) => there.has(columns)).length;
  return held * 2 >= count ? null : `Its widths are ${held} of the ${count} that a grid of ${count} columns has.`;
}

/** What of a family stands on other columns: `1/5, 2/5`. */
export function besideText({ shares }: GridSystem): string | null {
  const { beside, count } = countOf(shares.map(({ share }) => share));
  if (beside.length === 0) return null;
  return `${beside.map(shareText).join(', ')} of the row aren’t on ${count} columns`;
}
