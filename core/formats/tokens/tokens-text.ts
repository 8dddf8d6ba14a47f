import { decimal } from '../../length/present';
import type { Spec } from '../../spec/schema';
import { fontName } from '../../type/style-text';
import type { Origin } from '../grid-css/grid-css';
import { type Said, tokenTree, type TokenTree } from './token-tree';

type Token = { $type: string; $value: string | number };
type Group = { [name: string]: Token | Group | string };

/**
 * The same tokens as tools of before 2025 read them (drafts of the W3C Community Group up to 2024): a dimension is a text such as `24px`, a text style is a
 * group of its size, leading and shift.
 */
export function tokensText(spec: Spec, origin: Origin): string {
  return `${JSON.stringify(written(tokenTree(spec, origin)), null, 2)}\n`;
}

function written({ says, tokens }: TokenTree): Group {
  return {
    ...(says === '' ? {} : { $description: says }),
    ...Object.fromEntries(tokens.map(([name, of]) => [name, 'tokens' in of ? written(of) : tokenOf(of)])),
  };
}

function tokenOf(said: Said): Token | Group {
  if ('number' in said) return { $type: 'number', $value: said.number };
  if ('dimension' in said) return { $type: 'dimension', $value: `${decimal(said.dimension)}px` };
  const { font, size, leading, shift } = said.text;
  return {
    font: { $type: 'fontFamily', $value: fontName(font) },
    ...Object.fromEntries(
      Object.entries({ size, leading, shift }).map(([name, length]) => [name, tokenOf({ dimension: length })]),
    ),
  };
}
