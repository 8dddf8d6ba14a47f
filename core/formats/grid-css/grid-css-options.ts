import type { Parsed } from '../../parsed';
import { byWidth } from '../../spec/ranges';
import type { Spec } from '../../spec/schema';
import type { GutterForm } from './container-css';
import { gridCssParts, headComment, type Origin } from './grid-css';

/** How `grid.css` is written; without any, as in editions. */
export type GridCssOptions = {
  /** Stands before every class and custom property: `.tw-grid`, `--tw-grid-columns`. */
  prefix?: string | undefined;
  /** The cascade layer that everything is put in. */
  layer?: string | undefined;
  gutters?: GutterForm | undefined;
  /** Ranges in the syntax of Media Queries 4, or with `min-width` and `max-width`. */
  media?: MediaSyntax | undefined;
};

export const MEDIA_SYNTAXES = ['ranges', 'min-max'] as const;
export type MediaSyntax = (typeof MEDIA_SYNTAXES)[number];

/** What a name of CSS may be here: one that needs no escapes anywhere. */
const NAME = /^[a-z][a-z0-9-]{0,39}$/;

/**
 * `grid.css` with other names, in a layer, with gutters as padding or shares, or for browsers without range syntax. The ranges and numbers stay the same.
 *
 *     gridCssWith(spec, origin, { prefix: 'tw', layer: 'grid', gutters: 'padding', media: 'min-max' })
 */
export function gridCssWith(spec: Spec, origin: Origin, options: GridCssOptions): Parsed<string> {
  const { prefix, layer, gutters = 'gap', media = 'ranges' } = options;
  if (prefix !== undefined && !NAME.test(prefix))
    return {
      problem: `The prefix “${prefix.slice(0, 40)}” cannot be used; write lower-case letters, digits and hyphens, such as tw.`,
    };
  if (layer !== undefined && !layer.split('.').every((part) => NAME.test(part)))
    return { problem: `The layer “${layer.slice(0, 40)}” cannot be used; write a name such as grid, or base.grid.` };
  const parts = gridCssParts(spec, gutters);
  const written = [parts.shared, ...parts.ranges.values()].join('\n\n');
  const older = media === 'min-max' ? inOlderSyntax(written) : written;
  const named = prefix === undefined ? older : outsideComments(older, (code) => prefixed(code, prefix));
  const layered = layer === undefined ? named : `@layer ${layer} {\n${indented(named)}\n}`;
  const head = headComment(spec, byWidth(spec.breakpoints), origin, prefix === undefined ? '.grid' : `.${prefix}-grid`);
  return { value: `${head}\n\n${layered}\n` };
}

/** Changes the code of a style sheet and leaves its comments, in which people's names stand. */
function outsideComments(css: string, change: (code: string) => string): string {
  return css
    .split(/(\/\*[^]*?\*\/)/)
    .map((part, index) => (index % 2 === 0 ? change(part) : part))
    .join('');
}

/** Custom properties and classes; a dot before a digit is a decimal. Texts in quotes (fonts) stay. */
function prefixed(code: string, prefix: string): string {
  return code
    .split(/("(?:[^"\\]|\\.)*"|'(?:[^'\\]|\\.)*')/)
    .map((part, index) =>
      index % 2 === 0 ? part.replace(/--(?=[a-z])/g, `--${prefix}-`).replace(/\.(?=[a-z])/g, `.${prefix}-`) : part,
    )
    .join('');
}

/**
 * Ranges with `min-width` and `max-width`: the upper bound ends two hundredths of a px before the next range begins, less than which no zoom parts (common practice, no source).
 */
function inOlderSyntax(css: string): string {
  return css.replace(/@media ([^{]+) \{/g, (_, query: string) => {
    const [, from, end] = /^(?:\((\d+)px <= )?\(?width(?: < (\d+)px)?\)$/.exec(query) ?? [];
    const [, only] = /^\(width >= (\d+)px\)$/.exec(query) ?? [];
    const least = from ?? only;
    const bounds = [
      ...(least === undefined ? [] : [`(min-width: ${least}px)`]),
      ...(end === undefined ? [] : [`(max-width: ${(Number(end) - 0.02).toFixed(2)}px)`]),
    ];
    return `@media ${bounds.length > 0 ? bounds.join(' and ') : query} {`;
  });
}

function indented(css: string): string {
  return css.replace(/^(?=.)/gm, '  ');
}
