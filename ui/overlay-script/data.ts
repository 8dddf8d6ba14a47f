/** What an edition tells its overlay script. */
export type OverlayData = {
  name: string;
  version: string;
  /** Of what the ranges are widths: of the page, or of the container in which the grid stands (`.grid-region`). */
  measure: 'viewport' | 'container';
  /** Custom properties of each range, as `grid.css` has them on `:root`, or in a container. */
  css: string;
  /** From the narrowest up. */
  ranges: { id: string; name: string; from: number }[];
  /** Columns of each block, by breakpoint; those whose edges leave the grid are not there. */
  layouts: { name: string; blocks: Record<string, Record<string, [from: number, to: number]>> }[];
  /** The side of a square, and every how many lines one is strong; null where there is no mesh. */
  mesh: { square: string; strong: number | null } | null;
  /** Of each range, by its breakpoint. */
  guides: Record<string, { name: string; axis: 'x' | 'y'; at: string }[]>;
  isOutlined: boolean;
  inks: Record<'columns' | 'rows' | 'baseline' | 'mesh' | 'guides', string>;
};
