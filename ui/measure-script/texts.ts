import type { MeasuredText } from '../../core/built/measured';
import { LEAST_SIDE } from './boxes';

type Found = Omit<MeasuredText, 'block'> & { element: Element };

/** Every element in which words stand by themselves, as it is set; words in a line only where they are set otherwise than the line. */
export function textsIn(
  root: Element,
  { left, top }: { left: number; top: number },
  isPassed: (element: Element) => boolean,
  nameOf: (element: Element) => string,
): Found[] {
  const page = root.ownerDocument;
  const view = page.defaultView!;
  const canvas = page.createElement('canvas').getContext('2d');
  const ascents = new Map<string, number>();
  const texts: Found[] = [];
  const look = (element: Element): void => {
    if (isPassed(element) || element.localName === 'svg') return;
    const style = view.getComputedStyle(element);
    if (style.display === 'none') return;
    const words = [...element.childNodes].find((node) => node.nodeType === 3 && node.textContent!.trim() !== '');
    if (words && style.visibility === 'visible' && style.opacity !== '0') {
      const text = textOf(element, words as Text, style);
      if (text) texts.push(text);
    }
    for (const child of element.children) look(child);
  };
  look(root);
  return texts;

  function textOf(element: Element, words: Text, style: CSSStyleDeclaration): Found | null {
    const line = firstLine(words);
    // what is there for readers of screens alone takes no room
    const room = element.getBoundingClientRect();
    if (!line || line.height < LEAST_SIDE || room.width < LEAST_SIDE) return null;
    const isInLine = style.display === 'inline';
    if (isInLine && element.parentElement) {
      const around = view.getComputedStyle(element.parentElement);
      if (around.fontSize === style.fontSize && around.fontFamily === style.fontFamily) return null;
    }
    const leading = Number.parseFloat(style.lineHeight);
    const ascent = ascentOf(style);
    return {
      element,
      name: nameOf(element),
      x: room.left - left,
      width: room.width,
      family: firstFamily(style.fontFamily),
      size: Number.parseFloat(style.fontSize),
      leading: Number.isFinite(leading) ? leading : null,
      baseline: ascent === null ? null : line.top + ascent - top,
      style: [...element.classList].find((each) => each.startsWith('type-'))?.slice('type-'.length) ?? null,
      isInLine,
    };
  }

  /** Where the first of the words stand: as high as their font, whatever the leading. */
  function firstLine(words: Text): DOMRect | null {
    const range = page.createRange();
    const start = words.data.search(/\S/);
    range.setStart(words, start);
    range.setEnd(words, start + 1);
    return range.getClientRects()[0] ?? null;
  }

  /** From the top of the words to their baseline: browsers round the ascent of a font to whole px. */
  function ascentOf({ font, fontStyle, fontWeight, fontSize, fontFamily }: CSSStyleDeclaration): number | null {
    const asked = font || `${fontStyle} ${fontWeight} ${fontSize} ${fontFamily}`;
    const known = ascents.get(asked);
    if (known !== undefined) return known;
    if (!canvas) return null;
    canvas.font = asked;
    const ascent = Math.round(canvas.measureText('x').fontBoundingBoxAscent);
    ascents.set(asked, ascent);
    return ascent;
  }
}

/** `"Hanken Grotesk", sans-serif` is set in Hanken Grotesk. */
function firstFamily(families: string): string {
  const first = /^\s*(?:"([^"]*)"|'([^']*)'|([^,]*))/.exec(families);
  return (first?.[1] ?? first?.[2] ?? first?.[3] ?? '').trim();
}
