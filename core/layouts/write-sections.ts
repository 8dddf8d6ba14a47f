import { LIMITS } from '../limits';
import type { Parsed } from '../parsed';
import type { Section, Spec } from '../spec/schema';
import { idOf } from '../spec/slug';
import { addSection, blocksProblem, idsOf, withLayout, withOwnIds } from './edit-layout';
import { swapped } from './reading-order';

/** What is done with whole sections. */

/** A section more, with its id. */
export function newSection(spec: Spec, layout: string): Parsed<{ spec: Spec; id: string }> {
  const now = spec.layouts.find(({ id }) => id === layout);
  if (!now) return { problem: 'This layout no longer exists.' };
  if (now.sections.length >= LIMITS.sections) return TOO_MANY;
  const added = addSection(now, 'Section');
  return { value: { spec: withLayout(spec, layout, () => added.layout), id: added.id } };
}

const TOO_MANY = { problem: `A layout can have up to ${LIMITS.sections} sections. Remove one first.` };

/** A section with all that stands in it, once more, right after it. */
export function doubleSection(spec: Spec, layoutId: string, id: string): Parsed<Spec> {
  const layout = spec.layouts.find((each) => each.id === layoutId);
  const place = layout?.sections.findIndex((each) => each.id === id) ?? -1;
  if (!layout || place < 0) return { problem: 'This section no longer exists.' };
  if (layout.sections.length >= LIMITS.sections) return TOO_MANY;
  const section = layout.sections[place]!;
  const tooMany = blocksProblem(layout, section.blocks);
  if (tooMany !== null) return { problem: tooMany };
  const taken = idsOf(layout.sections.flatMap(({ blocks }) => blocks));
  const others = layout.sections.map((each) => each.id);
  const copy: Section = { ...section, id: idOf('section', section.name, others), blocks: withOwnIds(section.blocks, taken) }; // prettier-ignore
  return {
    value: withLayout(spec, layoutId, (each) => ({ ...each, sections: each.sections.toSpliced(place + 1, 0, copy) })),
  };
}

/** A section earlier or later on its page. */
export function sectionBy(spec: Spec, layout: string, id: string, by: 1 | -1): Spec {
  return withLayout(spec, layout, (each) => ({ ...each, sections: swapped(each.sections, id, by) }));
}

/** A layout without a section, and without what stands in it. */
export function withoutSection(spec: Spec, layout: string, id: string): Spec {
  return withLayout(spec, layout, (each) => ({
    ...each,
    sections: each.sections.filter((section) => section.id !== id),
  }));
}
