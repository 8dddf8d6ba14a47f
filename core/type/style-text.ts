import { counted } from '../length/present';
import { sizeText } from '../length/size';
import type { Font, Leading, TextStyle, TypeSetting } from '../spec/schema';
import { isTimes } from './text-at';

/** A leading as a person types it: `24`, `1.5 ×`, `24 to 32 over 640 to 1416`. */
export function leadingText(leading: Leading): string {
  return isTimes(leading) ? `${leading.times} ×` : sizeText(leading);
}

/** Size and leading as the trade writes them, and the columns: `16 / 24 over 6 columns`. */
export function settingText({ size, leading, span }: TypeSetting): string {
  return `${sizeText(size)} / ${leadingText(leading)} over ${counted(span, 'column')}`;
}

/** A font with its cut: `Vollkorn`, `Vollkorn 700 italic`. */
export function fontName({ family, weight, italic }: Font): string {
  return [family, ...(weight ? [String(weight)] : []), ...(italic ? ['italic'] : [])].join(' ');
}

/** What a text style is set in, in words: `Vollkorn, body, on its line box`. */
export function faceText({ font, role, stands }: TextStyle): string {
  return `${fontName(font)}, ${role}, on its ${STANDS_WORDS[stands]}`;
}

export const STANDS_WORDS = { 'line-box': 'line box', caps: 'caps', 'x-height': 'x-height' } as const;
