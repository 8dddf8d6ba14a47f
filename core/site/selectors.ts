/** The selectors of a list, which commas in brackets do not part. */
export function selectorsOf(text: string): string[] {
  const prelude = text.includes('/*') ? text.replace(/\/\*[\s\S]*?(\*\/|$)/g, ' ') : text;
  const found: string[] = [];
  let depth = 0;
  let start = 0;
  for (let at = 0; at <= prelude.length; at++) {
    const letter = prelude[at];
    if (letter === '\\') at++;
    else if (letter === '(' || letter === '[') depth++;
    else if (letter === ')' || letter === ']') depth--;
    else if ((letter === ',' && depth === 0) || letter === undefined) {
      const selector = prelude.slice(start, at).trim();
      if (selector !== '') found.push(selector);
      start = at + 1;
    }
  }
  return found;
}

/** A nested selector by itself (CSS Nesting 1, 3). */
export function nested(selector: string, parents: readonly string[]): string {
  const parent = parents.length === 1 ? parents[0]! : `:is(${parents.join(', ')})`;
  const around = / |>|\+|~/.test(parent) ? `:is(${parent})` : parent;
  return selector.includes('&') ? selector.replaceAll('&', around) : `${parent} ${selector}`;
}
