import { canonicalJson } from '../edition/canonical';
import type { Address } from '../edits/edit';
import { COLLECTIONS } from '../quantities/document/collections';
import type { Collection } from '../quantities/collection';
import { SPEC_QUANTITIES } from '../quantities/document/spec';
import type { Bump, Quantity } from '../quantities/quantity';
import type { Reading } from '../quantities/reading';
import { QUANTITIES } from '../quantities/registry';
import { byWidth } from '../spec/ranges';
import type { Difference } from './difference';
import { movedDifferences } from './moved-differences';
import { orderDifferences } from './order-differences';
import type { Breakpoint, Spec } from '../spec/schema';

export type { Difference };

/**
 * What differs, quantity by quantity, in the order of the sheet.
 *
 *     differences(old, new)   // [{ breakpoint: "Desktop", what: "Gutter", before: "24", after: "32", bump: "minor", … }]
 */
export function differences(before: Spec, after: Spec): Difference[] {
  const found = [
    ...differencesByQuantity(before, after),
    ...orderDifferences(before, after),
    ...movedDifferences(before, after),
  ];
  return found.length > 0 || canonicalJson(before) === canonicalJson(after) ? found : otherDifferences(before, after);
}

/** Whatever differs in the documents, by its place: nothing that is published goes unsaid. */
function otherDifferences(before: unknown, after: unknown, at: Address = []): Difference[] {
  const isObject = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null;
  if (isObject(before) && isObject(after))
    return [...new Set([...Object.keys(before), ...Object.keys(after)])].flatMap((key) =>
      otherDifferences(before[key], after[key], [...at, key]),
    );
  const [was, is] = [before, after].map((value) => (value === undefined ? '' : JSON.stringify(value)));
  return compared({ at, breakpoint: null, what: at.join('.'), before: was!, after: is!, bump: 'patch' });
}

function differencesByQuantity(before: Spec, after: Spec): Difference[] {
  const was = new Map(before.breakpoints.map((breakpoint) => [breakpoint.id, breakpoint]));
  const is = new Set(after.breakpoints.map(({ id }) => id));
  return [
    ...SPEC_QUANTITIES.flatMap((quantity) => quantityDifference(quantity, [before, before], [after, after], null)),
    ...COLLECTIONS.flatMap((collection) => collectionDifferences(collection, before, after)),
    ...byWidth(before.breakpoints)
      .filter(({ id }) => !is.has(id))
      .flatMap((gone) => wholeBreakpoint(gone, 'there', '', 'major')),
    ...byWidth(after.breakpoints).flatMap((breakpoint) => {
      const old = was.get(breakpoint.id);
      if (!old) return wholeBreakpoint(breakpoint, '', 'added', 'minor');
      return QUANTITIES.flatMap((quantity) =>
        quantityDifference(quantity, [before, old], [after, breakpoint], breakpoint.name),
      );
    }),
  ];
}

function wholeBreakpoint({ id, name }: Breakpoint, before: string, after: string, bump: Bump): Difference[] {
  return compared({ at: ['breakpoints', id], breakpoint: name, what: 'Breakpoint', before, after, bump });
}

/** Things that came, went or changed. */
function collectionDifferences<Subject>(collection: Collection<Subject>, before: Spec, after: Spec): Difference[] {
  const [was, is] = [collection.of(before), collection.of(after)];
  return [...new Set([...was.keys(), ...is.keys()])].flatMap((key) => {
    const [old, now] = [was.get(key), is.get(key)];
    const subject = (now ?? old)!;
    const breakpoint = collection.breakpoint?.(subject, now ? after : before) ?? null;
    if (old && now) {
      const cells = [collection.cells?.(old) ?? [], collection.cells?.(now) ?? []] as const;
      const own = collection
        .quantities(now, key)
        .flatMap((quantity) => quantityDifference(quantity, [before, old], [after, now], breakpoint));
      return [...own, ...cellDifferences(cells, before, after)];
    }
    const bump = old ? collection.weighs.removed : collection.weighs.added;
    const whole = compared({
      at: collection.address(subject, key),
      breakpoint,
      what: collection.name(subject),
      before: old ? collection.says(old) : '',
      after: now ? collection.says(now) : '',
      bump,
    });
    return now ? [...whole, ...givenAnew(collection, now, key, after)] : whole;
  });
}

type Cells = readonly Quantity<Breakpoint>[];

function cellDifferences([was, is]: readonly [Cells, Cells], before: Spec, after: Spec): Difference[] {
  return byWidth(after.breakpoints).flatMap((breakpoint) => {
    const old = before.breakpoints.find(({ id }) => id === breakpoint.id);
    if (!old) return [];
    return is.flatMap((quantity, index) =>
      readingDifference(
        quantity,
        quantity.address(breakpoint),
        [was[index]!.read(before, old), quantity.read(after, breakpoint)],
        breakpoint.name,
      ),
    );
  });
}

/** What a new thing gives at the breakpoints. */
function givenAnew<Subject>(collection: Collection<Subject>, now: Subject, key: string, after: Spec): Difference[] {
  const { address, name, gives } = collection;
  return byWidth(after.breakpoints).flatMap((breakpoint) => {
    const says = gives?.(now, breakpoint) ?? '';
    const at = [...address(now, key), 'at', breakpoint.id];
    return compared({ at, breakpoint: breakpoint.name, what: name(now), before: '', after: says, bump: 'minor' });
  });
}

/** A quantity of a subject, then and now. */
function quantityDifference<Subject>(
  quantity: Quantity<Subject>,
  [oldSpec, old]: [Spec, Subject],
  [newSpec, now]: [Spec, Subject],
  breakpoint: string | null,
): Difference[] {
  const { read, address } = quantity;
  return readingDifference(quantity, address(now), [read(oldSpec, old), read(newSpec, now)], breakpoint);
}

/** What a quantity said and says. */
function readingDifference(
  { name, weighs }: Pick<Quantity<unknown>, 'name' | 'weighs'>,
  at: Address,
  [was, is]: [Reading, Reading],
  breakpoint: string | null,
): Difference[] {
  if (was.idle || is.idle) return [];
  // what was given and now follows behaves otherwise at every other width, though it is the same here
  const switched = was.shown === is.shown && was.follows !== is.follows;
  const said = ({ shown, follows }: Reading): string =>
    switched ? `${shown}, ${follows ? 'follows' : 'given'}` : shown;
  // a value that only follows another change asks nothing of built pages
  const onlyFollows = was.text === is.text;
  return compared({
    at,
    breakpoint,
    what: name,
    before: said(was),
    after: said(is),
    follows: onlyFollows,
    bump: onlyFollows ? 'patch' : weighs,
  });
}

type Compared = Omit<Difference, 'before' | 'after' | 'follows'> & { before: string; after: string; follows?: boolean };

function compared({ before, after, follows = false, ...others }: Compared): Difference[] {
  return before === after ? [] : [{ ...others, before: before || null, after: after || null, follows }];
}

const RANK: Record<Bump, number> = { patch: 0, minor: 1, major: 2 };

/**
 * The least step of the version that fits what changed (Semantic Versioning 2.0.0). Major: a class or a custom property
 * that pages can name is gone, or a column count changed, so that spans in built pages no longer mean what they did.
 * Minor: other numbers, or something new. Patch: words, reference sizes, waivers.
 */
export function leastBump(found: Difference[]): Bump | null {
  return found.reduce<Bump | null>((most, { bump }) => (most === null || RANK[bump] > RANK[most] ? bump : most), null);
}
