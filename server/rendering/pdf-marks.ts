import { GROUND_TONES } from '../../core/formats/layout/ground-tones';
import { MARK_INK, MARK_PAPER, MARK_QUIET } from '../../core/formats/page/mark-svg';
import type { Mark } from '../../core/formats/page/page-marks';
import { calmShapes } from '../../core/layouts/calm-drawing';
import type { PdfText } from './pdf-text';

/** Letters smaller than this, in points, are drawn as a bar: nobody reads them. */
const LEAST_LETTERS = 2;

/** A page drawn from its marks: from a corner, at a scale. */
export function drawMarks(pdf: PdfText, marks: readonly Mark[], left: number, top: number, scale: number): void {
  const { doc } = pdf;
  for (const mark of marks) {
    const [x, y, wide, high] = [left + mark.x * scale, top + mark.y * scale, mark.width * scale, mark.height * scale];
    const ink = 'isOnDark' in mark && mark.isOnDark ? MARK_PAPER : MARK_INK;
    switch (mark.is) {
      case 'ground':
        doc.rect(x, y, wide, high).fill(GROUND_TONES[mark.tint]);
        break;
      case 'picture':
        drawPicture(doc, mark.name, { x, y, wide, high });
        break;
      case 'area':
        doc.rect(x, y, wide, high).fill(MARK_QUIET);
        break;
      case 'button':
        doc.roundedRect(x, y, wide, high, Math.min(4 * scale, high / 2, wide / 2)).fill(ink);
        break;
      case 'field':
        doc.lineWidth(0.4).rect(x, y, wide, high).stroke(ink);
        break;
      case 'line':
        doc.lineWidth(0.3).moveTo(x, y).lineTo(x + wide, y).stroke(MARK_QUIET); // prettier-ignore
        break;
      case 'words':
        drawWords(pdf, mark, { x, y, wide }, scale);
        break;
    }
  }
}

function drawWords(
  pdf: PdfText,
  { lines, size, leading, isLight }: Extract<Mark, { is: 'words' }>,
  { x, y, wide }: { x: number; y: number; wide: number },
  scale: number,
): void {
  const colour = isLight ? MARK_PAPER : MARK_INK;
  const look = { size: size * scale, colour, width: Infinity };
  lines.forEach((line, index) => {
    const baseline = y + index * leading * scale;
    if (look.size < LEAST_LETTERS) {
      const long = Math.min(wide, line.length * look.size * 0.5);
      pdf.doc.rect(x, baseline - look.size * 0.5, long, look.size * 0.5).fillOpacity(0.35).fill(colour); // prettier-ignore
      pdf.doc.fillOpacity(1);
      return;
    }
    // a text is written from the top of its line; the shipped font's baseline is about a size below
    pdf.y = baseline - look.size;
    pdf.text(line, look, x, look.size);
  });
}

type Place = { x: number; y: number; wide: number; high: number };

/** The drawing that stands where a picture will be, cut to its place as a browser cuts it. */
function drawPicture(doc: PDFKit.PDFDocument, name: string, { x, y, wide, high }: Place): void {
  const { sky, sun, hills } = calmShapes(name);
  const scale = Math.max(wide, high) / 100;
  doc.save();
  doc.rect(x, y, wide, high).clip();
  doc.rect(x, y, wide, high).fill(sky);
  doc.translate(x + (wide - 100 * scale) / 2, y + (high - 100 * scale) / 2).scale(scale);
  doc.circle(sun.x, sun.y, sun.size).fillOpacity(0.72).fill('#ffffff');
  doc.fillOpacity(1);
  for (const { tone, path } of hills) doc.path(path).fill(tone);
  doc.restore();
}
