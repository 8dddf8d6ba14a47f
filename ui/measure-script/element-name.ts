/** An element as people find it again: `main > article.card:nth-of-type(2)`. */
export function elementName(element: Element): string {
  const parts: string[] = [];
  for (let at: Element | null = element; at && at.localName !== 'body' && parts.length < 3; at = at.parentElement) {
    const own = at.getAttribute('data-block');
    const first = at.classList[0];
    const twins = at.parentElement ? [...at.parentElement.children].filter((each) => each.tagName === at!.tagName) : [];
    const place = twins.length > 1 ? `:nth-of-type(${twins.indexOf(at) + 1})` : '';
    parts.unshift(
      at.id
        ? `#${at.id}`
        : own
          ? `[data-block='${own}']`
          : at.tagName.toLowerCase() + (first ? `.${first}` : '') + place,
    );
    if (at.id) break;
  }
  return parts.join(' > ');
}
