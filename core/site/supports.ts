import { lexer } from 'css-tree/dist/csstree.esm';
import { nodeText, type ValueNode } from './css-value';

/** Known for certain, one way or the other; or not known. */
export type Known = boolean | 'perhaps';

type SupportsNode = Omit<ValueNode, 'children'> & {
  feature?: string;
  declaration?: { property: string; value: ValueNode };
  children?: SupportsNode[];
};

/**
 * Whether a browser of today takes what an `@supports` rule asks for (CSS Conditional Rules 3 and 4): a declaration whose value the newest grammar has, a
 * selector that can be read.
 *
 *     (display: grid)        // true
 *     (display: nonsense)    // false
 */
export function isSupported(prelude: ValueNode | null | undefined): Known {
  return joined((prelude?.children ?? []) as unknown as SupportsNode[]);
}

function joined(nodes: readonly SupportsNode[]): Known {
  let known: Known | null = null;
  let joinedBy = 'and';
  let isNot = false;
  for (const node of nodes) {
    if (node.type === 'Identifier') {
      const word = node.name!.toLowerCase();
      if (word === 'not') isNot = true;
      else joinedBy = word;
      continue;
    }
    const own = isNot ? opposite(asked(node)) : asked(node);
    isNot = false;
    known = known === null ? own : joinedBy === 'or' ? either(known, own) : both(known, own);
  }
  return known ?? 'perhaps';
}

function asked(node: SupportsNode): Known {
  if (node.type === 'Condition') return joined(node.children ?? []);
  if (node.type === 'SupportsDeclaration') {
    const { property, value } = node.declaration!;
    return property.startsWith('--') ? true : isTaken(property, value.type === 'Raw' ? value.value! : nodeText(value));
  }
  if (node.type === 'FeatureFunction' && node.feature?.toLowerCase() === 'selector') return true;
  return 'perhaps';
}

const opposite = (known: Known): Known => (known === 'perhaps' ? known : !known);
const both = (a: Known, b: Known): Known =>
  a === false || b === false ? false : a === true && b === true ? true : 'perhaps';
const either = (a: Known, b: Known): Known => opposite(both(opposite(a), opposite(b)));

const known = new Map<string, Known>();
const MOST_KNOWN = 20_000;

/** Whether a browser of today takes a declaration; what it drops is as if it were not written (CSS Syntax 3, 9). What holds a function that the grammar does not know is not known. */
export function isTaken(property: string, value: string): Known {
  const key = `${property}:${value}`;
  const found = known.get(key);
  if (found !== undefined) return found;
  if (known.size >= MOST_KNOWN) known.clear();
  const own = taken(property, value);
  known.set(key, own);
  return own;
}

function taken(property: string, value: string): Known {
  // properties and words of single older browsers
  if (/^-(ms|moz|o)-/i.test(property) || /(^|\s)-(ms|moz|o)-/i.test(value)) return false;
  if (/\bvar\(/i.test(value)) return true;
  // what the environment gives is a length wherever one may stand
  const plain = value.replace(/\benv\([^()]*\)/gi, '0px');
  const { error } = lexer.matchProperty(property, plain) as { error: Error | null };
  if (!error) return true;
  return plain.includes('(') ? 'perhaps' : false;
}
