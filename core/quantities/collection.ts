import type { Address } from '../edits/edit';
import type { Breakpoint, Spec } from '../spec/schema';
import type { Bump, Quantity } from './quantity';

/**
 * Things of one kind in a document, each with an id: steps, text styles, waivers. A thing comes or goes as a whole; one
 * that stays is compared quantity by quantity.
 */
export type Collection<Subject> = {
  /** The things of a document, by what tells them apart, in their order. */
  of: (spec: Spec) => ReadonlyMap<string, Subject>;
  /** A thing in words: `Text style body`. */
  name: (subject: Subject) => string;
  address: (subject: Subject, key: string) => Address;
  /** The breakpoint that it belongs to. */
  breakpoint?: (subject: Subject, spec: Spec) => string | null;
  /** What it says as a whole, for one that is new or gone. */
  says: (subject: Subject) => string;
  quantities: (subject: Subject, key: string) => readonly Quantity<Subject>[];
  /** Quantities that it has at every breakpoint; the same ones, in the same order, for every thing of the collection. */
  cells?: (subject: Subject) => readonly Quantity<Breakpoint>[];
  /** What a new one gives at a breakpoint, in one line; null where it gives nothing of its own. */
  gives?: (subject: Subject, breakpoint: Breakpoint) => string | null;
  weighs: { added: Bump; removed: Bump };
};
