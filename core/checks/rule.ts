import type { SolvedColumns } from '../columns/columns-at';
import type { Px } from '../length/px';
import type { Breakpoint, Columns, Spec } from '../spec/schema';

export type Weight = 'must-fix' | 'weigh' | 'note';

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
  | 'whole';

/** One edit that a mend makes to a breakpoint. */
export type BreakpointChange = {
  breakpoint: string;
  from?: number;
  reference?: Breakpoint['reference'];
  columns?: Partial<Columns>;
};

/** A way to mend a finding: what the button says, and the edits behind it. */
export type Mend = { label: string; changes: BreakpointChange[] };

/** What a check reports. `values` are the numbers behind the sentence, as exact text; a waiver holds as long as they do. */
export type Finding = {
  rule: string;
  weight: Weight;
  breakpoint: string | null;
  cell: CellName | null;
  message: string;
  values: Record<string, string>;
  mends: Mend[];
};

/** What a rule may ask of a spec. Solutions are worked out once a run. */
export type CheckedSpec = {
  spec: Spec;
  /** From the narrowest up. */
  breakpoints: Breakpoint[];
  at(breakpoint: Breakpoint, width?: Px | number): SolvedColumns;
};

/** What a rule says of itself; the list of rules for people is made from this. */
export type Rule = {
  id: string;
  title: string;
  asks: string;
  why: string;
  /** A published source, or "common practice". */
  source: string;
  weight: Weight;
  check(checked: CheckedSpec): Omit<Finding, 'rule' | 'weight'>[];
};

/** A rule that looks at one breakpoint at a time. */
export function perBreakpoint(
  look: (breakpoint: Breakpoint, checked: CheckedSpec) => (Omit<Finding, 'rule' | 'weight' | 'breakpoint'> | null)[],
): Rule['check'] {
  return (checked) =>
    checked.breakpoints.flatMap((breakpoint) =>
      look(breakpoint, checked)
        .filter((found) => found !== null)
        .map((found) => ({ ...found, breakpoint: breakpoint.id })),
    );
}
