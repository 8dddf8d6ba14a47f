import { spanWidth } from '../../columns/columns-at';
import { exactText, isWhole } from '../../length/px';
import { perBreakpoint, type Rule } from '../rule';
import { figure, lengthInWords } from '../say';

const PARTS = [
  { into: 2, name: 'half' },
  { into: 3, name: 'third' },
  { into: 4, name: 'quarter' },
];

/** Halves, thirds and quarters of the container that fall on columns are whole. */
export const partsWhole: Rule = {
  id: 'parts-whole',
  version: 1,
  title: 'Halves, thirds and quarters are whole',
  asks: 'Are the spans of a half, a third and a quarter of the columns whole px at the design width?',
  why: 'Cards and pictures use these spans. A third of 417⅓ is a nuisance to build, 416 isn’t.',
  source: 'Common practice',
  weight: 'weigh',
  check: perBreakpoint((breakpoint, { at }) => {
    const solved = at(breakpoint);
    const { count, viewport, column } = solved;
    if (column.compare(0) <= 0) return [null];
    const parts = PARTS.filter(({ into }) => count > into && count % into === 0).map(({ into, name }) => ({
      name,
      width: spanWidth(solved, count / into),
    }));
    const broken = parts.filter(({ width }) => !isWhole(width));
    if (broken.length === 0) return [null];
    return [
      {
        cell: 'gutter',
        values: Object.fromEntries(parts.map(({ name, width }) => [name, exactText(width)])),
        facts: { viewport: exactText(viewport), parts: parts.length, whole: parts.length - broken.length },
      },
    ];
  }),
  says: ({ viewport, parts, whole, ...widths }) => {
    const named = PARTS.flatMap(({ name }) =>
      widths[name] === undefined ? [] : [`a ${name} is ${figure(widths[name])}`],
    );
    const sentence = named.join(', ');
    return `${sentence.charAt(0).toUpperCase()}${sentence.slice(1)} px at ${lengthInWords(viewport)}: ${whole === 0 ? 'none' : `${whole} of ${parts}`} whole.`;
  },
};
