import { calmDrawing } from '../../layouts/calm-drawing';
import { escaped } from '../../text/markup';
import { GROUND_TONES } from '../layout/ground-tones';
import type { Mark } from './page-marks';

/** The tones in which pages are drawn where no browser sets them; grounds and buttons have those of `layout.css`. */
export const [MARK_INK, MARK_PAPER, MARK_QUIET] = ['#1f2230', '#ffffff', '#c9c9cc'];

/** A mark as SVG, in px of the page. */
export function markSvg(mark: Mark): string {
  const box = `x="${short(mark.x)}" y="${short(mark.y)}" width="${short(mark.width)}" height="${short(mark.height)}"`;
  switch (mark.is) {
    case 'ground':
      return `<rect ${box} fill="${GROUND_TONES[mark.tint]}"/>`;
    case 'picture':
      return calmDrawing(mark.name).replace('<svg ', `<svg ${box} `);
    case 'area':
      return `<rect ${box} fill="${MARK_QUIET}" fill-opacity=".6"/>`;
    case 'button':
      return `<rect ${box} rx="4" fill="${mark.isOnDark ? MARK_PAPER : MARK_INK}"/>`;
    case 'field':
      return `<rect ${box} rx="4" fill="none" stroke="${mark.isOnDark ? MARK_PAPER : MARK_INK}"/>`;
    case 'line':
      return `<path d="M${short(mark.x)} ${short(mark.y)}h${short(mark.width)}" stroke="${MARK_QUIET}"/>`;
    case 'words': {
      const lines = mark.lines.map((line, index) => `<tspan x="${short(mark.x)}" y="${short(mark.y + index * mark.leading)}">${escaped(line)}</tspan>`); // prettier-ignore
      return `<text font-size="${short(mark.size)}" fill="${mark.isLight ? MARK_PAPER : MARK_INK}">${lines.join('')}</text>`;
    }
  }
}

function short(length: number): string {
  return String(Math.round(length * 100) / 100);
}
