import type { Px } from '../../core/length/px';
import type { SolvedLayout } from '../../core/layouts/solve-layout';

/** Where the page begins beside bars and panels, in px of the screen. */
export type Corner = { x: Px; y: Px };

/** A page as it would be were the block let go now, and as it stands, which is how the frame has it. */
export type HeldPage = { shown: SolvedLayout; before: SolvedLayout };

/**
 * A page of which a block is held, as it was worked out: every block at its place, in px. It says what the style sheet would say after the block is let go, at one
 * width, and is made in a fraction of the time.
 */
export function heldCss({ shown, before }: HeldPage, corner: Corner): string {
  const { blocks, height } = shown;
  const places = new Map(blocks.map((block) => [block.id, block]));
  const cards = new Map(before.blocks.map(({ id, card }) => [id, card]));
  const rules = blocks.map(({ id, x, y, width, height: high }) => {
    // what stands in a card in the frame is placed from its corner, though it may be dragged out of it
    const from = places.get(cards.get(id) ?? '') ?? corner;
    const [start, top] = [x.sub(from.x), y.sub(from.y)];
    return `[data-block="${id}"] { inset-block: ${px(top)} auto; inset-inline: ${px(start)} auto; inline-size: ${px(width)}; block-size: ${px(high)}; }`;
  });
  return `.layout { position: relative; block-size: ${px(height.sub(corner.y))}; }
.layout [data-block] { position: absolute !important; margin: 0 !important; grid-area: auto !important; }
${rules.map((rule) => `.layout ${rule}`).join('\n')}`;
}

function px(length: { valueOf(): number }): string {
  return `${Math.round(length.valueOf() * 1000) / 1000}px`;
}
