import { join } from 'node:path';
import * as fontkit from 'fontkit';
import { sfntOf } from './sfnt';

type Face = { name: string; has: (letter: string) => boolean };
type Run = { face: Face | null; run: string };
export type Look = { size: number; isBold?: boolean; colour?: string; width: number };

/** A4 across, in points (ISO 216), with margins. */
export const PAGE = { width: 841.89, height: 595.28, margin: 44 };
export const INSIDE = PAGE.width - 2 * PAGE.margin;
export const [INK, PLUM, SOFT, LINE, COLUMN, ROW] = ['#1f2230', '#6b3a78', '#5a5d6b', '#c9c2b2', '#d9c7df', '#d99a3d'];
/** Scripts that the shipped font has files for; a letter of another is a box, as browsers draw it. */
const SCRIPTS = ['latin', 'latin-ext', 'greek', 'cyrillic', 'cyrillic-ext', 'vietnamese'];

/** How wide the box of a letter without a glyph is, in sizes. */
const BOX = 0.6;

/** Text down the pages of a PDF, in the shipped font, whatever script it is in; its figures are of one width, and line up under each other. */
export class PdfText {
  readonly doc: PDFKit.PDFDocument;
  /** How far down the page the next line begins, in pt. */
  y: number;
  private readonly widths: Map<string, number>;
  private readonly faces: { plain: Face[]; bold: Face[] };

  constructor(doc: PDFKit.PDFDocument) {
    this.doc = doc;
    this.y = PAGE.margin;
    this.widths = new Map();
    this.faces = { plain: facesOf(doc, 400), bold: facesOf(doc, 600) };
  }

  /** Text from a place on, broken where it is wider than it may be. */
  text(text: string, look: Look, x: number = PAGE.margin, leading: number = look.size * 1.4) {
    const { doc } = this;
    for (const line of this.lines(text, look)) {
      if (x === PAGE.margin && this.y + leading > PAGE.height - PAGE.margin && this.doc.page.margins.bottom > 0)
        this.newPage();
      let at = x;
      for (const { face, run } of this.runs(line, look.isBold)) {
        if (face) {
          doc
            .font(face.name)
            .fontSize(look.size)
            .fillColor(look.colour ?? INK);
          doc.text(run, at, this.y, { lineBreak: false });
        } else this.boxes(run, at, look);
        if (run.length < line.length) at += this.runWide({ face, run }, look.size);
      }
      this.y += leading;
    }
  }

  /**
   */
  lines(text: string, look: Look): string[] {
    return plain(text)
      .split('\n')
      .flatMap((paragraph) => {
        const lines: string[] = [];
        let line = '';
        let wide = 0;
        const space = this.wide(' ', look);
        for (const word of paragraph.split(' ').flatMap((each) => this.pieces(each, look))) {
          const own = this.wide(word, look);
          if (line !== '' && wide + space + own > look.width) {
            lines.push(line);
            [line, wide] = [word, own];
          } else [line, wide] = line === '' ? [word, own] : [`${line} ${word}`, wide + space + own];
        }
        return [...lines, line];
      });
  }

  /** A word, in pieces that fit where it is wider than its room. */
  pieces(word: string, look: Look) {
    if (this.wide(word, look) <= look.width) return [word];
    const pieces = [''];
    for (const letter of word) {
      const longer = pieces.at(-1) + letter;
      if (pieces.at(-1) !== '' && this.wide(longer, look) > look.width) pieces.push(letter);
      else pieces[pieces.length - 1] = longer;
    }
    return pieces;
  }

  /** How wide a word or a line is; each is measured once. */
  wide(text: string, { size, isBold }: Look) {
    const key = `${isBold ? 'bold' : 'plain'} ${size} ${text}`;
    const known = this.widths.get(key);
    if (known !== undefined) return known;
    const wide = this.runs(text, isBold).reduce((sum, each) => sum + this.runWide(each, size), 0);
    this.widths.set(key, wide);
    return wide;
  }

  /** How wide a piece of one font file is, or one of boxes. */
  runWide({ face, run }: Run, size: number) {
    return face ? this.doc.font(face.name).fontSize(size).widthOfString(run) : [...run].length * size * BOX;
  }

  /** A box for each letter that no font file has. */
  boxes(run: string, x: number, { size, colour }: Look) {
    const { doc } = this;
    [...run].forEach((_, index) =>
      doc
        .lineWidth(0.6)
        .rect(x + (index * BOX + 0.08) * size, this.y + 0.32 * size, (BOX - 0.16) * size, 0.66 * size)
        .stroke(colour ?? INK),
    );
  }

  /** A text in pieces of one font file each. */
  runs(text: string, isBold = false) {
    const faces = isBold ? this.faces.bold : this.faces.plain;
    const runs: Run[] = [];
    for (const letter of text) {
      const last = runs.at(-1);
      const face = letter === ' ' && last?.face?.has(' ') ? last.face : (faces.find(({ has }) => has(letter)) ?? null);
      if (last && last.face === face) last.run += letter;
      else runs.push({ face, run: letter });
    }
    return runs;
  }

  room(needed: number) {
    if (this.y + Math.min(needed, PAGE.height - 2 * PAGE.margin) > PAGE.height - PAGE.margin) this.newPage();
  }

  newPage() {
    this.doc.addPage();
    this.y = PAGE.margin;
  }

  gap(height: number) {
    if (this.y > PAGE.margin) this.y += height;
  }
}

/** The files of the shipped font, one for each script. */
function facesOf(doc: PDFKit.PDFDocument, weight: 400 | 600): Face[] {
  return SCRIPTS.map((script) => {
    const name = `source-sans-3-${script}-${weight}`;
    let font: fontkit.Font | null = null;
    const known = new Map<string, boolean>();
    // unpacking a font takes long: it is done when the first letter asks for it
    const open = () => {
      const file = sfntOf(join('node_modules/@fontsource/source-sans-3/files', `${name}-normal.woff`));
      doc.registerFont(name, file);
      return fontkit.create(file) as fontkit.Font;
    };
    return {
      name,
      has: (letter: string) => {
        font ??= open();
        const found = known.get(letter) ?? font.hasGlyphForCodePoint(letter.codePointAt(0)!);
        known.set(letter, found);
        return found;
      },
    };
  });
}

/** A text with what the font has no sign for written out: ⅔ as 2/3, ¹⁄₁₃ as 1/13. */
function plain(text: string) {
  return (
    text
      .replaceAll('≈', '~')
      .replace(/(\d)(?=[¼-¾⅐-⅞⁰¹²³⁴-⁹])/g, '$1 ')
      .replace(/[⅐-⅞⁰¹²³⁴-⁹₀-₉⁄]/g, (sign) => sign.normalize('NFKD').replace('⁄', '/'))
      .replace(/[¼½¾]/g, (sign) => sign.normalize('NFKD').replace('⁄', '/'))
      // composed, as fonts have letters; marks that nobody sees have no glyph, and the font library fails at them
      .normalize('NFC')
      .replace(/[\u0000-\u0009\u000b-\u001f\u007f\u2028\u2029\u00a0]/g, ' ')
      .replace(/[\p{Default_Ignorable_Code_Point}\p{Cf}]/gu, '')
  );
}
