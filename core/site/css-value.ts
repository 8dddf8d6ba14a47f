import { generate, parse, toPlainObject } from 'css-tree/dist/csstree.esm';

/** A piece of a CSS value as css-tree reads it, in what is needed of it. */
export type ValueNode = {
  type: string;
  name?: string;
  value?: string;
  unit?: string;
  children?: ValueNode[];
};

/** A value longer than this is not read: sums of grids are short, and what is put in for `var()` could grow without end. */
export const LONGEST_VALUE = 4000;

/** Values that were taken apart: the same few are asked for at every width. */
const known = new Map<string, ValueNode[] | null>();
const MOST_KNOWN = 2000;

/** The pieces of a value in order; null where it is none. */
export function valueNodes(text: string): readonly ValueNode[] | null {
  if (text.length > LONGEST_VALUE) return null;
  const found = known.get(text);
  if (found !== undefined) return found;
  if (known.size >= MOST_KNOWN) known.clear();
  const nodes = parsedNodes(text);
  known.set(text, nodes);
  return nodes;
}

function parsedNodes(text: string): ValueNode[] | null {
  try {
    const tree = toPlainObject(parse(text, { context: 'value' })) as unknown as ValueNode;
    return tree.children ?? null;
  } catch {
    return null;
  }
}

/** A value's parts between white space, as text; a slash is a part of its own. */
export function valueParts(text: string): string[] | null {
  return valueNodes(text)?.map(nodeText) ?? null;
}

/** A piece of a value as text again. */
export function nodeText(node: ValueNode): string {
  return generate(node as never);
}

const MOST_DEPTH = 100;

/**
 * A value with what its custom properties hold in place of each `var()`; null where one holds nothing and names nothing to be taken instead, where they
 * lead in a circle, or where it grows too long (CSS Custom Properties 1, 3).
 *
 *     withVariables('calc(-0.5 * var(--gap))', (name) => '24px')   // "calc(-0.5*24px)"
 */
export function withVariables(text: string, valueOf: (name: string) => string | undefined, depth = 0): string | null {
  if (!/var\(/i.test(text)) return text;
  const nodes = depth > MOST_DEPTH ? null : valueNodes(text);
  if (!nodes) return null;
  const filled = (node: ValueNode): string | null => {
    if (node.type === 'Function' && node.name?.toLowerCase() === 'var') {
      const [name, , otherwise] = node.children ?? [];
      const held = valueOf(name?.name ?? '');
      const inside = held === undefined ? null : withVariables(held, valueOf, depth + 1);
      if (inside !== null) return inside;
      // what is held in a circle, or holds nothing itself, is nothing, too
      const instead = otherwise?.value?.trim();
      return instead === undefined ? null : withVariables(instead, valueOf, depth + 1);
    }
    if (!node.children || !/var\(/i.test(nodeText(node))) return nodeText(node);
    const inside = joined(node.children);
    if (inside === null) return null;
    if (node.type === 'Function') return `${node.name}(${inside})`;
    return node.type === 'Parentheses' ? `(${inside})` : null;
  };
  const joined = (children: readonly ValueNode[]): string | null => {
    let whole = '';
    for (const child of children) {
      const part = filled(child);
      if (part === null || whole.length + part.length > LONGEST_VALUE) return null;
      whole += whole === '' ? part : ` ${part}`;
    }
    return whole;
  };
  return joined(nodes);
}
