import { addBreakpoint, nameBreakpoint, withBreakpoint } from '../breakpoints/breakpoints';
import { readSpec } from '../document/read';
import type { Parsed } from '../parsed';
import { withMeasure } from '../spec/measure';
import { byWidth } from '../spec/ranges';
import type { Spec } from '../spec/schema';
import type { Reading, ReadPart } from './reading';

/** Where a breakpoint that was read goes: one of the draft's by its id, a new one, or nowhere. */
export type Goes = { into: string } | 'new' | 'nowhere';

/** What is taken of a reading. */
export type Taking = {
  breakpoints: Record<string, Goes>;
  parts: readonly ReadPart[];
  /** Do the breakpoints of the draft begin where the file says? */
  ranges: boolean;
  spacing: boolean;
  /** Is the draft measured as the file's grid is, by the screen or by a container? */
  measure: boolean;
};

/** Where each breakpoint that was read would go by itself: to the one of its name, to the one that begins where it does, or to a new one. */
export function likelyTaking(spec: Spec, { document, parts, spacing }: Reading): Taking {
  const taken = new Set<string>();
  const breakpoints = Object.fromEntries(
    byWidth(document.breakpoints).map(({ id, name, from }): [string, Goes] => {
      const own = spec.breakpoints.find(
        (each) =>
          !taken.has(each.id) &&
          (each.name.toLowerCase() === name.toLowerCase() || each.id === id || each.from === from),
      );
      if (own) taken.add(own.id);
      return [id, own ? { into: own.id } : 'new'];
    }),
  );
  const said = new Set(Object.values(parts).flat());
  const own = (['columns', 'rows', 'baseline'] as const).filter((part) => said.has(part));
  return { breakpoints, parts: own, ranges: true, spacing, measure: true };
}

/**
 * The draft with what is taken of a reading; everything else stays as it is. Where the file says no rows of a breakpoint, those of the draft stay.
 */
export function takeReading(spec: Spec, { document, parts, measure }: Reading, taking: Taking): Parsed<Spec> {
  let changed: Spec = taking.spacing ? { ...spec, spacing: document.spacing } : spec;
  if (taking.measure && measure) changed = withMeasure(changed, measure);
  for (const read of byWidth(document.breakpoints)) {
    const goes = taking.breakpoints[read.id] ?? 'nowhere';
    if (goes === 'nowhere') continue;
    let id = typeof goes === 'object' ? goes.into : '';
    if (goes === 'new') {
      const added = addBreakpoint(changed, read.from);
      if (!added.value) return { problem: added.problem! };
      ({ spec: changed, id } = added.value);
      const named = nameBreakpoint(changed, id, read.name);
      // a name that another has stays with that one
      if (named.value) changed = named.value;
      // with its name it has got its id
      id = changed.breakpoints.find(({ from }) => from === read.from)!.id;
    }
    const own = changed.breakpoints.find((each) => each.id === id);
    if (!own) return { problem: `The breakpoint that ${read.name} was to be imported to no longer exists.` };
    const said = (parts[read.id] ?? []).filter((part) => taking.parts.includes(part));
    changed = withBreakpoint(changed, {
      ...own,
      ...(goes === 'new' ? { reference: read.reference } : {}),
      ...(taking.ranges ? { from: read.from } : {}),
      ...Object.fromEntries(said.map((part) => [part, read[part]])),
    });
  }
  return readSpec(changed);
}
