import { layoutCssAt } from '../../core/formats/layout/layout-css';
import { layoutBody } from '../../core/formats/layout/layout-html';
import { cssOfScreen } from '../../core/formats/layout/of-screen';
import type { NeededLines } from '../../core/layouts/fit-lines';
import { shownWidth } from '../../core/spec/ranges';
import type { Breakpoint, Layout, Spec } from '../../core/spec/schema';
import { frameBase } from '../type/frame-base';
import { linesIn, wordsOf } from './words-in-page';

/**
 * How many lines the words of blocks need at each breakpoint’s drawn width, in the real fonts: the page is built in a frame that nobody sees, once for each breakpoint.
 *
 * @param blocks the blocks that are asked for; those without words are left out
 */
export async function linesNeeded(
  spec: Spec,
  layout: Layout,
  team: string,
  blocks: readonly string[],
): Promise<NeededLines> {
  const each = await Promise.all(
    spec.breakpoints.map(async (breakpoint) => [breakpoint.id, await linesAt(spec, layout, breakpoint, team, blocks)] as const), // prettier-ignore
  );
  return new Map(each);
}

async function linesAt(
  spec: Spec,
  layout: Layout,
  breakpoint: Breakpoint,
  team: string,
  blocks: readonly string[],
): Promise<Map<string, number>> {
  const frame = document.createElement('iframe');
  frame.setAttribute('sandbox', 'allow-same-origin');
  frame.setAttribute('aria-hidden', 'true');
  frame.tabIndex = -1;
  const { height } = breakpoint.reference;
  frame.style.cssText = `position: fixed; inset: 0 auto auto -20000px; border: 0; inline-size: ${shownWidth(spec, breakpoint)}px; block-size: ${height}px;`;
  const css = cssOfScreen(layoutCssAt(spec, layout, breakpoint), height);
  frame.srcdoc = `<!DOCTYPE html><html lang="en"><head><style>${frameBase(spec, team)}\n${css}</style></head><body>${layoutBody(spec, [layout])}</body></html>`;
  try {
    const loaded = new Promise((resolve) => frame.addEventListener('load', resolve, { once: true }));
    document.body.append(frame);
    await loaded;
    const inside = frame.contentDocument!;
    await inside.fonts.ready;
    const lines = new Map<string, number>();
    for (const id of blocks) {
      const element = wordsOf(inside, id);
      // a field is as tall as it is given: its words come from whoever fills it in
      if (element && !('value' in element) && element.getClientRects().length > 0)
        lines.set(id, Math.max(1, linesIn(element)));
    }
    return lines;
  } finally {
    frame.remove();
  }
}
