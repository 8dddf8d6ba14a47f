const REPLACED = /^(img|svg|video|canvas|iframe|input|textarea|select|button|picture|object|hr|progress|meter)$/i;

/** As what an element is seen: a picture or field, a ground or border of its own, or the text that stands in it. */
export type SeenAs = 'replaced' | 'painted' | 'text';

/**
 * What can be seen of an element by itself; null where nothing can, and it only holds others. One law for the overlay on a running page and for pages that are
 * measured from a file.
 */
export function seenAs(element: Element, style: CSSStyleDeclaration): SeenAs | null {
  const isReplaced = REPLACED.test(element.tagName);
  if (/^(contents|none)$/.test(style.display) || style.visibility !== 'visible' || style.opacity === '0') return null;
  if (isReplaced) return 'replaced';
  // words in a line; what is laid out by itself within one, such as an inline block, stands by itself
  if (style.display === 'inline') return null;
  if (isPainted(style)) return 'painted';
  const hasText = [...element.childNodes].some((node) => node.nodeType === 3 && node.textContent!.trim() !== '');
  return hasText ? 'text' : null;
}

function isPainted(style: CSSStyleDeclaration): boolean {
  const isClear = /^(transparent|rgba\(.*, 0\))$/.test(style.backgroundColor);
  const hasBorder = ['top', 'right', 'bottom', 'left'].some(
    (side) =>
      Number.parseFloat(style.getPropertyValue(`border-${side}-width`)) > 0 &&
      !/^(none|hidden)$/.test(style.getPropertyValue(`border-${side}-style`)),
  );
  return !isClear || style.backgroundImage !== 'none' || hasBorder || style.boxShadow !== 'none';
}
