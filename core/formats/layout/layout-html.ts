import { calmDrawing } from '../../layouts/calm-drawing';
import { hasFrame } from '../grid-css/frame-css';
import { escaped } from '../../text/markup';
import type { Block, Layout, Spec } from '../../spec/schema';

/**
 * The trial layouts of a spec as a page of HTML for `layout.css`: headings, text, figures and articles with the words of
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
  const isHeading = (block: Block): boolean => {
    const { holds } = block;
    return 'text' in holds && spec.type.find((style) => style.name === holds.text)?.role === 'heading';
  };
  let headings = 0;
  const tag = (block: Block, depth: number): string => {
    if ('text' in block.holds) {
      if (!isHeading(block)) return 'p';
      headings += 1;
      return depth > 0 ? 'h3' : headings === 1 ? 'h1' : 'h2';
    }
    if ('picture' in block.holds) return 'figure';
    return 'card' in block.holds ? 'article' : 'div';
  };
  const blockText = (block: Block, depth: number): string => {
    const { holds } = block;
    const own = tag(block, depth);
    const space = '  '.repeat(depth + 2);
    const open = `${space}<${own} data-block="${block.id}"`;
    if ('text' in holds) return `${open} data-holds="text" class="type-${holds.text}">${escaped(holds.words)}</${own}>`;
    if ('picture' in holds)
      return `${open} data-holds="picture" role="img" aria-label="${escaped(block.name)}">${calmDrawing(block.name)}</${own}>`;
    if ('area' in holds) return `${open} data-holds="area"></${own}>`;
    const inner = holds.card.blocks.map((each) => blockText(each, depth + 1)).join('\n');
    return `${open} data-holds="card">\n${inner}\n${space}</${own}>`;
  };
  const parts = sections.map(
    (section) =>
      `  <section data-section="${section.id}">\n${section.blocks.map((block) => blockText(block, 0)).join('\n')}\n  </section>`,
  );
  return `<article id="${id}" class="layout" aria-label="${escaped(name)}">\n${parts.join('\n')}\n</article>`;
}
