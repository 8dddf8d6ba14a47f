import type { SolvedColumns } from '../columns/columns-at';
import type { Px } from '../length/px';
import type { GivenLength } from '../spacing/given-lengths';
import type { Step, Use } from '../spacing/scale';
import type { Breakpoint, Columns, Leading, Spec, TextStyle } from '../spec/schema';
import type { TextAt } from '../type/text-at';

export type Weight = 'must-fix' | 'weigh' | 'note';

export const WEIGHT_NAMES: Record<Weight, string> = { 'must-fix': 'Must fix', weigh: 'Weigh', note: 'Note' };

/** What a weight asks of whoever reads a finding. */
export const WEIGHT_SAYS: Record<Weight, string> = {
  'must-fix': 'An edition waits until it is mended, or waived with a reason.',
  weigh: 'It may be meant so. Look at it and decide; an edition does not wait.',
  note: 'Good to know; nothing to decide.',
};

/** The cell of the sheet that a finding is about. */
export type CellName =
  | 'name'
  | 'from'
  | 'reference'
  | 'notes'
  | 'count'
  | 'container'
  | 'margin'
  | 'gutter'
  | 'column'
  | 'outer'
  | 'align'
  | 'whole'
  | 'rowRule'
  | 'rowCount'
  | 'rowHeight'
  | 'rowGap'
  | 'rowTop'
  | 'rowBottom'
  | 'rowLeast'
  | 'rowMost'
  | 'step'
  | 'baselineOffset'
  | 'lines';

/** One edit that a mend makes to a breakpoint. */
export type BreakpointChange = {
  breakpoint: string;
  from?: number;
  reference?: Breakpoint['reference'];
  columns?: Partial<Columns>;
  rows?: Breakpoint['rows'];
  baseline?: Breakpoint['baseline'];
};

/** One edit that a mend makes to a text style at a breakpoint. */
export type StyleChange = { style: string; breakpoint: string; leading: Leading };

/** One edit that a mend makes to the spacing scale. */
export type StepChange = { addStep: string } | { removeStep: string };

/** Breakpoints are put in order of their widths. */
export type OrderChange = { order: 'by width' };

export type Change = BreakpointChange | StyleChange | StepChange | OrderChange;

/** A way to mend a finding: what the button says, and the edits behind it. */
export type Mend = { label: string; changes: Change[] };

/** What a check reports. `values` are the numbers behind the sentence, as exact text; a waiver holds as long as they do. */
export type Finding = {
  rule: string;
  weight: Weight;
  breakpoint: string | null;
  cell: CellName | null;
  message: string;
  values: Record<string, string>;
  mends: Mend[];
  /** The text style, or the step of the spacing scale, that it is about. */
  about?: { style: string } | { step: string };
};

/** What a rule may ask of a spec. Solutions are worked out once a run. */
export type CheckedSpec = {
  spec: Spec;
  /** From the narrowest up. */
  breakpoints: Breakpoint[];
  at(breakpoint: Breakpoint, width?: Px | number): SolvedColumns;
  /** A text style at a breakpoint, by default at its reference width. */
  text(style: TextStyle, breakpoint: Breakpoint, width?: number): TextAt;
  /** The lengths that were given for a breakpoint. */
  given(breakpoint: Breakpoint): GivenLength[];
  /** The steps of the spacing scale, and every space that the grids use. */
  steps: Step[];
  uses: Use[];
  /** A threshold of a rule, as the spec sets it or as is usual. */
  threshold(rule: string, id: string): number;
};

/** A number that a rule goes by, which a spec may set otherwise. */
export type Threshold = { id: string; title: string; unit: string; usual: number };

/** What a rule finds; its weight where that is another than the rule's. */
export type Found = Omit<Finding, 'rule' | 'weight'> & { weight?: Weight };

/** What a rule says of itself; the list of rules for people is made from this. */
export type Rule = {
  id: string;
  title: string;
  asks: string;
  why: string;
  /** A published source, or "common practice". */
  source: string;
  weight: Weight;
  thresholds?: readonly Threshold[];
  check(checked: CheckedSpec): Found[];
};

/** A rule that looks at one breakpoint at a time. */
export function perBreakpoint(
  look: (breakpoint: Breakpoint, checked: CheckedSpec) => (Omit<Found, 'breakpoint'> | null)[],
): Rule['check'] {
  return (checked) =>
    checked.breakpoints.flatMap((breakpoint) =>
      look(breakpoint, checked)
        .filter((found) => found !== null)
        .map((found) => ({ ...found, breakpoint: breakpoint.id })),
    );
}

/** A rule that looks at one text style at one breakpoint at a time. */
export function perStyle(
  look: (
    style: TextStyle,
    breakpoint: Breakpoint,
    checked: CheckedSpec,
  ) => Pick<Finding, 'message' | 'values' | 'mends'> | null,
): Rule['check'] {
  return (checked) =>
    checked.spec.type.flatMap((style) =>
      checked.breakpoints.flatMap((breakpoint) => {
        const found = look(style, breakpoint, checked);
        return found ? [{ ...found, breakpoint: breakpoint.id, cell: null, about: { style: style.name } }] : [];
      }),
    );
}
