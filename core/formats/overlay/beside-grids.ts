import { FRAME_FILL, frameAreas } from '../../overlay/frame-areas';
import { guidesAt } from '../../overlay/guides';
import { inksOf } from '../../overlay/inks';
import { meshAt } from '../../overlay/mesh';
import type { Breakpoint, OverlayInk, Spec } from '../../spec/schema';
import { escaped } from '../../text/markup';
import type { Direction } from '../../length/direction';

/** A drawing in px of the screen, of which a picture has so many pixels each. */
type Drawing = { width: number; height: number; direction: Direction; density: number };

/** At most four places, no trailing zeros. */
export function written(length: number): string {
  return String(Number(length.toFixed(4)));
}

/**
 * What a drawing of the grids has beside them, as groups: the `mesh` where the document has one, `guides`, and the bars and panels (`frame`), which cover what lies
 * under them.
 */
export function besideGrids(spec: Spec, breakpoint: Breakpoint, drawing: Drawing): string[] {
  const inks = inksOf(spec);
  return [
    meshGroup(spec, breakpoint, inks.mesh, drawing),
    guidesGroup(spec, breakpoint, inks.guides, drawing),
    frameGroup(spec, breakpoint, drawing),
  ];
}

function meshGroup(
  spec: Spec,
  breakpoint: Breakpoint,
  ink: OverlayInk,
  { width, height, direction, density }: Drawing,
): string {
  if (spec.mesh === undefined) return '';
  const mesh = meshAt(spec, breakpoint, breakpoint.reference.width, height);
  const side = mesh.square.valueOf() * density;
  if (side < density) return '';
  const x = (direction === 'ltr' ? mesh.x.valueOf() : width - mesh.x.valueOf()) * density;
  const y = mesh.y.valueOf() * density;
  const lines = (id: string, apart: number, thick: number): string =>
    `<pattern id="${id}" patternUnits="userSpaceOnUse" x="${written(x)}" y="${written(y)}" width="${written(apart)}" height="${written(apart)}">` +
    `<path d="M0 ${thick / 2}H${written(apart)}M${thick / 2} 0V${written(apart)}" fill="none" stroke="${ink.colour}" stroke-width="${thick}"/></pattern>`;
  const patterns = [
    lines('mesh-squares', side, density),
    ...(mesh.strong === null ? [] : [lines('mesh-strong', side * mesh.strong, 2 * density)]),
  ];
  const size = `width="${written(width * density)}" height="${written(height * density)}"`;
  const fills = patterns.map(
    (_, index) => `<rect ${size} fill="url(#${index === 0 ? 'mesh-squares' : 'mesh-strong'})"/>`,
  );
  return `<g id="mesh" opacity="${ink.strength / 100}"><title>mesh</title><defs>${patterns.join('')}</defs>${fills.join('')}</g>`;
}

function guidesGroup(
  spec: Spec,
  breakpoint: Breakpoint,
  ink: OverlayInk,
  { width, height, direction, density }: Drawing,
): string {
  const guides = guidesAt(spec, breakpoint, breakpoint.reference.width, height);
  if (guides.length === 0) return '';
  const lines = guides.map(({ name, axis, at }) => {
    const place = at.valueOf();
    const along = written((axis === 'x' && direction === 'rtl' ? width - place : place) * density);
    const d = axis === 'x' ? `M${along} 0v${written(height * density)}` : `M0 ${along}h${written(width * density)}`;
    return `<path d="${d}"><title>${escaped(name)}</title></path>`;
  });
  return `<g id="guides" fill="none" stroke="${ink.colour}" stroke-width="${density}" stroke-opacity="${ink.strength / 100}"><title>guides</title>${lines.join('')}</g>`;
}

function frameGroup(spec: Spec, breakpoint: Breakpoint, { width, height, direction, density }: Drawing): string {
  const areas = frameAreas(spec, breakpoint, width, height, direction);
  if (areas.length === 0) return '';
  const shapes = areas.map(({ side, ...area }) => {
    const [x, y, wide, high] = [area.x, area.y, area.width, area.height].map((length) => written(length * density));
    return `<rect x="${x}" y="${y}" width="${wide}" height="${high}"><title>${NAMES[side]}</title></rect>`;
  });
  return `<g id="frame" fill="${FRAME_FILL}"><title>bars and panels</title>${shapes.join('')}</g>`;
}

const NAMES = { top: 'top bar', bottom: 'bottom bar', start: 'start panel', end: 'end panel' } as const;
