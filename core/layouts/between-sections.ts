import type { Breakpoint, Layout, Section, Spec } from '../spec/schema';
import { withLayout } from './edit-layout';
import { spaceAt } from './placements';

/**
 * How many rows stand between the sections of a layout at a breakpoint: below one, and above the next. Each count once, in the order of the page.
 *
 *     rowsBetweenSections(spec, front, desktop)   // [6]
 */
export function rowsBetweenSections(spec: Spec, { sections, between }: Layout, breakpoint: Breakpoint): number[] {
  const spaces = sections.map(({ space }, index) =>
    spaceAt(spec, space, breakpoint, { between, isFirst: index === 0 }),
  );
  return [...new Set(spaces.slice(1).map(({ above }, index) => spaces[index]!.below + above))];
}

/**
 * A layout with so many rows between all of its sections at a breakpoint, whatever stands there; undefined: as at the next narrower one. What sections give of it themselves
 * there goes.
 */
export function withBetween(spec: Spec, layout: string, breakpoint: string, rows: number | undefined): Spec {
  return withLayout(spec, layout, ({ between = {}, ...each }) => {
    const { [breakpoint]: _before, ...others } = between;
    const next = rows === undefined ? others : { ...others, [breakpoint]: rows };
    return {
      ...each,
      ...(Object.keys(next).length > 0 && { between: next }),
      sections:
        rows === undefined
          ? each.sections
          : each.sections.map((section, index) =>
              without(section, breakpoint, [
                ...(index > 0 ? (['above'] as const) : []),
                ...(index < each.sections.length - 1 ? (['below'] as const) : []),
              ]),
            ),
    };
  });
}

/** A section that says nothing of some of its white space at a breakpoint. */
function without(section: Section, breakpoint: string, parts: readonly ('above' | 'below')[]): Section {
  const { [breakpoint]: own, ...others } = section.space;
  if (own === undefined || !parts.some((part) => own[part] !== undefined)) return section;
  const left = Object.fromEntries(Object.entries(own).filter(([part]) => !parts.some((gone) => gone === part)));
  return { ...section, space: Object.keys(left).length > 0 ? { ...others, [breakpoint]: left } : others };
}
