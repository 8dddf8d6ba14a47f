import { ident, parse, toPlainObject } from 'css-tree/dist/csstree.esm';
import type { SiteRule } from './rules';

/** A part of a selector between its combinators: its classes, whether it asks for more than them, whether it is `*`. */
export type Compound = { classes: string[]; hasMore: boolean; isAny: boolean };

type SelectorNode = { type: string; name?: string; children?: SelectorNode[] };

/** The parts of a selector between its combinators; null where it is none. */
function compoundsOf(selector: string): Compound[] | null {
  try {
    const tree = toPlainObject(parse(selector, { context: 'selector' })) as unknown as SelectorNode;
    const compounds: Compound[] = [{ classes: [], hasMore: false, isAny: false }];
    for (const { type, name } of tree.children ?? []) {
      const own = compounds.at(-1)!;
      if (type === 'Combinator') compounds.push({ classes: [], hasMore: false, isAny: false });
      else if (type === 'ClassSelector') own.classes.push(ident.decode(name!));
      else if (type === 'TypeSelector' && name === '*') own.isAny = true;
      else own.hasMore = true;
    }
    return compounds;
  } catch {
    return null;
  }
}

const known = new WeakMap<SiteRule, (Compound[] | null)[]>();

/** The parts of each of a rule's selectors, in their order; taken apart once. */
export function compoundsIn(rule: SiteRule): readonly (Compound[] | null)[] {
  const found = known.get(rule) ?? rule.selectors.map(compoundsOf);
  known.set(rule, found);
  return found;
}
