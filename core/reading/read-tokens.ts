import Fraction from 'fraction.js';
import type { Parsed } from '../parsed';
import { type Px, px, ZERO } from '../length/px';
import { parseLength } from '../length/length';
import { toPx } from '../length/resolve';
import { changesWithScreen } from '../length/units';
import { LIMITS } from '../limits';
import { usualHeight } from '../breakpoints/usual-screens';
import type { Spec } from '../spec/schema';
import type { Unread } from '../site/rules';
import { flatTokens, type Token } from './flat-tokens';
import { type Reading, type ReadRange, readingOfCss } from './reading';
import { saidColumns } from './said-columns';

const TITLE = 'Design tokens';

/** What tokens of a grid are called, the likelier name first (common practice, no source; the first of each is what `tokens.json` says). */
const NAMES = {
  from: /^(from|min|min-?width|starts?(-at)?|breakpoint)$/,
  reference: /^(reference|viewport|screen|frame)$/,
  count: /^(count|columns?|column-?count|cols)$/,
  gutter: /^(gutter|gutters|gap|column-?gap|gutter-?width)$/,
  start: /^(margin-start|margin-?left|margin|margins|side-?margin|outer-?margin|offset)$/,
  end: /^(margin-end|margin-?right)$/,
  container: /^(container|container-?width|max-?width|page-?width|content-?width|width)$/,
  column: /^(column|column-?width)$/,
  inset: /^inset$/,
} as const;

/**
 * The grids in design tokens (Design Tokens Format Module; dimensions as texts such as `24px`, or as a value with its unit): every group that says a count of columns is a breakpoint,
 * at the width that it names; a group of spaces is the spacing scale. References are followed; what is not of grids is named.
 */
export function readTokens(text: string): Parsed<Reading> {
  const { value: flat, problem } = flatTokens(text);
  if (!flat) return { problem: problem! };
  const unread: Unread[] = [...flat.unread];
  const used = new Set<Token>();
  const groups = new Map<string, Token[]>();
  for (const token of flat.tokens) groups.set(token.group, [...(groups.get(token.group) ?? []), token]);
  const ranges: ReadRange[] = [];
  const beside = besideMain(groups);
  for (const [group, tokens] of groups) {
    if (beside.has(group)) {
      for (const token of tokens) used.add(token);
      continue;
    }
    const range = rangeOf(group, tokens, groups, used, unread);
    if (range) ranges.push(range);
  }
  const spacing = spacingOf(groups, used);
  const left = flat.tokens.filter((token) => !used.has(token));
  const kinds = new Map<string, number>();
  for (const token of left) {
    const top = token.path.slice(0, Math.min(2, token.path.length - 1)).join('.') || token.path.join('.');
    kinds.set(top, (kinds.get(top) ?? 0) + 1);
  }
  for (const [what, count] of kinds)
    unread.push({
      what,
      why: `${count} ${count === 1 ? 'token says' : 'tokens say'} nothing of columns, rows, baselines or spaces.`,
    });
  for (const name of new Set([...beside].map((group) => group.split('.').slice(0, 2).join('.'))))
    unread.push({ what: name, why: 'It is a grid beside the main one; only the main grid is read in.' });
  if (ranges.length === 0)
    return {
      problem: `${TITLE}: no group has a column count. A breakpoint needs one, plus a gutter, margins or a container.`,
    };
  return readingOfCss(TITLE, ranges, { spacing, unread: unread.slice(0, 200) });
}

/** Groups of grids beside the main one, as this application writes them: `grid.article.desktop` beside `breakpoint.desktop`. */
function besideMain(groups: ReadonlyMap<string, unknown>): Set<string> {
  const names = [...groups.keys()];
  const isOurs = names.some((group) => group.startsWith('breakpoint.'));
  return new Set(isOurs ? names.filter((group) => group.startsWith('grid.')) : []);
}

