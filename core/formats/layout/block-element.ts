import { calmDrawing } from '../../layouts/calm-drawing';
import { logoDrawing } from '../../layouts/logo-drawing';
import { kindOf } from '../../spec/block-kinds';
import type { Block, Spec } from '../../spec/schema';
import { escaped } from '../../text/markup';

/** The element of a block: its tag, the rest of its attributes from the value of `data-holds` on, and what is in it. */
export type BlockElement = { tag: string; attributes: string; inside: string };

/**
 * How a block is written in HTML: by what it holds. Words that are typed where they stand are in the element with `data-words`, the block's own or one in it.
 *
 * @param id an id that no other element of the page has, for a field and its label
 */
export function elementOf(
  spec: Spec,
  { holds, name }: Block,
  id: string,
  heading: () => 'h1' | 'h2' | 'h3',
): BlockElement {
  const element = (tag: string, inside = '', more = ''): BlockElement => ({
    tag,
    attributes: `${kindOf(holds)}"${more}`,
    inside,
  });
  if ('text' in holds) {
    const isHeading = spec.type.find((style) => style.name === holds.text)?.role === 'heading';
    return element(isHeading ? heading() : 'p', escaped(holds.words), ` class="type-${holds.text}" data-words`);
  }
  if ('picture' in holds) return element('figure', calmDrawing(name), ` role="img" aria-label="${escaped(name)}"`);
  if ('logo' in holds)
    return element('div', logoDrawing(name, holds.logo), ` role="img" aria-label="${escaped(name)}"`);
  if ('button' in holds) {
    const inside = `<button type="button"><span class="type-${holds.button}" data-words>${escaped(holds.words)}</span></button>`;
    return element('div', inside, holds.width ? ` data-width="${holds.width}"` : '');
  }
  if ('field' in holds) {
    const style = `class="type-${holds.field}"`;
    const label = `<label ${style} for="${id}">${escaped(holds.label)}</label>`;
    const box = `<textarea ${style} id="${id}" rows="1" data-words>${escaped(holds.words)}</textarea>`;
    return element('div', label + box);
  }
  if ('list' in holds) {
    const items = holds.items.map((item) => `<li>${escaped(item)}</li>`).join('');
    return element('ul', items, ` class="type-${holds.list}"`);
  }
  if ('quote' in holds) {
    const words = `<p class="type-${holds.quote}" data-words>${escaped(holds.words)}</p>`;
    return element('blockquote', `${words}<footer class="type-${holds.by}">${escaped(holds.who)}</footer>`);
  }
  if ('table' in holds) return element('div', tableText(holds.table, holds.heads, holds.rows));
  return element('card' in holds ? 'article' : 'div');
}

/** A table with its heads and rows that are still empty. */
function tableText(style: string, heads: readonly string[], rows: number): string {
  const head = `<tr>${heads.map((each) => `<th scope="col">${escaped(each)}</th>`).join('')}</tr>`;
  const row = `<tr>${heads.map(() => '<td></td>').join('')}</tr>`;
  const body = rows > 1 ? `<tbody>${row.repeat(rows - 1)}</tbody>` : '';
  return `<table class="type-${style}"><thead>${head}</thead>${body}</table>`;
}
