import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import * as fontkit from 'fontkit';

/**
 * @typedef {{ name: string, has: (letter: string) => boolean }} Face
 * @typedef {{ face: Face | null, run: string }} Run
 * @typedef {{ size: number, isBold?: boolean, colour?: string, width: number }} Look
 */

/** A4, in points (ISO 216), with margins. */
export const PAGE = { width: 595.28, height: 841.89, margin: 48 };
export const INK = '#1f2230';
/** Scripts that the shipped font has files for; a letter of another is a box, as browsers draw it. */
const SCRIPTS = ['latin', 'latin-ext', 'greek', 'cyrillic', 'cyrillic-ext', 'vietnamese'];

/** How wide the box of a letter without a glyph is, in sizes. */
const BOX = 0.6;

/** Text down the pages of a PDF, in the shipped font, whatever script it is in. */
export class PdfText {
  /** @param {PDFKit.PDFDocument} doc */
  constructor(doc) {
    this.doc = doc;
    this.y = PAGE.margin;
    /** @type {Map<string, number>} */
    this.widths = new Map();
    this.faces = { plain: facesOf(doc, 400), bold: facesOf(doc, 600) };
  }

  /**
   * Text from a place on, broken where it is wider than it may be.
   *
   * @param {string} text
   * @param {Look} look
   * @param {number} [x]
   * @param {number} [leading]
   */
  text(text, look, x = PAGE.margin, leading = look.size * 1.4) {
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
   * @param {string} text
   * @param {Look} look
   * @returns {string[]}
   */
  lines(text, look) {
    return plain(text)
      .split('\n')
      .flatMap((paragraph) => {
        /** @type {string[]} */
        const lines = [];
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

  /**
   * A word, in pieces that fit where it is wider than its room.
   *
   * @param {string} word
   * @param {Look} look
   */
  pieces(word, look) {
    if (this.wide(word, look) <= look.width) return [word];
    const pieces = [''];
    for (const letter of word) {
      const longer = pieces.at(-1) + letter;
      if (pieces.at(-1) !== '' && this.wide(longer, look) > look.width) pieces.push(letter);
      else pieces[pieces.length - 1] = longer;
    }
    return pieces;
  }

  /**
   * How wide a word is; each is measured once.
   *
   * @param {string} text
   * @param {Look} look
   */
  wide(text, { size, isBold }) {
    const key = `${isBold ? 'bold' : 'plain'} ${size} ${text}`;
    const known = this.widths.get(key);
    if (known !== undefined) return known;
    const wide = this.runs(text, isBold).reduce((sum, each) => sum + this.runWide(each, size), 0);
    this.widths.set(key, wide);
    return wide;
  }

  /**
   * How wide a piece of one font file is, or one of boxes.
   *
   * @param {Run} run
   * @param {number} size
   */
  runWide({ face, run }, size) {
    return face ? this.doc.font(face.name).fontSize(size).widthOfString(run) : [...run].length * size * BOX;
  }

  /**
   * A box for each letter that no font file has.
   *
   * @param {string} run
   * @param {number} x
   * @param {Look} look
   */
  boxes(run, x, { size, colour }) {
    const { doc } = this;
    [...run].forEach((_, index) =>
      doc
        .lineWidth(0.6)
        .rect(x + (index * BOX + 0.08) * size, this.y + 0.32 * size, (BOX - 0.16) * size, 0.66 * size)
        .stroke(colour ?? INK),
    );
  }

  /**
   * A text in pieces of one font file each.
   *
   * @param {string} text
   * @param {boolean} [isBold]
   */
  runs(text, isBold = false) {
    const faces = isBold ? this.faces.bold : this.faces.plain;
    /** @type {Run[]} */
    const runs = [];
    for (const letter of text) {
      const last = runs.at(-1);
      const face = letter === ' ' && last?.face?.has(' ') ? last.face : (faces.find(({ has }) => has(letter)) ?? null);
      if (last && last.face === face) last.run += letter;
      else runs.push({ face, run: letter });
    }
    return runs;
  }

  /** @param {number} needed */
  room(needed) {
    if (this.y + Math.min(needed, PAGE.height - 2 * PAGE.margin) > PAGE.height - PAGE.margin) this.newPage();
  }

  newPage() {
    this.doc.addPage();
    this.y = PAGE.margin;
  }

  /** @param {number} height */
  gap(height) {
    if (this.y > PAGE.margin) this.y += height;
  }
}

/**
 * The files of the shipped font, one for each script.
 *
 * @param {PDFKit.PDFDocument} doc
 * @param {400 | 600} weight
 * @returns {Face[]}
 */
function facesOf(doc, weight) {
  return SCRIPTS.map((script) => {
    const name = `source-sans-3-${script}-${weight}`;
    /** @type {any} */
    let font = null;
    /** @type {Map<string, boolean>} */
    const known = new Map();
    // unpacking a font takes long: it is done when the first letter asks for it
    const open = () => {
      const file = readFileSync(join('node_modules/@fontsource/source-sans-3/files', `${name}-normal.woff`));
      doc.registerFont(name, file);
      return fontkit.create(file);
    };
    return {
      name,
      has: (letter) => {
        font ??= open();
        const found = known.get(letter) ?? font.hasGlyphForCodePoint(letter.codePointAt(0));
        known.set(letter, found);
        return found;
      },
    };
  });
}

/**
 * A text with what the font has no sign for written out: ⅔ as 2/3, ¹⁄₁₃ as 1/13.
 *
 * @param {string} text
 */
function plain(text) {
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
