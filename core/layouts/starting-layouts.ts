import type { Parsed } from '../parsed';
import { LIMITS } from '../limits';
import { idOf } from '../spec/slug';
import type { Layout, Spec } from '../spec/schema';
import { byWidth } from '../spec/ranges';
import { addStyle } from '../type/write-style';
import { gapKinds, gapsAt, withGaps } from './gap-kinds';
import { sectionsOf } from './starting-pages';

export const STARTING_LAYOUTS = [
  { id: 'front', title: 'Front page', says: 'A full-screen opening, then three cards.' },
  { id: 'article', title: 'Article', says: 'A heading, a picture and text to read.' },
  {
    id: 'cards',
    title: 'List of cards',
    says: 'A heading and six cards, in as many columns as the grid divides into.',
  },
  { id: 'form', title: 'Form', says: 'Fields stacked over a button, with a note next to them where there’s space.' },
  { id: 'dashboard', title: 'Dashboard', says: 'Figures in a row, a chart beside a list, and a table.' },
  { id: 'shop', title: 'Shop', says: 'Six products with picture, name and price, and a button for more.' },
  { id: 'email', title: 'E-mail', says: 'Logo, heading, picture, text and a button, one under the other.' },
  { id: 'board', title: 'Board', says: 'A table as tall as the screen, on a dark ground.' },
  { id: 'empty', title: 'Empty page', says: 'One empty section.' },
] as const;
export type StartingLayout = (typeof STARTING_LAYOUTS)[number]['id'];

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
