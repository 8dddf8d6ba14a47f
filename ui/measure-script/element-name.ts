/** Which of the elements of its kind beside it one is, from 1; null where it is the only one. */
type Places = Map<Element, number | null>;

/**
 * Names elements as people find them again: `main > article.card:nth-of-type(2)`. What it learns of a page holds for as long as the page stays as it is.
 */
export function elementNamer(): (element: Element) => string {
  const known = new Map<Element, Places>();
  const placeOf = (element: Element): number | null => {
    const { parentElement } = element;
    if (!parentElement) return null;
    const places = known.get(parentElement) ?? placesIn(parentElement);
    known.set(parentElement, places);
    return places.get(element) ?? null;
  };
  return (element) => {
    const parts: string[] = [];
    for (let at: Element | null = element; at && at.localName !== 'body' && parts.length < 3; at = at.parentElement) {
      if (at.id) {
        parts.unshift(`#${at.id}`);
        break;
      }
      const own = at.getAttribute('data-block');
      const first = at.classList[0];
      const place = own ? null : placeOf(at);
      parts.unshift(
        own
          ? `[data-block='${own}']`
          : at.tagName.toLowerCase() + (first ? `.${first}` : '') + (place ? `:nth-of-type(${place})` : ''),
      );
    }
    return parts.join(' > ');
  };
}

function placesIn(parent: Element): Places {
  const kinds = new Map<string, Element[]>();
  for (const child of parent.children) {
    const twins = kinds.get(child.tagName);
    if (twins) twins.push(child);
    else kinds.set(child.tagName, [child]);
  }
  const places: Places = new Map();
  for (const twins of kinds.values())
    for (const [index, twin] of twins.entries()) places.set(twin, twins.length > 1 ? index + 1 : null);
  return places;
}

/** The name of one element. */
export function elementName(element: Element): string {
  return elementNamer()(element);
}
