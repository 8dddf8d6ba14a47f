import type { Spec } from '../spec/schema';

const known = new WeakMap<Spec['breakpoints'], Spec>();

/**
 * The document without its layouts: what they stand on. Documents that differ in their layouts alone have the same one, the very object, so that what was worked
 * out of it once holds while blocks are moved.
 *
 *     groundSpec(spec) === groundSpec({ ...spec, layouts: [] })   // true
 */
export function groundSpec(spec: Spec): Spec {
  const before = known.get(spec.breakpoints);
  if (before && isSameGround(before, spec)) return before;
  const ground = { ...spec, layouts: [] };
  known.set(spec.breakpoints, ground);
  return ground;
}

function isSameGround(one: Spec, other: Spec): boolean {
  const keys = new Set([...Object.keys(one), ...Object.keys(other)]) as Set<keyof Spec>;
  keys.delete('layouts');
  return [...keys].every((key) => one[key] === other[key]);
}
