/** A text in markup, as a text and in attributes: what would be read as something else is escaped. */
export function escaped(text: string): string {
  return text.replace(/[&<>"]/g, (letter) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[letter]!);
}
