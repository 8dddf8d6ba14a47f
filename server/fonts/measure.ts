import * as fontkit from 'fontkit';

export type Measured = {
  family: string;
  unitsPerEm: number;
  ascent: number;
  descent: number;
  lineGap: number;
  capHeight: number;
  xHeight: number;
  averageWidth: number;
  weight?: number;
  italic?: boolean;
};

type Glyph = { id: number; advanceWidth: number; bbox: { maxY: number } };
type Os2 = {
  fsSelection: { useTypoMetrics?: boolean; italic?: boolean; oblique?: boolean };
  typoAscender: number;
  typoDescender: number;
  typoLineGap: number;
  capHeight: number;
  xHeight: number;
  usWeightClass?: number;
};
/** What of the font library’s font is used here; its own types know no tables. */
type OpenedFont = {
  familyName: string | null;
  unitsPerEm: number;
  hhea: { ascent: number; descent: number; lineGap: number };
  'OS/2'?: Os2;
  glyphForCodePoint: (letter: number) => Glyph;
};

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
 * @param file TTF, OTF, WOFF or WOFF2
 */
export function measuresOfFile(file: Buffer): { measured: Measured } | { problem: string } {
  const font = fontkit.create(file) as OpenedFont | { fonts: unknown[] };
  if ('fonts' in font) return { problem: 'This file is a font collection. Upload a single font.' };
  const [H, x] = ['H', 'x'].map((letter) => font.glyphForCodePoint(letter.codePointAt(0)!)) as [Glyph, Glyph];
  if (H.id === 0 || x.id === 0)
    return { problem: 'This font has no Latin letters. Ypsiline needs its H and x to measure it.' };
  const os2 = font['OS/2'];
  const { hhea, unitsPerEm } = font;
  const isTypo = os2?.fsSelection.useTypoMetrics || (hhea.ascent === 0 && hhea.descent === 0);
  const lines =
    os2 && isTypo
      ? { ascent: os2.typoAscender, descent: -os2.typoDescender, lineGap: os2.typoLineGap }
      : { ascent: hhea.ascent, descent: -hhea.descent, lineGap: hhea.lineGap };
  const measured = {
    family:
      String(font.familyName ?? '')
        .trim()
        .slice(0, 120) || 'Unnamed font',
    unitsPerEm,
    ...lines,
    capHeight: os2 && os2.capHeight > 0 ? os2.capHeight : Math.round(H.bbox.maxY),
    xHeight: os2 && os2.xHeight > 0 ? os2.xHeight : Math.round(x.bbox.maxY),
    averageWidth: averageWidth(font),
    ...cutOf(os2),
  };
  return { measured };
}

/** The cut where it is not the upright of weight 400 (OpenType, OS/2). */
function cutOf(os2: Os2 | undefined) {
  const weight = os2?.usWeightClass;
  return {
    ...(weight !== undefined && Number.isInteger(weight) && weight > 0 && weight <= 1000 && weight !== 400
      ? { weight }
      : {}),
    ...(os2?.fsSelection.italic || os2?.fsSelection.oblique ? { italic: true } : {}),
  };
}

function averageWidth(font: OpenedFont) {
  const letters = [...ENGLISH];
  const total = letters.reduce((sum, letter) => sum + font.glyphForCodePoint(letter.codePointAt(0)!).advanceWidth, 0);
  return Math.round(total / letters.length);
}
