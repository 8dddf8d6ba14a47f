import { compile, type Options } from 'css-select';

/** An element of a page that is thought of: rules are asked what they would say of it. */
export type Element = { name: string; classes: string; parent: Element | null; children: Element[] };

/**
 * A page with elements of these classes in each other. Of the innermost there are five, of which the third is meant: it is neither the first nor the last, odd
 * nor even.
 *
 *     chain(['container', 'row', 'col-4'])
 */
export function chain(classes: readonly string[]): Element[] {
  const root: Element = { name: 'html', classes: '', parent: null, children: [] };
  const body = within(root, 'body', '');
  let around = body;
  const found = [root, body];
  classes.forEach((each, index) => {
    if (index === classes.length - 1) {
      const all = Array.from({ length: 5 }, () => within(around, 'div', each));
      found.push(all[2]!);
    } else {
      around = within(around, 'div', each);
      found.push(around);
    }
  });
  return found;
}

function within(parent: Element, name: string, classes: string): Element {
  const element: Element = { name, classes, parent, children: [] };
  parent.children.push(element);
  return element;
}

const adapter: NonNullable<Options<Element, Element>['adapter']> = {
  isTag: (node): node is Element => node !== null,
  existsOne: (test, elements) => elements.some((element) => test(element) || adapter.existsOne(test, element.children)),
  getAttributeValue: ({ classes }, name) => (name === 'class' && classes !== '' ? classes : undefined),
  getChildren: ({ children }) => children,
  getName: ({ name }) => name,
  getParent: ({ parent }) => parent,
  getSiblings: (element) => element.parent?.children ?? [element],
  getText: () => '',
  hasAttrib: ({ classes }, name) => name === 'class' && classes !== '',
  removeSubsets: (elements) => elements,
  findAll: (test, elements) =>
    elements.flatMap((element) => [...(test(element) ? [element] : []), ...adapter.findAll(test, element.children)]),
  findOne: (test, elements) => adapter.findAll(test, elements)[0] ?? null,
};

const OPTIONS: Options<Element, Element> = { adapter, cacheResults: false };

/** A test of elements by a selector; null where it asks for what a page that is only thought of cannot say. */
export function matcher(selector: string): ((element: Element) => boolean) | null {
  // what depends on where the pointer is, on attributes or on other elements is not so
  if (/::|:(before|after|first-l|hover|focus|active|visited|target|checked|disabled|has\()/i.test(selector))
    return null;
  try {
    return compile<Element, Element>(selector, OPTIONS) as (element: Element) => boolean;
  } catch {
    return null;
  }
}
