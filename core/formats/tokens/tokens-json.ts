import { decimal } from '../../length/present';
import { exactText, type Px } from '../../length/px';
import type { Spec } from '../../spec/schema';
import type { Origin } from '../grid-css/grid-css';
import { type Said, type TextToken, tokenTree, type TokenTree } from './token-tree';

/** Under this name stands what is exact: a name of one’s own, as the module asks for (Format Module 2025.10, 5.2.3). */
const OWN = 'app.ypsiline';

type Json = { [name: string]: unknown };

/**
 * A specification as design tokens in the stable form of the Design Tokens Format Module (2025.10): dimensions as values with their unit, text styles as
 * typography. Numbers have at most four decimals; where that is not all, the exact fraction stands under `$extensions`.
 *
 *     { "$type": "dimension", "$value": { "value": 85.6667, "unit": "px" }, "$extensions": { "app.ypsiline": { "exact": "257/3" } } }
 */
export function tokensJson(spec: Spec, origin: Origin): string {
  return `${JSON.stringify(written(tokenTree(spec, origin)), null, 2)}\n`;
}

function written({ says, tokens }: TokenTree): Json {
  return {
    ...(says === '' ? {} : { $description: says }),
    ...Object.fromEntries(tokens.map(([name, of]) => [name, 'tokens' in of ? written(of) : tokenOf(of)])),
  };
}

function tokenOf(said: Said): Json {
  if ('number' in said) return { $type: 'number', $value: said.number };
  if ('text' in said) return typographyOf(said.text);
  const { dimension } = said;
  return {
    $type: 'dimension',
    $value: pixels(dimension),
    ...(isWhole(dimension) ? {} : exactly({ exact: dimension })),
  };
}

function typographyOf({ font, size, leading, ratio, shift }: TextToken): Json {
  return {
    $type: 'typography',
    $value: {
      fontFamily: font.family,
      fontSize: pixels(size),
      fontWeight: font.weight ?? 400,
      letterSpacing: { value: 0, unit: 'px' },
      lineHeight: Number(decimal(ratio)),
    },
    ...exactly({ size, leading, shift }),
  };
}

function exactly(lengths: Record<string, Px>): Json {
  const own = Object.fromEntries(Object.entries(lengths).map(([name, length]) => [name, exactText(length)]));
  return { $extensions: { [OWN]: own } };
}

function pixels(length: Px): Json {
  return { value: Number(decimal(length)), unit: 'px' };
}

function isWhole(length: Px): boolean {
  return length.mul(10_000).mod(1).equals(0);
}