function rangeOf(
  group: string,
  tokens: readonly Token[],
  groups: ReadonlyMap<string, Token[]>,
  used: Set<Token>,
  unread: Unread[],
): ReadRange | null {
  const found = (name: keyof typeof NAMES): Token | undefined =>
    tokens.find((token) => NAMES[name].test(nameOf(token)) && (name !== 'count' || token.type === 'number'));
  const length = (name: keyof typeof NAMES): Px | null => {
    const token = found(name);
    if (token) used.add(token);
    return token ? pxOf(token) : null;
  };
  const counted = found('count');
  const count = Number(counted?.value);
  if (!counted || !Number.isInteger(count) || count < 1) return null;
  if (count > LIMITS.columns) {
    unread.push({
      what: counted.path.join('.'),
      why: `${count} columns are too many; a grid can have up to ${LIMITS.columns}.`,
    });
    return null;
  }
  used.add(counted);
  const [from, reference] = [length('from'), length('reference')];
  const width = Math.round((reference ?? from ?? px(0)).valueOf()) || 360;
  const { columns, off } = saidColumns({
    width,
    count,
    gutter: length('gutter'),
    start: length('start'),
    end: length('end'),
    container: length('container'),
    column: length('column'),
    inset: length('inset'),
  });
  if (off) unread.push({ what: group, why: off });
  const inner = (name: string, part: string): Px | null => {
    const token = groups.get([group, name].filter(Boolean).join('.'))?.find((each) => nameOf(each) === part);
    if (token) used.add(token);
    return token ? pxOf(token) : null;
  };
  const [row, step] = [inner('row', 'height'), inner('baseline', 'step')];
  const also = groups.get(`${group}.span`) ?? [];
  for (const token of also) used.add(token); // widths of spans follow
  return {
    name: titled(tokens[0]?.path.at(-2) ?? 'Grid'),
    ...(from ? { from: Math.round(from.valueOf()) } : {}),
    ...(reference ? { reference: { width: reference.round(3).valueOf(), height: usualHeight(width) } } : {}),
    columns,
    ...(row && row.compare(0) > 0
      ? {
          rows: {
            rule: 'repeat' as const,
            height: written(row),
            gap: written(inner('row', 'gap') ?? ZERO),
            offset: written(inner('row', 'offset') ?? ZERO),
          },
        }
      : {}),
    ...(step && step.compare(0) > 0
      ? { baseline: { step: written(step), offset: written(inner('baseline', 'offset') ?? ZERO) } }
      : {}),
  };
}

/** The group of spaces with most steps: the base unit is what all are whole multiples of. */
function spacingOf(groups: ReadonlyMap<string, Token[]>, used: Set<Token>): Spec['spacing'] | undefined {
  const spaces = [...groups].filter(([group]) => /(^|\.)(space|spacing|spaces)$/i.test(group));
  const [, tokens] = spaces.sort(([, a], [, b]) => b.length - a.length)[0] ?? [];
  const steps = (tokens ?? []).flatMap((token) => {
    const length = pxOf(token);
    return length && length.compare(0) > 0 ? [{ token, length }] : [];
  });
  if (steps.length < 2 || steps.length > LIMITS.steps) return undefined;
  const base = steps.reduce((common, { length }) => common.gcd(length), steps[0]!.length);
  if (
    base.compare(px(LIMITS.leastStep)) < 0 ||
    steps.some(({ length }) => length.div(base).compare(px(LIMITS.stepTimes)) > 0)
  )
    return undefined;
  for (const { token } of steps) used.add(token);
  return {
    base: written(base),
    halfSteps: false,
    steps: steps.map(({ token, length }) => ({
      name: stepName(token.path.at(-1)!).slice(0, 60),
      times: length.div(base).toFraction(),
    })),
  };
}

/** A step that is called by its number alone has the name of its group before it. */
function stepName(name: string): string {
  return /^[\d-]+$/.test(name) ? `space-${name}` : name;
}

function nameOf({ path }: Token): string {
  return path
    .at(-1)!
    .replace(/([a-z])([A-Z])/g, '$1-$2')
    .toLowerCase()
    .replace(/[\s_]+/g, '-');
}

function titled(name: string): string {
  const words = name.replace(/[-_]+/g, ' ').trim();
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** A dimension in px: `"24px"`, `"1.5rem"`, `{ "value": 24, "unit": "px" }`, or a bare number. */
function pxOf({ value }: Token): Px | null {
  const text =
    typeof value === 'object' && value !== null && 'value' in value && 'unit' in value
      ? `${String(value.value)}${String(value.unit)}`
      : String(value);
  const { value: length } = parseLength(text);
  if (!length || changesWithScreen(length.unit)) return null;
  return toPx(length, { width: ZERO, height: ZERO, rootFontSize: new Fraction(16), pixelsPerInch: 96 });
}

function written(length: Px): string {
  return `${length.round(4).valueOf()}px`;
}
