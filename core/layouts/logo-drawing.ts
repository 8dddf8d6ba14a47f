import { ratioOf } from '../length/ratio';
import { escaped } from '../text/markup';

/**
 * A drawing that stands where a logo will be, as SVG of its ratio: a sign and its first letter beside it, in the colour of the text around.
 *
 *     logoDrawing('Tidewick', '5/1')   // "<svg … viewBox="0 0 500 100">…"
 */
export function logoDrawing(name: string, ratio: string): string {
  const wide = Math.round(ratioOf(ratio).valueOf() * 100 * 1000) / 1000;
  const sign = Math.min(wide, 100) / 2;
  const bar = wide - 2 * sign - 16;
  const letter = escaped([...name.trim()][0]?.toUpperCase() ?? '');
  return (
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${wide} 100">` +
    `<circle cx="${sign}" cy="50" r="${sign}" fill="currentColor" fill-opacity=".8"/>` +
    `<text x="${sign}" y="50" dy=".36em" font-size="${sign}" font-family="sans-serif" text-anchor="middle" fill="#fff">${letter}</text>` +
    (bar > 0
      ? `<rect x="${2 * sign + 16}" y="30" width="${bar}" height="40" rx="8" fill="currentColor" fill-opacity=".28"/>`
      : '') +
    `</svg>`
  );
}
