import { baselineAt } from '../baseline/baseline-at';
import { columnsAt, type SolvedColumns, sumLine } from '../columns/columns-at';
import { spansOf } from '../columns/spans';
import { decimal, numeral } from '../length/present';
import type { Px } from '../length/px';
import { rowsAt } from '../rows/rows-at';
import { byWidth, rangeText } from '../spec/ranges';
import type { Breakpoint, Spec } from '../spec/schema';
import { stepsOf } from '../spacing/scale';
import { fontName } from '../type/style-text';
import { textAt } from '../type/text-at';
import type { Origin } from './grid-css/grid-css';

type Token = { $type: string; $value: string | number | string[]; $description?: string };
type Group = { [name: string]: Token | Group | string };

/**
 * A spec as design tokens (Design Tokens Format Module, drafts of the W3C Community Group up to 2024, in which a dimension is a text such as `24px`): a group for each breakpoint at its
 * reference size, with the sum of its width as description; spacing steps; text styles. Lengths in px, decimals of at most four places.
 */
export function tokensJson(spec: Spec, { version, sha256 }: Origin): string {
  const tokens: Group = {
    $description: `${spec.name} ${version}, SHA-256 ${sha256}`,
    breakpoint: grouped(
      byWidth(spec.breakpoints).map((breakpoint) => [breakpoint.id, breakpointGroup(spec, breakpoint)]),
    ),
    ...(spec.spacing.steps.length === 0
      ? {}
      : { space: grouped(stepsOf(spec).map(({ name, px }) => [tokenName(name), dimension(px)])) }),
    ...(spec.type.length === 0
      ? {}
      : { type: grouped(spec.type.map((style) => [style.name, styleGroup(spec, style.name)])) }),
  };
  return `${JSON.stringify(tokens, null, 2)}\n`;
}

function breakpointGroup(spec: Spec, breakpoint: Breakpoint): Group {
  const solved = columnsAt(spec, breakpoint);
  return {
    $description: `${breakpoint.name}, ${rangeText(spec, breakpoint)}: ${sumLine(solved, numeral)}`,
    from: { $type: 'dimension', $value: `${breakpoint.from}px` },
    reference: dimension(solved.viewport),
    count: { $type: 'number', $value: solved.count },
    ...lengths(solved),
    span: grouped(spansOf(solved).map(({ columns, width }) => [String(columns), dimension(width)])),
    ...rowGroup(spec, breakpoint),
  };
}

function lengths({ column, gutter, marginStart, marginEnd, container, inset }: SolvedColumns): Group {
  return {
    column: dimension(column),
    gutter: dimension(gutter),
    'margin-start': dimension(marginStart),
    'margin-end': dimension(marginEnd),
    container: dimension(container),
    inset: dimension(inset),
  };
}

function rowGroup(spec: Spec, breakpoint: Breakpoint): Group {
  const [rows, baseline] = [rowsAt(spec, breakpoint), baselineAt(spec, breakpoint)];
  return {
    ...(rows
      ? { row: { height: dimension(rows.height), gap: dimension(rows.gap), offset: dimension(rows.offset) } }
      : {}),
    ...(baseline ? { baseline: { step: dimension(baseline.step), offset: dimension(baseline.offset) } } : {}),
  };
}

function styleGroup(spec: Spec, name: string): Group {
  const style = spec.type.find((own) => own.name === name)!;
  return {
    font: { $type: 'fontFamily', $value: fontName(style.font) },
    ...grouped(
      byWidth(spec.breakpoints).map((breakpoint) => {
        const { size, leading, shift } = textAt(spec, style, breakpoint);
        return [breakpoint.id, { size: dimension(size), leading: dimension(leading), shift: dimension(shift) }];
      }),
    ),
  };
}

function dimension(length: Px): Token {
  return { $type: 'dimension', $value: `${decimal(length)}px` };
}

function grouped(entries: readonly (readonly [string, Token | Group])[]): Group {
  return Object.fromEntries(entries);
}

/** A name that a token may have: without what stands for paths and references, and not beginning with a dollar. */
function tokenName(name: string): string {
  return name.replace(/[.{}]/g, '-').replace(/^\$/, '-');
}
