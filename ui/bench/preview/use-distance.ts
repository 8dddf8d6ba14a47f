'use client';

import { type KeyboardEvent, useState } from 'react';
import type { SolvedColumns } from '../../../core/columns/columns-at';
import { type Px, px, roundHalfUp } from '../../../core/length/px';
import type { Direction } from '../../../core/length/direction';
import { edgeNear } from '../../../core/picture/edges';
import { inPicture, placedPicture } from '../../../core/picture/placed-picture';
import { edgeAcross, edgeDown, gridsDown, snapped } from '../../../core/rows/snap';
import { baseUnit } from '../../../core/spacing/scale';
import type { Breakpoint, Spec } from '../../../core/spec/schema';
import { useView } from '../../draft/draft-context';
import { ARROWS } from './arrows';
import type { Measured, Point } from './distance';
import type { Picture } from './ground/kept-picture';

/** How near an edge draws a point to itself, in px of the window. */
const REACH = 6;

type Screen = {
  spec: Spec;
  breakpoint: Breakpoint;
  solved: SolvedColumns;
  page: number;
  picture: Picture | null;
  direction: Direction;
};

/**
 * The distance tool: two points, set by dragging or with the keys. Where that is wanted, they are drawn to the edges of
 * the picture that lies under the grid, else to those of the grid.
 */
export function useDistance(screen: Screen) {
  const { spec } = screen;
  const isSnapping = useView((view) => view.isSnapping);
  const [measured, setMeasured] = useState<Measured | null>(null);

  const placed = (x: number, y: number, scale: number): Point => {
    const at = { x: exact(x), y: exact(y) };
    if (!isSnapping) return { x: roundHalfUp(at.x), y: roundHalfUp(at.y) };
    return drawnToEdges(screen, at, px(Math.round((REACH / scale) * 64)).div(64));
  };

  const onKeyDown = (event: KeyboardEvent): boolean => {
    const arrow = ARROWS[event.key];
    if (event.key === 'Escape') {
      setMeasured(null);
      return true;
    }
    if (event.key === 'Enter') {
      setMeasured((before) => before && { from: before.to, to: before.to });
      return true;
    }
    if (!arrow) return false;
    const step = event.shiftKey ? baseUnit(spec) : px(1);
    setMeasured((before) => {
      const { from, to } = before ?? { from: ORIGIN, to: ORIGIN };
      return {
        from,
        to: {
          x: moved(to.x, step.mul(screen.direction === 'ltr' ? arrow[0] : -arrow[0])),
          y: moved(to.y, step.mul(arrow[1])),
        },
      };
    });
    return true;
  };

  return {
    measured,
    /** From where the pointer was pressed to where it is now, in px of the page. */
    stretch: (from: [number, number], to: [number, number], scale: number): void =>
      setMeasured({ from: placed(...from, scale), to: placed(...to, scale) }),
    onKeyDown,
  };
}

const ORIGIN: Point = { x: px(0), y: px(0) };

function drawnToEdges({ spec, breakpoint, solved, page, picture, direction }: Screen, at: Point, reach: Px): Point {
  const width = solved.viewport;
  const grids = gridsDown(spec, breakpoint, page, width);
  // a picture lies as it is, whichever way the page is read
  const turned = (x: Px): Px => (direction === 'ltr' ? x : width.sub(x));
  const found = picture?.pixels
    ? edgesOfPicture(picture, width, { ...at, x: turned(at.x) }, reach)
    : { x: null, y: null };
  const inside = { ...found, x: found.x && turned(found.x) };
  return {
    x: inside.x ?? snapped(at.x, edgeAcross(at.x, solved, grids.guides), reach),
    y: inside.y ?? snapped(at.y, edgeDown(at.y, grids), reach),
  };
}

function edgesOfPicture(picture: Picture, viewport: Px, at: Point, reach: Px): { x: Px | null; y: Px | null } {
  const place = placedPicture(picture.width, viewport, picture.placement);
  const inside = inPicture(place, at);
  const within = reach.div(place.factor).valueOf();
  const [across, down] = (['across', 'down'] as const).map((way) => edgeNear(picture.pixels!, way, inside, within));
  const onPage = (edge: number | null | undefined, shift: Px): Px | null =>
    edge === null || edge === undefined ? null : place.factor.mul(edge).add(shift);
  return { x: onPage(across, place.across), y: onPage(down, place.down) };
}

function moved(at: Px, by: Px): Px {
  const next = at.add(by);
  return next.compare(0) < 0 ? px(0) : next;
}

/** A place under the pointer, to 1/64 px: nobody points finer. */
function exact(at: number): Px {
  return px(Math.round(at * 64)).div(64);
}
