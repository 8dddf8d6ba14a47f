import { hasFrame } from '../grid-css/frame-css';
import { escaped } from '../../text/markup';
import type { Block, Layout, Section, Spec } from '../../spec/schema';
import { type BlockElement, elementOf } from './block-element';

/**
 * The trial layouts of a spec as a page of HTML for `layout.css`: headings, text, figures, articles, buttons, fields, lists and tables with the words of
 * the blocks. With an address such as `layout.html#front` only that layout is shown.
 *
 * @param css where the style sheet is: beside it, or the sheet itself
 */
export function layoutHtml(spec: Spec, layouts: readonly Layout[] = spec.layouts, css?: string): string {
  const style =
    css === undefined ? '<link rel="stylesheet" href="layout.css">' : `<style>${css.replaceAll('</', '<\\/')}</style>`;
  const only = layouts.length > 1 ? '\n<style>main:has(> :target) > :not(:target) { display: none; }</style>' : '';
  return `<!DOCTYPE html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width">
<title>${escaped(spec.name)}: layouts</title>
${style}${only}
</head>
<body>
${layoutBody(spec, layouts)}
</body>
</html>
`;
}

/** What is in the body of that page: the layouts, each an article, each block an element. */
export function layoutBody(spec: Spec, layouts: readonly Layout[]): string {
  return `<main${hasFrame(spec) ? ' class="grid-frame"' : ''}>
${layouts.map((layout) => layoutText(spec, layout)).join('\n')}
</main>`;
}

function layoutText(spec: Spec, { id, name, sections }: Layout): string {
  let headings = 0;
  /** The first heading of a page is its title; those in cards are below all others. */
  const heading = (depth: number): 'h1' | 'h2' | 'h3' => {
    headings += 1;
    return depth > 0 ? 'h3' : headings === 1 ? 'h1' : 'h2';
  };
  const blockText = (block: Block, depth: number): string => {
    const { holds } = block;
    const { tag, attributes, inside }: BlockElement = elementOf(spec, block, `${id}-${block.id}`, () => heading(depth));
    const space = '  '.repeat(depth + 2);
    const open = `${space}<${tag} data-block="${block.id}" data-holds="${attributes}`;
    if (!('card' in holds)) return `${open}>${inside}</${tag}>`;
    const blocks = holds.card.blocks.map((each) => blockText(each, depth + 1)).join('\n');
    return `${open}>\n${blocks}\n${space}</${tag}>`;
  };
  const parts = sections.map(
    (section) =>
      `  <section data-section="${section.id}"${groundOf(section)}>\n${section.blocks.map((block) => blockText(block, 0)).join('\n')}\n  </section>`,
  );
  return `<article id="${id}" class="layout" aria-label="${escaped(name)}">\n${parts.join('\n')}\n</article>`;
}

function groundOf({ ground }: Section): string {
  return ground ? ` data-ground="${ground.tint}" data-ground-to="${ground.to}"` : '';
}
