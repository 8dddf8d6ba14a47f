import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { SPECIMEN_TEXT } from '../../core/sample/specimen-text';
import type { SpecimenContent } from '../../core/formats/page/page-content';
import { sfntOf } from './sfnt';
import { INK, INSIDE, LINE, PAGE, type PdfText, SOFT } from './pdf-text';

/** A px of CSS in points (CSS Values 4: 96 px are an inch, 72 pt too). */
const PX = 0.75;
const LINES = 2;

/** Every text style on its baselines, at the size that it has on screen. */
export function specimens(pdf: PdfText, all: readonly SpecimenContent[]): void {
  if (all.length === 0) return;
  pdf.newPage();
  pdf.text('Type', { size: 24, isBold: true, width: INSIDE });
  pdf.text(`On the baselines of ${all[0]!.breakpoint}, 1 px as 0.75 pt`, { size: 10, colour: SOFT, width: INSIDE });
  for (const specimen of all) one(pdf, specimen);
}

function one(pdf: PdfText, { name, says, file, size, leading, first, step }: SpecimenContent): void {
  const { doc } = pdf;
  const high = (first + (LINES - 1) * leading + Math.max(step, leading / 2)) * PX;
  const face = faceOf(pdf, file);
  pdf.room(high + 40);
  pdf.gap(16);
  pdf.text(name, { size: 11, isBold: true, width: INSIDE });
  const otherFace = face.isOwn ? '' : '; shown in Source Sans 3, since its file is the team’s';
  pdf.text(`${says}${otherFace}`, { size: 9, colour: SOFT, width: INSIDE });
  const top = pdf.y + 6;
  if (step > 0)
    for (let y = 0; y <= high; y += step * PX)
      doc
        .lineWidth(0.25)
        .moveTo(PAGE.margin, top + y)
        .lineTo(PAGE.margin + INSIDE, top + y)
        .stroke(LINE);
  doc
    .font(face.name)
    .fontSize(size * PX)
    .fillColor(INK);
  linesOf(doc, size).forEach((line, index) =>
    doc.text(line, PAGE.margin, top + (first + index * leading) * PX, { lineBreak: false, baseline: 'alphabetic' }),
  );
  pdf.y = top + high;
}

/** The sample in lines; of large text its first sentence alone. */
function linesOf(doc: PDFKit.PDFDocument, size: number): string[] {
  doc.fontSize(size * PX);
  const all = broken(doc, SPECIMEN_TEXT);
  return (all.length <= LINES ? all : broken(doc, SPECIMEN_TEXT.replace(/\. .*/, '.'))).slice(0, LINES);
}

function broken(doc: PDFKit.PDFDocument, text: string): string[] {
  return text.split(' ').reduce<string[]>((lines, word) => {
    const longer = [...lines.slice(-1), word].join(' ');
    return lines.length > 0 && doc.widthOfString(longer) <= INSIDE ? [...lines.slice(0, -1), longer] : [...lines, word];
  }, []);
}

/** The style’s own face where it ships with the application, otherwise that of the document. */
function faceOf({ doc }: PdfText, file: string): { name: string; isOwn: boolean } {
  const fileOf = (id: string) => join('node_modules/@fontsource', id, 'files', `${id}-latin-400-normal.woff`);
  const [, own = ''] = /^shipped:(.+)$/.exec(file) ?? [];
  const isOwn = own !== '' && existsSync(fileOf(own));
  const id = isOwn ? own : 'source-sans-3';
  doc.registerFont(`specimen-${id}`, sfntOf(fileOf(id)));
  return { name: `specimen-${id}`, isOwn };
}
