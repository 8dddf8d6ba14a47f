import type { Parsed } from '../../parsed';
import { sizeText } from '../../length/size';
import type { Breakpoint, Spec, TextStyle } from '../../spec/schema';
import { leadingText } from '../../type/style-text';
import { settingAt, textAt, type TextAt } from '../../type/text-at';
import { type SettingPart, withStyle, writeSetting } from '../../type/write-style';
import type { CellQuantity } from '../quantity';
import { FOLLOWS } from '../breakpoint/read-columns';
import { given, type Reading, said } from '../reading';

/**
 * The quantities of a text style at every breakpoint. A breakpoint that gives nothing of its own follows the next
 * narrower one that does.
 *
 * @param name the style's
 */
export function settingsOf(name: string): readonly CellQuantity<SettingPart>[] {
  const quantity = (
    id: SettingPart,
    { read, ...others }: Pick<CellQuantity, 'label' | 'hint' | 'kind'> & { read: (text: TextAt) => Reading },
  ): CellQuantity<SettingPart> => ({
    id,
    group: 'text',
    followed: 'the narrower breakpoint',
    name: `Text style ${name}, ${others.label.toLowerCase()}`,
    ...others,
    address: (breakpoint) => ['type', name, 'at', breakpoint.id, id],
    read: (spec, breakpoint) => {
      const style = styleOf(spec, name);
      if (!style) return said('');
      return { ...read(textAt(spec, style, breakpoint)), follows: !Object.hasOwn(style.at, breakpoint.id) };
    },
    write: (spec, breakpoint, text) =>
      FOLLOWS.test(text)
        ? followNarrower(spec, name, breakpoint, id)
        : writeSetting(spec, name, breakpoint, id, text.replace(/^=\s*/, '')),
    weighs: 'minor',
  });
  return [
    quantity('size', {
      label: 'Size',
      kind: 'length',
      hint: '16, 1.125rem, or growing: 16 to 20 over 640 to 1416.',
      read: ({ setting, size }) => given(sizeText(setting.size), size),
    }),
    quantity('leading', {
      label: 'Leading',
      kind: 'length',
      hint: '24, 1.5 ×, or growing: 24 to 28 over 640 to 1416.',
      read: ({ setting, leading }) => given(leadingText(setting.leading), leading),
    }),
    quantity('span', {
      label: 'Columns',
      kind: 'count',
      hint: 'How many columns the text spans.',
      read: ({ setting }) => said(String(setting.span)),
    }),
  ];
}

function styleOf({ type }: Spec, name: string): TextStyle | undefined {
  return type.find((style) => style.name === name);
}

/** A part of a style's setting follows the next narrower breakpoint again; a setting that says nothing of its own is gone. */
function followNarrower(spec: Spec, name: string, breakpoint: Breakpoint, part: SettingPart): Parsed<Spec> {
  const style = styleOf(spec, name);
  const own = style?.at[breakpoint.id];
  if (!style || !own) return { value: spec };
  const { [breakpoint.id]: _own, ...others } = style.at;
  if (Object.keys(others).length === 0)
    return { problem: 'A style keeps its last setting. Enter another value instead.' };
  const narrower = settingAt(spec, { ...style, at: others }, breakpoint);
  const next = { ...own, [part]: narrower[part] };
  const saysNothing = JSON.stringify(next) === JSON.stringify(narrower);
  const at = saysNothing ? others : { ...others, [breakpoint.id]: next };
  return { value: withStyle(spec, name, (each) => ({ ...each, at })) };
}
