import { sizeText } from '../length/size';
import type { Leading, TextStyle, TypeSetting } from '../spec/schema';
import { isTimes } from './text-at';

/** A leading as a person types it: `24`, `1.5 ×`, `24 to 32 over 600 to 1440`. */
export function leadingText(leading: Leading): string {
  return isTimes(leading) ? `${leading.times} ×` : sizeText(leading);
}

/** Size and leading as the trade writes them: `16 / 24`. */
export function settingText({ size, leading }: TypeSetting): string {
  return `${sizeText(size)} / ${leadingText(leading)}`;
}

/** A text style in words, for comparisons. */
export function styleText({ font, role, stands, at }: TextStyle): string {
  const settings = Object.entries(at).map(([id, setting]) => `${id} ${settingText(setting)} over ${setting.span}`);
  return [font.family, role, `stands on its ${STANDS_WORDS[stands]}`, ...settings].join(', ');
}

export const STANDS_WORDS = { 'line-box': 'line box', caps: 'caps', 'x-height': 'x-height' } as const;
