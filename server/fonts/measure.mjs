import * as fontkit from 'fontkit';

/**
 * @typedef {{ family: string, unitsPerEm: number, ascent: number, descent: number, lineGap: number,
 *   capHeight: number, xHeight: number, averageWidth: number, weight?: number, italic?: boolean }} Measured
 */

/** English as it is written, from which the average advance of a letter is taken. */
const ENGLISH =
  'The ferry leaves the harbour at a quarter past every hour, in summer until late in the evening and in winter ' +
  'until the light goes. Tickets are sold on board and at the quay; whoever brings a bicycle waits by the yellow ' +
  'line. On the way across, the islands come up one after the other, low and green, with a white house here and ' +
  'there and smoke above the trees. Ask at the desk for times on Sundays, since fewer boats run then.';

/**
 * The measures of a font file in font units, as browsers take them: ascent and descent from hhea, or from the typo
 * metrics where the font says USE_TYPO_METRICS (OpenType, OS/2 fsSelection, bit 7).
 *
 * @param {Buffer} file TTF, OTF, WOFF or WOFF2
 * @returns {{ measured: Measured } | { problem: string }}
 */
export function measuresOfFile(file) {
  const font = /** @type {any} */ (fontkit.create(file));
  if (font.fonts) return { problem: 'This file holds a collection of fonts; bring the one font as a file of its own.' };
  const [H, x] = ['H', 'x'].map((letter) => font.glyphForCodePoint(letter.codePointAt(0)));
  if (H.id === 0 || x.id === 0)
    return { problem: 'This font has no Latin letters; Ypsiline measures a font by its H and its x.' };
  const os2 = font['OS/2'];
  const { hhea, unitsPerEm } = font;
  const typo = os2?.fsSelection?.useTypoMetrics || (hhea.ascent === 0 && hhea.descent === 0 && os2);
  const lines = typo
    ? { ascent: os2.typoAscender, descent: -os2.typoDescender, lineGap: os2.typoLineGap }
    : { ascent: hhea.ascent, descent: -hhea.descent, lineGap: hhea.lineGap };
  const measured = {
    family:
      String(font.familyName ?? '')
        .trim()
        .slice(0, 120) || 'Unnamed font',
    unitsPerEm,
    ...lines,
    capHeight: os2?.capHeight > 0 ? os2.capHeight : Math.round(H.bbox.maxY),
    xHeight: os2?.xHeight > 0 ? os2.xHeight : Math.round(x.bbox.maxY),
    averageWidth: averageWidth(font),
    ...cutOf(os2),
  };
  return { measured };
}

/** The cut where it is not the upright of weight 400 (OpenType, OS/2). @param {any} os2 */
function cutOf(os2) {
  const weight = os2?.usWeightClass;
  return {
    ...(Number.isInteger(weight) && weight > 0 && weight <= 1000 && weight !== 400 ? { weight } : {}),
    ...(os2?.fsSelection?.italic || os2?.fsSelection?.oblique ? { italic: true } : {}),
  };
}

/** @param {any} font */
function averageWidth(font) {
  const letters = [...ENGLISH];
  const total = letters.reduce((sum, letter) => sum + font.glyphForCodePoint(letter.codePointAt(0)).advanceWidth, 0);
  return Math.round(total / letters.length);
}
