import { type ChildNode, type Element as HtmlElement } from 'domhandler';
import { parseDocument } from 'htmlparser2';
import type { Parsed } from '../parsed';
import type { Element } from './elements';
import type { Sheet, Unread } from './rules';

/** A page’s elements, the style sheets that stand in it, and those that it only names. */
export type PageMarkup = { root: Element; sheets: Sheet[]; unread: Unread[] };

const MOST_ELEMENTS = 20_000;
const DEEPEST = 400;

/** The markup of a page, as one file: nothing of it is run or fetched. */
export function readPage({ name, text }: Sheet): Parsed<PageMarkup> {
  const found: PageMarkup = {
    root: { name: 'html', classes: '', parent: null, children: [] },
    sheets: [],
    unread: [],
  };
  const body: Element = { name: 'body', classes: '', parent: found.root, children: [] };
  found.root.children.push(body);
  let count = 0;
  const add = (nodes: readonly ChildNode[], parent: Element, depth: number): boolean =>
    nodes.every((node) => {
      if (!isElement(node)) return true;
      if (node.name === 'style') {
        found.sheets.push({ name, text: node.children.map((child) => ('data' in child ? child.data : '')).join('') });
        return true;
      }
      if (node.name === 'link' && /\bstylesheet\b/i.test(node.attribs['rel'] ?? ''))
        found.unread.push({
          what: node.attribs['href'] ?? 'A style sheet',
          why: 'Nothing is downloaded. Add that style sheet too.',
        });
      if (/^(head|script|template|noscript)$/.test(node.name)) {
        if (node.name === 'head') return add(node.children, body, depth);
        return true;
      }
      const isPage = node.name === 'html' || node.name === 'body';
      const own = node.name === 'html' ? found.root : node.name === 'body' ? body : elementIn(parent, node);
      if (isPage) Object.assign(own, { classes: classesOf(node), attributes: node.attribs });
      count++;
      return (
        count <= MOST_ELEMENTS && depth < DEEPEST && add(node.children, node.name === 'html' ? body : own, depth + 1)
      );
    });
  if (!add(parseDocument(text).children, body, 0))
    return {
      problem: `${name} has more than ${MOST_ELEMENTS.toLocaleString('en')} elements, or ${DEEPEST} within each other. Save a part of the page.`,
    };
  if (body.children.length === 0) return { problem: `${name} has no elements. Save the page with its content.` };
  return { value: { ...found, sheets: found.sheets.filter((sheet) => sheet.text.trim() !== '') } };
}

function isElement(node: ChildNode): node is HtmlElement {
  return 'attribs' in node;
}

function elementIn(parent: Element, node: HtmlElement): Element {
  const element: Element = {
    name: node.name,
    classes: classesOf(node),
    parent,
    children: [],
    attributes: node.attribs,
  };
  // what stands in the head is no part of the page
  if (!/^(meta|title|link|base)$/.test(node.name)) parent.children.push(element);
  return element;
}

function classesOf({ attribs }: HtmlElement): string {
  return (attribs['class'] ?? '').trim().replace(/\s+/g, ' ');
}
