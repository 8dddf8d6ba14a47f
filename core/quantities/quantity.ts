import type { Address } from '../edits/edit';
import type { Parsed } from '../parsed';
import type { Breakpoint, Spec } from '../spec/schema';
import type { ReadValue, Reading } from './reading';

/** What a change asks of pages that were built on the old edition (Semantic Versioning 2.0.0); see `leastBump`. */
export type Bump = 'major' | 'minor' | 'patch';

/**
 * Something that a document says of a subject (a breakpoint, a text style, the whole): where it stands, how it is read,
 * written and named. Sheets, tables, comparison, clipboard and findings read these; none has a list of its own.
 */
export type Quantity<Subject> = {
  id: string;
  /** Among the others of its group: `Step`. */
  label: string;
  /** Alone: `Baseline, step`. */
  name: string;
  kind: 'length' | 'count' | 'choice' | 'words';
  /** The words that can be chosen, where it is a choice. */
  choices?: readonly string[];
  /** Where it stands in the document. */
  address: (subject: Subject) => Address;
  read: (spec: Spec, subject: Subject) => Reading;
  /** The spec after a person typed a text for it; a sentence where the text is not understood. */
  write: (spec: Spec, subject: Subject, text: string) => Parsed<Spec>;
  weighs: Bump;
};

export type Group = 'screen' | 'columns' | 'rows' | 'baseline' | 'frame' | 'text' | 'layouts';

/** A quantity that stands in a sheet, with a value at every breakpoint. */
export type CellQuantity<Id extends string = string> = Quantity<Breakpoint> & {
  id: Id;
  group: Group;
  /** What can be typed, in a sentence. */
  hint: string;
  /** What deleting puts into it; by default it then follows. */
  emptied?: string;
  /** What it can be made to follow, in words. */
  followed?: string;
  /** The longest text that can be typed; by default a line. */
  longest?: number;
  /** Each breakpoint has its own, which is never filled or typed over several. */
  isOwn?: true;
  /** Its rows in tables of values, in the order of `place`. */
  tabled?: readonly Tabled[];
};

/** A row in a table of values: what it is called and what it says of a breakpoint; null where it says nothing. */
export type Tabled = {
  place: number;
  label: string;
  /** Is the row there at all? By default it is where some breakpoint says something. */
  isFor?: (spec: Spec) => boolean;
  say: (spec: Spec, breakpoint: Breakpoint) => ReadValue | null;
};
