import { generate, parse, walk } from 'css-tree';
import { gridCssParts } from '../formats/grid-css/grid-css';
import { layoutRanges } from '../formats/layout/layout-css';
import { byWidth } from '../spec/ranges';
import type { Spec } from '../spec/schema';
import { type Difference, differences, leastBump } from './differences';

/**
 * What differs for whoever builds on an edition: quantity by quantity, and what the published style sheet has lost or
 * says otherwise. A class or custom property that is gone is major; any other byte that a page depends on is minor.
 */
export function publishedDifferences(before: Spec, after: Spec): Difference[] {
  const [old, now] = [sheetsOf(before), sheetsOf(after)];
  const parts = pairs(old, now);
  const all = [...asBuilt(differences(before, after), old, now), ...namesGone(parts)];
  const isSaid = leastBump(all) === 'minor' || leastBump(all) === 'major';
  return isSaid ? all : [...all, ...otherValues(parts)];
}

/** A document with the parts of its style sheet. */
type Sheets = ReturnType<typeof gridCssParts> & { spec: Spec };

const sheetsOf = (spec: Spec): Sheets => ({ spec, ...gridCssParts(spec) });

/**
 * Differences by what they ask of whoever builds: where the published style sheets say the same as before, a number that is only written otherwise, a role, or the words
 * of a block ask nothing.
 */
function asBuilt(found: Difference[], before: Sheets, after: Sheets): Difference[] {
  if (!found.some(({ bump }) => bump === 'minor')) return found;
  const [was, is] = [builtOf(before), builtOf(after)];
  const ids = [...new Set([...was.ranges.keys(), ...is.ranges.keys()])];
  const isSame = (id: string): boolean => was.ranges.get(id) === is.ranges.get(id);
  const isAsBefore = (name: string | null): boolean =>
    was.shared === is.shared &&
    (name === null ? ids : after.spec.breakpoints.filter((each) => each.name === name).map(({ id }) => id)).every(
      isSame,
    );
  const known = new Map<string | null, boolean>();
  return found.map((each) => {
    // lengths in rem go by the page’s own root font, which no style sheet says
    if (each.bump !== 'minor' || each.at[0] === 'rootFontSize') return each;
    const same = known.get(each.breakpoint) ?? isAsBefore(each.breakpoint);
    known.set(each.breakpoint, same);
    return same ? { ...each, bump: 'patch' as const } : each;
  });
}

/** What the published style sheets say, without comments: what holds everywhere, and each range by its breakpoint’s id. */
function builtOf({ spec, shared, ranges }: Sheets): { shared: string; ranges: Map<string, string> } {
  const said = (css: string): string => css.replace(/\/\*[^]*?\*\//g, '');
  const all = new Map([...ranges].map(([id, css]) => [id, said(css)]));
  if (spec.layouts.length > 0)
    for (const { breakpoint, css } of layoutRanges(spec))
      all.set(breakpoint.id, `${all.get(breakpoint.id)}${said(css)}`);
  return { shared: said(shared), ranges: all };
}

/** What the style sheet says has no place of its own in the document. */
const OF_SHEET = { at: [], follows: false };

type Sheet = { names: Set<string>; values: Map<string, string> };

/** Names that a page can write, of one part of a style sheet, and every declaration with its value. */
function readSheet(css: string): Sheet {
  const sheet: Sheet = { names: new Set(), values: new Map() };
  const tree = parse(css, { parseCustomProperty: false });
  walk(tree, function (node) {
    if (node.type === 'ClassSelector') sheet.names.add(`.${node.name}`);
    if (node.type !== 'Declaration') return;
    if (node.property.startsWith('--')) sheet.names.add(node.property);
    const selector = this.rule ? generate(this.rule.prelude) : (this.atrule?.name ?? '');
    const within = this.atrule?.prelude ? generate(this.atrule.prelude) : '';
    sheet.values.set(`${within} ${selector} ${node.property}`, generate(node.value).trim());
  });
  return sheet;
}

type Part = { name: string | null; was: Sheet; is: Sheet };

/** Parts of both style sheets that belong together and differ: what holds everywhere, and each range that both have. */
function pairs(old: Sheets, now: Sheets): Part[] {
  const ranges = byWidth(now.spec.breakpoints).flatMap(({ id, name }) => {
    const [was, is] = [old.ranges.get(id), now.ranges.get(id)];
    return was === undefined || is === undefined ? [] : [{ name, was, is }];
  });
  return [{ name: null, was: old.shared, is: now.shared }, ...ranges]
    .filter(({ was, is }) => was !== is)
    .map(({ name, was, is }) => ({ name, was: readSheet(was), is: readSheet(is) }));
}

function namesGone(parts: Part[]): Difference[] {
  return parts.flatMap(({ name, was, is }) => {
    const gone = [...was.names].filter((each) => !is.names.has(each));
    if (gone.length === 0) return [];
    const listed = gone.length > 4 ? `${gone.slice(0, 4).join(', ')} and ${gone.length - 4} more` : gone.join(', ');
    return [
      { ...OF_SHEET, breakpoint: name, what: 'Names in grid.css', before: listed, after: null, bump: 'major' as const },
    ];
  });
}

function otherValues(parts: Part[]): Difference[] {
  return parts.flatMap(({ name, was, is }) =>
    [...new Set([...was.values.keys(), ...is.values.keys()])].flatMap((key) => {
      const [old, now] = [was.values.get(key), is.values.get(key)];
      if (old === now) return [];
      const what = `grid.css, ${key.trim().split(' ').at(-1)}`;
      return [{ ...OF_SHEET, breakpoint: name, what, before: old ?? null, after: now ?? null, bump: 'minor' as const }];
    }),
  );
}
