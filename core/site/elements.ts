import { compile, type Options } from 'css-select';

/** An element of a page that is thought of: rules are asked what they would say of it. */
export type Element = {
  name: string;
  classes: string;
  parent: Element | null;
  children: Element[];
  /** Of an element of a page that was given. */
  attributes?: Readonly<Record<string, string>>;
};

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

/** An element more in another. */
export function within(parent: Element, name: string, classes: string, attributes?: Element['attributes']): Element {
  const element: Element = { name, classes, parent, children: [], ...(attributes && { attributes }) };
  parent.children.push(element);
  return element;
}

const adapter: NonNullable<Options<Element, Element>['adapter']> = {
  isTag: (node): node is Element => node !== null,
  existsOne: (test, elements) => elements.some((element) => test(element) || adapter.existsOne(test, element.children)),
  getAttributeValue: ({ classes, attributes }, name) =>
    name === 'class' ? (classes === '' ? undefined : classes) : attributes?.[name],
  getChildren: ({ children }) => children,
  getName: ({ name }) => name,
  getParent: ({ parent }) => parent,
  getSiblings: (element) => element.parent?.children ?? [element],
  getText: () => '',
  hasAttrib: ({ classes, attributes }, name) => (name === 'class' ? classes !== '' : attributes?.[name] !== undefined),
  removeSubsets: (elements) => elements,
  findAll: (test, elements) =>
    elements.flatMap((element) => [...(test(element) ? [element] : []), ...adapter.findAll(test, element.children)]),
  findOne: (test, elements) => adapter.findAll(test, elements)[0] ?? null,
};

const OPTIONS: Options<Element, Element> = { adapter, cacheResults: false };

/** What no element of a page at rest is: under the pointer, pressed, a part of an element. */
const OF_STATE =
  /::|:(before|after|first-l(ine|etter)|hover|focus(-\w+)*|active|visited|target|checked|disabled|invalid|placeholder-shown|fullscreen|open)\b/i;

/** What a page that is only thought of does not say. */
const NOT_TOLD = /:has\(/i;

/** Does a selector ask for a state, or a part of an element? */
export function isOfState(selector: string): boolean {
  return OF_STATE.test(selector);
}

/**
 * A test of elements by a selector; null where it asks for a state, or for what cannot be read. Nothing is the host of a shadow tree (CSS Scoping 1): in a
 * list, that part is left out.
 */
export function matcher(selector: string): ((element: Element) => boolean) | null {
  if (OF_STATE.test(selector) || NOT_TOLD.test(selector)) return null;
  try {
    const plain = selector.replace(/:host(-context)?(\([^()]*\))?/gi, ':not(*)');
    return compile<Element, Element>(plain, OPTIONS) as (element: Element) => boolean;
  } catch {
    return null;
  }
}
