import type { Law, Together } from './together';

/**
 * What the grids of several widths have in common, in a sentence.
 *
 *     togetherText(together)   // "Together, at 412, 820, 1512: margins of 20 px, gutters of 24 px, a container that stops at …"
 */
export function togetherText({ grids, outside, gutter, outer, isOuterOpen }: Together): string {
  const widths = grids.map(({ width }) => Math.round(width)).join(', ');
  const parts = [
    outside.margin.is === 'each' ? 'margins of their own' : `margins of ${lawText(outside.margin)}`,
    gutter.is === 'each' ? 'gutters of their own' : `gutters of ${lawText(gutter)}`,
    ...(outside.cap
      ? [`a container that stops at ${plain(outside.cap.px)} px from ${Math.round(outside.cap.from)} on`]
      : []),
    ...(outer === 'half' ? ['half a gutter outside'] : []),
  ];
  const isShared = outside.margin.is !== 'each' || gutter.is !== 'each' || outside.cap !== null;
  if (!isShared) return `At ${widths} px the grids have nothing in common.`;
  const open = isOuterOpen ? ' There may also be half a gutter outside; the screens don’t show it.' : '';
  return `Together, at ${widths}: ${parts.join(', ')}.${open}`;
}

function lawText(law: Law): string {
  if (law.is === 'px') return `${plain(law.px)} px`;
  return law.is === 'share' ? `${Math.round(law.share * 10_000) / 100} % of the screen` : 'their own';
}

function plain(px: number): number {
  return Math.round(px * 2) / 2;
}
