import { type Measured, type MeasuredBlock, type MeasureQuestion, MOST_MEASURED } from '../../core/built/measured';
import { boxesIn } from './boxes';
import { elementNamer } from './element-name';
import { textsIn } from './texts';

/** What is there of a page at this width, or why it cannot be measured. It changes nothing on it. */
export function measure({ layouts, isInContainer, ignore }: MeasureQuestion): Measured | { problem: string } {
  const region = (isInContainer ? document.querySelector('.grid-region') : null) ?? document.body;
  if (!region) return { problem: 'has no content' };
  const count = region.getElementsByTagName('*').length;
  if (count > MOST_MEASURED)
    return {
      problem: `has ${count.toLocaleString('en')} elements; at most ${MOST_MEASURED.toLocaleString('en')} can be measured`,
    };
  const isPassed = (element: Element): boolean =>
    element.localName === 'ypsiline-overlay' || (ignore !== null && element.matches(ignore));
  const nameOf = elementNamer();
  const isPage = region === document.body;
  const at = region.getBoundingClientRect();
  const [left, top] = isPage ? [-scrollX, -scrollY] : [at.left, at.top];
  const width = isPage ? document.documentElement.clientWidth : at.width;
  const place = (rect: DOMRect) => ({ x: rect.left - left, y: rect.top - top, width: rect.width, height: rect.height });

  const found = layouts
    .map((layout) => ({ id: layout.id, elements: blocksOf(region, layout) }))
    .sort((a, b) => b.elements.size - a.elements.size)[0];
  const blockOf = blocksAround(found?.elements ?? new Map());
  const blocks: MeasuredBlock[] = [...(found?.elements ?? [])].map(([id, element]) => ({
    id,
    name: nameOf(element),
    ...place(element.getBoundingClientRect()),
  }));
  const boxes = boxesIn(region, isPassed)
    .map(({ element, seen, style: _, ...box }) => ({
      ...box,
      x: box.x - left,
      y: box.y - top,
      name: nameOf(element),
      seen,
      block: blockOf(element),
    }))
    .filter((box) => box.x < width && box.x + box.width > 0 && box.y + box.height > 0);
  return {
    width,
    height: isPage ? document.documentElement.scrollHeight : at.height,
    screen: innerHeight,
    direction: getComputedStyle(region).direction === 'rtl' ? 'rtl' : 'ltr',
    origin: isPage ? { x: 0, y: 0 } : { x: at.left + scrollX, y: at.top + scrollY },
    over: overflow(isPassed, nameOf),
    boxes,
    texts: textsIn(region, { left, top }, isPassed, nameOf).map(({ element, ...text }) => ({
      ...text,
      block: blockOf(element),
    })),
    layout: found && blocks.length > 0 ? { id: found.id, blocks } : null,
  };
}

/** The elements of a layout’s blocks, where they are seen: by `data-block`, or by their class. */
function blocksOf(region: Element, { id: layout, blocks }: MeasureQuestion['layouts'][number]): Map<string, Element> {
  const within = document.getElementById(layout) ?? region;
  const found = new Map<string, Element>();
  for (const id of blocks) {
    const name = CSS.escape(id);
    const element = within.querySelector(`[data-block='${name}']`) ?? within.querySelector(`.${name}`);
    if (element && element.getBoundingClientRect().width > 0) found.set(id, element);
  }
  return found;
}

/** The block that an element is, or stands in. */
function blocksAround(blocks: ReadonlyMap<string, Element>): (element: Element) => string | null {
  const ids = new Map([...blocks].map(([id, element]) => [element, id]));
  return (element) => {
    for (let at: Element | null = element; at; at = at.parentElement) {
      const id = ids.get(at);
      if (id !== undefined) return id;
    }
    return null;
  };
}

/** By how much the page scrolls sideways, and what reaches furthest beyond it. */
function overflow(isPassed: (element: Element) => boolean, nameOf: (element: Element) => string): Measured['over'] {
  const page = document.scrollingElement ?? document.documentElement;
  const by = page.scrollWidth - page.clientWidth;
  if (by <= 0) return { by: 0, names: [] };
  const width = page.clientWidth;
  const isRtl = getComputedStyle(document.documentElement).direction === 'rtl';
  const beyond = (rect: DOMRect): number => (isRtl ? -(rect.left + scrollX) : rect.right + scrollX - width);
  const wide: { element: Element; by: number }[] = [];
  const look = (element: Element): void => {
    if (isPassed(element)) return;
    const by = beyond(element.getBoundingClientRect());
    if (by > 0.5) wide.push({ element, by });
    // what is cut off, or drawn, widens no page
    if (element.localName === 'svg' || getComputedStyle(element).overflowX !== 'visible') return;
    for (const child of element.children) look(child);
  };
  for (const child of document.body.children) look(child);
  // the outermost of those that reach as far: what is in it reaches only as far as it
  const furthest = Math.max(0, ...wide.map((each) => each.by));
  const first = wide.filter((each) => each.by >= furthest - 0.5);
  const outer = first.filter(
    ({ element }) => !first.some((other) => other.element !== element && other.element.contains(element)),
  );
  return { by, names: outer.slice(0, 3).map(({ element }) => nameOf(element)) };
}
