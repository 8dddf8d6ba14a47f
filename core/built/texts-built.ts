import { baselineAt, firstLine } from '../baseline/baseline-at';
import { counted } from '../length/present';
import { px } from '../length/px';
import { textAt } from '../type/text-at';
import type { OnBuilt } from './on-built';
import type { MeasuredText } from './measured';
import { type BuiltVerdict, drawnPx, gathered, notHeld, severalOr, type Slip, verdictOf } from './verdicts';

/** Browsers set ascent and half-leading on whole px: so far beside its line a baseline may be drawn. */
const BASELINE_TOLERANCE = 1;

/** Sizes and leadings are worked out in floating point. */
const SIZE_TOLERANCE = 0.05;

/** A style as it is set at a width, in px. */
type SetStyle = { name: string; family: string; size: number; leading: number };

/** The first baselines of texts against the baseline grid; of a layout’s blocks only those that stand on it there. */
export function baselineVerdict({ spec, breakpoint, page, layout, tolerance }: OnBuilt): BuiltVerdict {
  const solved = baselineAt(spec, breakpoint, page.screen, px(String(page.width)))!;
  const step = solved.step.valueOf();
  if (step === 0) return notHeld('baseline', 'The baselines are 0 apart');
  const first = firstLine(solved).valueOf();
  const standing = new Set(
    layout?.blocks
      .filter(({ placed: { stands, block } }) => stands === 'baseline' && 'text' in block.holds)
      .map(({ id }) => id),
  );
  const held = page.texts.filter(
    ({ isInLine, baseline, block }) => !isInLine && baseline !== null && (block === null || standing.has(block)),
  );
  const within = Math.max(tolerance, BASELINE_TOLERANCE);
  const slips = held.flatMap(({ name, baseline, size, leading, x, width }): Slip[] => {
    const by = baseline! - (first + Math.round((baseline! - first) / step) * step);
    if (Math.abs(by) <= within + 0.01) return [];
    const says = (count: number, one: string): string =>
      `${severalOr(count, one, counted(count, 'text'))} ${count === 1 ? 'stands' : 'stand'} ${drawnPx(Math.abs(by))} px ${by > 0 ? 'below' : 'above'} a baseline`;
    const place = { x, y: baseline! - size, width, height: size };
    return [{ cause: `${drawnPx(by)} ${size}/${leading}`, by, name, place, says }];
  });
  return verdictOf('baseline', held.length, gathered(slips));
}

/** How texts are set, against the text styles at this width: family, size, leading. */
export function typeVerdict({ spec, breakpoint, page }: OnBuilt): BuiltVerdict {
  const styles = spec.type.map((style): SetStyle => {
    const { size, leading } = textAt(spec, style, breakpoint, px(String(page.width)));
    return { name: style.name, family: style.font.family, size: size.valueOf(), leading: leading.valueOf() };
  });
  const slips = page.texts.flatMap((text): Slip[] => {
    const own = styles.find(({ name }) => name === text.style);
    if (own ? isSetAs(text, own) : styles.some((style) => isSetAs(text, style))) return [];
    const nearest = own ?? nearestOf(text, styles);
    const set = `${drawnSize(text.size)}/${text.leading === null ? 'normal' : drawnSize(text.leading)} ${text.family}`;
    const meant = `${nearest.name} is ${drawnSize(nearest.size)}/${drawnSize(nearest.leading)} ${nearest.family}`;
    const says = (count: number, one: string): string =>
      `${severalOr(count, one, counted(count, 'text'))} ${count === 1 ? 'is' : 'are'} ${set}; ${meant}`;
    const y = (text.baseline ?? text.size) - text.size;
    const place = { x: text.x, y, width: text.width, height: text.size };
    return [{ cause: `${set} ${nearest.name}`, by: text.size - nearest.size, name: text.name, place, says }];
  });
  return verdictOf('type', page.texts.length, gathered(slips));
}

function isSetAs({ family, size, leading, isInLine }: MeasuredText, style: SetStyle): boolean {
  const isAsTall = isInLine || (leading !== null && Math.abs(leading - style.leading) <= SIZE_TOLERANCE);
  return isAsTall && Math.abs(size - style.size) <= SIZE_TOLERANCE && isFamily(family, style.family);
}

const isFamily = (one: string, other: string): boolean => one.toLowerCase() === other.toLowerCase();

/** The style that a text is set most like: in its family first, then in its size. */
function nearestOf(text: MeasuredText, styles: readonly SetStyle[]): SetStyle {
  const away = ({ family, size, leading }: SetStyle): number =>
    (isFamily(family, text.family) ? 0 : 8) +
    Math.abs(size - text.size) +
    Math.abs(leading - (text.leading ?? leading)) / 4;
  return [...styles].sort((a, b) => away(a) - away(b))[0]!;
}

function drawnSize(length: number): string {
  return String(Math.round(length * 100) / 100);
}
