import type { SeenAs } from '../../core/built/measured';
import { seenAs } from './seen';

/** A rectangle of a page, in px from where its window begins. */
export type Rectangle = { x: number; y: number; width: number; height: number };

/** An element that can be seen, with the rectangle that it takes: of a text the room in which it stands. */
export type SeenBox = Rectangle & { element: Element; seen: SeenAs; style: CSSStyleDeclaration };

/** Smaller than this nothing is looked at, in px. */
export const LEAST_SIDE = 2;

/**
 * What can be seen in a part of a page: what is painted, pictures and fields, and the room in which text stands. What only holds others is left out. One law for
 * the overlay, for pages that are measured from a file and for running ones.
 *
 * @param isPassed elements that are passed over, with what is in them
 */
export function boxesIn(root: Element, isPassed: (element: Element) => boolean = () => false): SeenBox[] {
  const view = root.ownerDocument.defaultView!;
  const boxes: SeenBox[] = [];
  const look = (element: Element): void => {
    if (isPassed(element)) return;
    const style = view.getComputedStyle(element);
    if (style.display === 'none') return;
    const isTable = isDataTable(element);
    const seen = isTable && style.visibility === 'visible' ? 'painted' : seenAs(element, style);
    if (seen) {
      const { left, top, width, height } = element.getBoundingClientRect();
      const whole = { x: left, y: top, width, height };
      const own = seen === 'text' ? contentOf(whole, style) : whole;
      if (width >= LEAST_SIDE && height >= LEAST_SIDE && own.width >= LEAST_SIDE && own.height >= LEAST_SIDE)
        boxes.push({ ...own, element, seen, style });
    }
    // a drawing is one thing, and a table another: its columns are those of its words
    if (!isTable && element.localName !== 'svg') for (const child of element.children) look(child);
  };
  for (const child of root.children) look(child);
  return boxes;
}

/** A table of data; one that lays out a page, as e-mails have them, has no heads, or says that it is none. */
export function isDataTable(element: Element): boolean {
  if (element.localName !== 'table' || /^(presentation|none)$/.test(element.getAttribute('role') ?? '')) return false;
  return element.querySelector(':scope > thead, :scope > caption, :scope > tr > th, :scope > tbody > tr > th') !== null;
}

const SIDES = ['Top', 'Right', 'Bottom', 'Left'] as const;

/** Without its paddings and borders: there the text stands. */
function contentOf(box: Rectangle, style: CSSStyleDeclaration): Rectangle {
  const px = (side: (typeof SIDES)[number]): number =>
    Number.parseFloat(style[`padding${side}`]) + Number.parseFloat(style[`border${side}Width`]);
  const [top, right, foot, left] = SIDES.map(px) as [number, number, number, number];
  return { x: box.x + left, y: box.y + top, width: box.width - left - right, height: box.height - top - foot };
}
