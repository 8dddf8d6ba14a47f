import { measureOf } from '../../spec/measure';
import { byWidth } from '../../spec/ranges';
import { columnsAt } from '../../columns/columns-at';
import { breakpointIn, hasOwnRows, specOfSection } from '../../layouts/section-grid';
import type { Breakpoint, Layout, Section, Spec } from '../../spec/schema';
import { solvedAt } from '../../layouts/solved-at';
import { ON_COLUMNS } from '../grid-css/container-css';
import { declared, gridProperties, headComment, inComment, type Origin, rangeRule } from '../grid-css/grid-css';
import { frameCss, frameProperties } from '../grid-css/frame-css';
import { typeCss, typeProperties } from '../grid-css/type-css';
import { countedRanges } from './counted-ranges';
import { groundSums } from './ground-sums';
import { blockSelector, type CssRule } from './block-rule';
import { INSIDE_BLOCKS } from './inside-blocks';
import { sectionCss, type SectionRules } from './section-css';

/**
 * The trial layouts of a spec as CSS, for the page that `layoutHtml` writes: each section a grid on the spec’s columns,
 * its lanes and its white space as rows, its blocks as areas that read as a picture of it; line numbers where blocks lie on
 * one another. Everything is worked out by the same sums as the drawing, for every width of a range.
 */
export function layoutCss(spec: Spec, origin: Origin, layouts: readonly Layout[] = spec.layouts): string {
  return sheetOf(spec, headComment(spec, byWidth(spec.breakpoints), origin), layoutRanges(spec, layouts));
}

/** As much of that sheet as a page at one breakpoint needs. */
export function layoutCssAt(spec: Spec, layout: Layout, breakpoint: Breakpoint): string {
  return sheetOf(spec, null, layoutRanges(spec, [layout], breakpoint));
}

/**
 * What the style sheet says of one block at a breakpoint, as developers copy it: its rule, with the sums in a comment.
 *
 *     blockCss(spec, front, desktop, 'headline')   // "… #front [data-block='headline'] {\n…"
 */
export function blockCss(spec: Spec, layout: Layout, breakpoint: Breakpoint, block: string): string {
  const [first] = layoutRanges(spec, [layout], breakpoint);
  const own = blockSelector(layout, { id: block });
  const rules = (first?.rules ?? []).filter(({ selector }) => selector === own);
  return rules.map((rule) => ruleText(rule).replace(/^ {2}/gm, '')).join('\n');
}

function sheetOf(spec: Spec, head: string | null, ranges: { css: string }[]): string {
  const page =
    measureOf(spec) === 'viewport'
      ? PAGE
      : PAGE.replace('container-type: inline-size', 'container: grid-region / inline-size');
  const shared = [head, page, frameCss(spec), typeCss(spec), INSIDE_BLOCKS].filter((part) => part !== null);
  return `${[...shared, ...ranges.map(({ css }) => css)].join('\n\n')}\n`;
}

/** What the style sheet says for each range of widths in which the columns are as many, with its breakpoint; for those of one breakpoint alone, where one is given. */
export function layoutRanges(
  spec: Spec,
  layouts: readonly Layout[] = spec.layouts,
  only?: Breakpoint,
): { breakpoint: Breakpoint; css: string; rules: CssRule[] }[] {
  const ranges = countedRanges(spec).filter(({ breakpoint }) => only === undefined || breakpoint.id === only.id);
  return ranges.map(({ breakpoint, query, count, width }) => {
    const ground = groundSums(spec, breakpoint, count);
    const properties = [
      ...declared('grid', { ...gridProperties(spec, breakpoint), columns: String(count) }),
      ...declared('frame', frameProperties(spec, breakpoint)),
      ...declared('type', typeProperties(spec, breakpoint)),
    ];
    const rules = layouts.flatMap((layout) => {
      const solved = new Map(solvedAt(spec, layout, breakpoint).blocks.map((block) => [block.id, block]));
      const isOwn = (section: Section): boolean => hasOwnRows(spec, section, breakpoint);
      let since: SectionRules['since'] = null;
      return layout.sections.flatMap((section, index) => {
        const own = specOfSection(spec, section);
        const at = breakpointIn(own, breakpoint.id);
        const on = own === spec ? ground : groundSums(own, at, columnsAt(own, at, width).count);
        const properties = own === spec ? [] : declarations(own, at, on.across.tracks.count);
        const found: SectionRules = sectionCss(section, index, {
          layout,
          ground: on,
          page: ground,
          solved,
          properties,
          since,
          isOwn,
          hasOwnRows: isOwn(section),
        });
        since = found.since;
        return found.rules;
      });
    });
    const inside = [
      `  ${measureOf(spec) === 'viewport' ? ':root' : '.layout > *'} {\n${properties.join('\n')}\n  }`,
      ...rules.map(ruleText),
    ].join('\n');
    return { breakpoint, rules, css: `/* ${inComment(breakpoint.name)} */\n${rangeRule(spec, query)} {\n${inside}\n}` };
  });
}

/** A grid's custom properties on the section that stands on it. */
function declarations(spec: Spec, breakpoint: Breakpoint, count: number): [string, string][] {
  const properties = { ...gridProperties(spec, breakpoint), columns: String(count) };
  return Object.entries(properties).map(([name, value]) => [`--grid-${name}`, value]);
}

const PAGE = `body {
  margin: 0;
}

.layout {
  container-type: inline-size;
}

.layout > * {
  display: grid;
  box-sizing: border-box;
  align-content: start;
${ON_COLUMNS}
}

.layout [data-block] {
  box-sizing: border-box;
  min-inline-size: 0;
  min-block-size: 0;
  align-content: start;
}`;

function ruleText({ selector, comment, says }: CssRule): string {
  const lines = says.map(([property, value]) => `    ${property}: ${value};`);
  return `${comment ? `  /* ${inComment(comment)} */\n` : ''}  ${selector} {\n${lines.join('\n')}\n  }`;
}
