import { rowsBetweenSections, withBetween } from '../../layouts/between-sections';
import { rowsOfText, rowsText } from '../../layouts/placement-text';
import { rowFramesAt, type UnitName } from '../../layouts/row-frames';
import { mapped } from '../../parsed';
import type { Breakpoint, Layout, Spec } from '../../spec/schema';
import { FOLLOWS } from '../breakpoint/read-columns';
import type { CellQuantity } from '../quantity';
import { said } from '../reading';

/** The one number of rows between all sections of a layout, as a row of a sheet; none where there is but one section. */
export function betweenCells({ id, name, sections }: Layout): CellQuantity[] {
  if (sections.length < 2) return [];
  return [
    {
      id: 'between',
      label: 'Section to section',
      name: `${name}, between sections`,
      group: 'layouts',
      kind: 'count',
      hint: 'Empty rows between all sections of this layout, whatever stands there.',
      followed: 'the narrower breakpoint',
      address: (breakpoint) => ['layouts', id, 'between', breakpoint.id],
      read: (spec, breakpoint) => {
        const layout = spec.layouts.find((each) => each.id === id);
        if (!layout) return said('');
        const text = rowsText(rowsBetweenSections(spec, layout, breakpoint), unitAt(spec, breakpoint));
        return { ...said(text), follows: layout.between?.[breakpoint.id] === undefined };
      },
      write: (spec, breakpoint, text) =>
        FOLLOWS.test(text.trim())
          ? { value: withBetween(spec, id, breakpoint.id, undefined) }
          : mapped(rowsOfText(text.replace(/^=\s*/, ''), unitAt(spec, breakpoint)), (rows) =>
              withBetween(spec, id, breakpoint.id, rows),
            ),
      weighs: 'minor',
    },
  ];
}

/** What is counted in sections that are as tall as their content. */
function unitAt(spec: Spec, breakpoint: Breakpoint): UnitName {
  const { width, height } = breakpoint.reference;
  return rowFramesAt(spec, breakpoint, width, height).unit.content.name;
}
