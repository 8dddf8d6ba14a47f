import { columnsAt } from '../columns/columns-at';
import { exactText, type Px } from '../length/px';
import type { Breakpoint, Spec } from '../spec/schema';
import { pictureStart, textAt } from '../type/text-at';

/** What the command line answers of a text style at a breakpoint; lengths in px as exact text. */
export type TextReport = ReturnType<typeof textReport>[number];

/** Every text style of a spec at a breakpoint and viewport width. */
export function textReport(spec: Spec, breakpoint: Breakpoint, width: number) {
  const solved = columnsAt(spec, breakpoint, width);
  return spec.type.map((style) => {
    const text = textAt(spec, style, breakpoint, width, solved);
    return {
      name: style.name,
      font: style.font.family,
      stands: style.stands,
      ...texts({
        size: text.size,
        leading: text.leading,
        halfLeading: text.halfLeading,
        baseline: text.baseline,
        shift: text.shift,
        trimOver: text.trim.over,
        trimUnder: text.trim.under,
        line: text.width,
      }),
      pictureStart: texts(pictureStart(text)),
      columns: text.span,
      characters: Math.round(text.characters.valueOf()),
    };
  });
}

function texts<K extends string>(lengths: Record<K, Px>): Record<K, string> {
  return Object.fromEntries(Object.entries<Px>(lengths).map(([name, length]) => [name, exactText(length)])) as Record<
    K,
    string
  >;
}
