import { allBlocks } from '../spec/all-blocks';
import { measureOf } from '../spec/measure';
import { breakpointAt, byWidth } from '../spec/ranges';
import type { Spec } from '../spec/schema';
import { fromOtherSide } from '../survey/turned';
import { columnsVerdict, rowsVerdict } from './edges-built';
import { layoutVerdict } from './layout-built';
import type { Measured, MeasureQuestion } from './measured';
import { asRead } from './on-built';
import { baselineVerdict, typeVerdict } from './texts-built';
import { type BuiltPlace, type BuiltVerdict, notHeld, verdictOf } from './verdicts';

/** A page at a width, held against a document. */
export type BuiltScreen = { width: number; breakpoint: string; checks: BuiltVerdict[] };

/** On its line is what is nearer than this, in px: browsers place on 64ths, and pages on wholes. */
export const BUILT_TOLERANCE = 0.5;

/**
 * A page as it was measured at one width, against what a document says of that width: edges on columns, blocks of its layouts, tops on rows, text on the baseline grid,
 * text styles, and that it does not scroll sideways. A check that the document asks nothing of is not there.
 *
 *     holdBuilt(spec, measured).checks   // [{ check: 'scroll', verdict: 'same', … }, { check: 'columns', verdict: 'differs', findings: [{ says: '11 boxes end 2 px late', … }] }, …]
 */
export function holdBuilt(spec: Spec, measured: Measured, tolerance = BUILT_TOLERANCE): BuiltScreen {
  const breakpoint = breakpointAt(spec, measured.width);
  const on = { spec, breakpoint, tolerance, ...asRead(spec, measured) };
  const { page } = on;
  const layout = layoutVerdict(on);
  const rows = breakpoint.rows && rowsVerdict(on);
  const checks = [
    scrollVerdict(page),
    columnsVerdict(on),
    ...(layout ? [layout] : []),
    ...(rows ? [rows] : []),
    ...(breakpoint.baseline ? [baselineVerdict(on)] : []),
    ...(spec.type.length > 0 ? [typeVerdict(on)] : []),
  ];
  const onPage = (place: BuiltPlace): BuiltPlace => {
    const fromLeft = page.direction === 'rtl' ? fromOtherSide(place, page.width) : place;
    return { ...fromLeft, x: page.origin.x + fromLeft.x, y: page.origin.y + fromLeft.y };
  };
  return {
    width: page.width,
    breakpoint: breakpoint.name,
    checks: checks.map((check) => ({
      ...check,
      findings: check.findings.map((finding) => ({ ...finding, places: finding.places.map(onPage) })),
    })),
  };
}

/** What the script in the page is asked for a document. */
export function questionOf(spec: Spec, ignore: string | null): MeasureQuestion {
  const layouts = spec.layouts.map(({ id, sections }) => ({
    id,
    blocks: sections.flatMap(({ blocks }) => allBlocks(blocks)).map((block) => block.id),
  }));
  return { layouts, isInContainer: measureOf(spec) === 'container', ignore };
}

/** The widths at which a page is measured: those that are drawn, and one px on both sides of each boundary. */
export function measuredWidths(spec: Spec, which: 'all' | 'drawn' | 'bounds' = 'all'): number[] {
  const widths = byWidth(spec.breakpoints).flatMap(({ from, reference }) => [
    ...(which === 'drawn' || from === 0 ? [] : [from - 1, from]),
    ...(which === 'bounds' ? [] : [reference.width]),
  ]);
  return [...new Set(widths)].sort((a, b) => a - b);
}

/** WCAG 2.2, 1.4.10: nothing is read by scrolling in two directions. */
function scrollVerdict({ over, width }: Measured): BuiltVerdict {
  if (over.by < 1) return verdictOf('scroll', 1, []);
  const what =
    over.names.length > 0
      ? `: ${over.names.join(', ')} ${over.names.length === 1 ? 'reaches' : 'reach'} beyond it`
      : '';
  const says = `The page scrolls sideways by ${over.by} px${what}`;
  return verdictOf('scroll', 1, [
    { says, by: over.by, elements: over.names, places: [{ x: width - 4, y: 0, width: 4, height: 400 }] },
  ]);
}

/** The checks of a page that could not be measured. */
export function unmeasured(spec: Spec, width: number, why: string): BuiltScreen {
  const breakpoint = breakpointAt(spec, width);
  return { width, breakpoint: breakpoint.name, checks: [notHeld('scroll', why), notHeld('columns', why)] };
}
