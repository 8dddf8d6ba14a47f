import type { SolvedColumns } from '../columns/columns-at';
import type { Address, Edit } from '../edits/edit';
import type { Px } from '../length/px';
import { addressOf, type QuantityId } from '../quantities/registry';
import type { GivenLength } from '../spacing/given-lengths';
import type { Step, Use } from '../spacing/scale';
import type { Breakpoint, NamedGrid, Spec, TextStyle, TypeSetting } from '../spec/schema';
import type { TextAt } from '../type/text-at';
import type { Facts } from './say';

export type Weight = 'must-fix' | 'weigh' | 'note';

export const WEIGHT_NAMES: Record<Weight, string> = { 'must-fix': 'Must fix', weigh: 'Check', note: 'Note' };

/**
 * So many findings of a weight, in words.
 *
 *     weightCount('weigh', 11)   // "11 to check"
 */
export function weightCount(weight: Weight, count: number): string {
  const words = { 'must-fix': 'must fix', weigh: 'to check', note: count === 1 ? 'note' : 'notes' };
  return `${count} ${words[weight]}`;
}

/** What a weight asks of whoever reads a finding. */
export const WEIGHT_SAYS: Record<Weight, string> = {
  'must-fix': 'Blocks publishing until it’s fixed or waived with a reason.',
  weigh: 'Might be intended. Have a look; it doesn’t block publishing.',
  note: 'Good to know. Nothing to do.',
};

/** A way to mend a finding: the edits, and what the sentence of its button is made of. */
export type Mend = { facts: Facts; edits: readonly Edit[] };

/** What a check reports, as data; `sentenceOf` makes the sentence. */
export type Finding = {
  rule: string;
  /** Of the rule. */
  version: number;
  weight: Weight;
  /** The named grid that it is about; the main one, or none, where nothing is said. */
  grid?: NamedGrid;
  breakpoint: string | null;
  /** What of the document it is about; nothing where it is about the whole. */
  subject: readonly Address[];
  /** The viewport widths at which it was seen. */
  widths: readonly number[];
  /** The numbers that were found, as exact text; a waiver holds as long as they do. */
  values: Readonly<Record<string, string>>;
  /** What else the sentence is made of. */
  facts: Facts;
  mends: readonly Mend[];
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
export type Found = Pick<Finding, 'breakpoint' | 'subject' | 'widths' | 'values'> &
  Partial<Pick<Finding, 'weight' | 'facts' | 'mends'>>;

/** What a rule says of itself; the list of rules for people is made from this. */
export type Rule = {
  id: string;
  /** Raised when the rule finds something else than before; its words may change without. */
  version: number;
  title: string;
  asks: string;
  why: string;
  /** A published source, or "common practice". */
  source: string;
  weight: Weight;
  thresholds?: readonly Threshold[];
  check(checked: CheckedSpec): Found[];
  /** The sentence of a finding, made of its values and facts. */
  says(facts: Facts): string;
  /** What the button of a mend says, made of the mend's facts. */
  offers?(facts: Facts): string;
};

/** What is found in one cell of the sheet, by its quantity or its address: everything but where. */
type InCell = Omit<Found, 'breakpoint' | 'subject' | 'widths'> & {
  cell: QuantityId | Address;
  widths?: readonly number[];
};

/** A finding about a quantity of a breakpoint, seen at its reference width unless another is said. */
export function inCell(breakpoint: Breakpoint, { cell, widths, ...found }: InCell): Found {
  const seen = widths ?? [breakpoint.reference.width];
  const at = typeof cell === 'string' ? addressOf(breakpoint, cell) : cell;
  return { ...found, breakpoint: breakpoint.id, subject: [at], widths: seen };
}

/** A rule that looks at one breakpoint at a time. */
export function perBreakpoint(
  look: (breakpoint: Breakpoint, checked: CheckedSpec) => (InCell | null)[],
): Rule['check'] {
  return (checked) =>
    checked.breakpoints.flatMap((breakpoint) =>
      look(breakpoint, checked)
        .filter((found) => found !== null)
        .map((found) => inCell(breakpoint, found)),
    );
}

/** What is found of a part of a text style's setting. */
type InSetting = Omit<Found, 'breakpoint' | 'subject' | 'widths'> & {
  part: keyof TypeSetting;
  widths?: readonly number[];
};

/** A rule that looks at one text style at one breakpoint at a time. */
export function perStyle(
  look: (style: TextStyle, breakpoint: Breakpoint, checked: CheckedSpec) => InSetting | null,
): Rule['check'] {
  return (checked) =>
    checked.spec.type.flatMap((style) =>
      checked.breakpoints.flatMap((breakpoint) => {
        const found = look(style, breakpoint, checked);
        if (!found) return [];
        const { part, widths = [breakpoint.reference.width], ...others } = found;
        const subject = [['type', style.name, 'at', breakpoint.id, part]];
        return [{ ...others, breakpoint: breakpoint.id, subject, widths }];
      }),
    );
}
