import { LIMITS } from '../limits';
import type { Parsed } from '../parsed';
import { RESERVED_GRIDS } from '../spec/grid-schema';
import { idOf } from '../spec/slug';
import type { Section, Spec } from '../spec/schema';

/** What a name for a grid has to be; null where it is that. */
function nameProblem(spec: Spec, name: string, own?: string): string | null {
  if (name === '') return 'Enter a name, such as Article.';
  if (name.length > LIMITS.breakpointName)
    return `This name has ${name.length} characters; the maximum is ${LIMITS.breakpointName}.`;
  const isTaken = (spec.grids ?? []).some((grid) => grid.name === name && grid.id !== own);
  return isTaken ? `There’s already a grid called ${name}. Choose another name.` : null;
}

/**
 * A further grid beside the main one. It gives nothing yet: it is the main grid until something of it is changed.
 *
 *     addGrid(spec, 'Article').value!.id   // "article"
 */
export function addGrid(spec: Spec, typed: string): Parsed<{ spec: Spec; id: string }> {
  const name = typed.trim();
  const problem = nameProblem(spec, name);
  if (problem !== null) return { problem };
  const grids = spec.grids ?? [];
  if (grids.length >= LIMITS.grids)
    return { problem: `A specification can have up to ${LIMITS.grids} grids beside the main one. Remove one first.` };
  const id = idOf('grid', name, [...grids.map((grid) => grid.id), ...RESERVED_GRIDS]);
  return { value: { spec: { ...spec, grids: [...grids, { id, name, at: {} }] }, id } };
}

function offGrid(section: Section, id: string): Section {
  if (section.grid !== id) return section;
  const { grid: _gone, ...plain } = section;
  return plain;
}

/** Names a grid. Its id, which stands in class names, stays. */
export function nameGrid(spec: Spec, id: string, typed: string): Parsed<Spec> {
  const name = typed.trim();
  const problem = nameProblem(spec, name, id);
  if (problem !== null) return { problem };
  return { value: { ...spec, grids: (spec.grids ?? []).map((grid) => (grid.id === id ? { ...grid, name } : grid)) } };
}

/** Removes a grid with the waivers of what was found in it; sections that stand on it stand on the main one again. */
export function removeGrid(spec: Spec, id: string): Spec {
  const { grids = [], ...others } = spec;
  const left = grids.filter((grid) => grid.id !== id);
  const waivers = spec.waivers.filter(({ grid }) => grid !== id);
  const layouts = spec.layouts.map((layout) => ({
    ...layout,
    sections: layout.sections.map((section) => offGrid(section, id)),
  }));
  return left.length > 0 ? { ...others, grids: left, waivers, layouts } : { ...others, waivers, layouts };
}
