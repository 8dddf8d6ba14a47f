import type { PlacedBlock } from '../layouts/place-blocks';
import { solveLayout } from '../layouts/solve-layout';
import { px } from '../length/px';
import type { Breakpoint, Spec } from '../spec/schema';
import { fromOtherSide } from '../survey/turned';
import type { Measured, MeasuredBlock } from './measured';

/** A layout that is on the page: its blocks as they are drawn, and those that were found by their id. */
export type LayoutOn = { blocks: PlacedBlock[]; built: ReadonlyMap<string, MeasuredBlock> };

/** What a page is held with: the document, the page counted from where it is read from, and the layout that it has. */
export type OnBuilt = {
  spec: Spec;
  breakpoint: Breakpoint;
  page: Measured;
  layout: LayoutOn | null;
  tolerance: number;
};

/** So many of a layout’s blocks by their class alone may stand on a page by chance. */
const BY_CHANCE = 2;

/** The page counted from where it is read from, with the layout that is on it; where none is, nothing on it is a block of one. */
export function asRead(spec: Spec, measured: Measured): Pick<OnBuilt, 'page' | 'layout'> {
  const page = measured.direction === 'ltr' ? measured : turnedPage(measured);
  const layout = layoutOn(spec, page);
  if (layout) return { page, layout };
  const free = <P extends { block: string | null }>(part: P): P => ({ ...part, block: null });
  return { page: { ...page, boxes: page.boxes.map(free), texts: page.texts.map(free) }, layout };
}

function layoutOn(spec: Spec, page: Measured): LayoutOn | null {
  const layout = spec.layouts.find(({ id }) => id === page.layout?.id);
  if (!layout || !page.layout) return null;
  const { blocks } = solveLayout(spec, layout, px(String(page.width)), page.screen);
  const built = new Map(page.layout.blocks.map((block) => [block.id, block]));
  return built.size <= BY_CHANCE && built.size < blocks.length ? null : { blocks, built };
}

function turnedPage(page: Measured): Measured {
  const turned = <P extends { x: number; width: number }>(part: P): P => fromOtherSide(part, page.width);
  return {
    ...page,
    boxes: page.boxes.map(turned),
    texts: page.texts.map(turned),
    layout: page.layout && { ...page.layout, blocks: page.layout.blocks.map(turned) },
  };
}
