import type { Parsed } from '../parsed';
import { LIMITS } from '../limits';
import { idOf } from '../spec/slug';
import type { Layout, Spec } from '../spec/schema';
import { byWidth } from '../spec/ranges';
import { addStyle } from '../type/write-style';
import { gapKinds, gapsAt, withGaps } from './gap-kinds';
import type { StartingLayout } from './starting-kinds';
import { sectionsOf } from './starting-pages';

/**
 * A spec with a new trial layout that is laid out at each of its breakpoints, whatever their columns; where it has no
 * heading or no text to read yet, it gets one.
 *
 *     addLayout(spec, 'front', 'Front page').value.id   // "front-page"
 */
export function addLayout(spec: Spec, start: StartingLayout, name: string): Parsed<{ spec: Spec; id: string }> {
  const trimmed = name.trim();
  if (trimmed === '') return { problem: 'Enter a name, such as Front page.' };
  if (trimmed.length > LIMITS.breakpointName)
    return { problem: `This name has ${trimmed.length} characters; the maximum is ${LIMITS.breakpointName}.` };
  if (spec.layouts.length >= LIMITS.layouts)
    return { problem: `A specification can have up to ${LIMITS.layouts} layouts. Remove one first.` };
  const styled = start === 'empty' ? spec : withStyles(spec);
  const id = idOf(
    'layout',
    trimmed,
    spec.layouts.map((layout) => layout.id),
  );
  const layout: Layout = { id, name: trimmed, notes: '', sections: sectionsOf(styled, start) };
  return { value: { spec: spacedAlike({ ...styled, layouts: [...styled.layouts, layout] }, id), id } };
}

/** White space of a new layout as the others of the document have it, where they have the same kind of gap. */
function spacedAlike(spec: Spec, id: string): Spec {
  return byWidth(spec.breakpoints).reduce((before, breakpoint) => {
    const all = gapsAt(before, breakpoint);
    const usual = gapKinds(all.filter(({ layout }) => layout !== id));
    const own = gapKinds(all.filter(({ layout }) => layout === id));
    return [...own].reduce((now, [kind, counts]) => {
      const rows = usual.get(kind)?.[0]?.rows;
      const others = counts.filter((each) => each.rows !== rows).flatMap(({ gaps }) => gaps);
      return rows === undefined || others.length === 0 ? now : withGaps(now, breakpoint, others, rows);
    }, before);
  }, spec);
}

/** A spec with a heading and a text to read. */
function withStyles(spec: Spec): Spec {
  return (['heading', 'body'] as const).reduce(
    (before, role) =>
      before.type.some((style) => style.role === role) ? before : (addStyle(before, role).value?.spec ?? before),
    spec,
  );
}
