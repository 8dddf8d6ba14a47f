import type { BreakpointContent } from '../../core/formats/page/page-content';
import { FRAME_FILL } from '../../core/overlay/frame-areas';
import { USUAL_INKS } from '../../core/overlay/inks';
import { drawColumns } from './pdf-columns';
import { INSIDE, LINE, PAGE, type PdfText, PLUM, ROW, SOFT } from './pdf-text';

/** What is said stands beside the drawing. */
const WORDS = 230;
const TOP = 128;
const GUIDE = USUAL_INKS.guides.colour;

/** A page of a breakpoint: its grid as large as the page has room for, its sums, how it behaves. */
export function breakpointSheet(pdf: PdfText, content: BreakpointContent): void {
  const { name, range, width, height, sums, says, notes } = content;
  pdf.newPage();
  pdf.text(name, { size: 24, isBold: true, width: INSIDE });
  pdf.text(`${range}, design size ${width} × ${height}`, { size: 10, colour: SOFT, width: INSIDE });
  pdf.y = Math.max(pdf.y, TOP - 24);
  const [top, room] = [pdf.y + 24, INSIDE - WORDS - 24];
  const scale = Math.min(room / width, (PAGE.height - PAGE.margin - 12 - top) / height);
  drawing(pdf, content, top, scale);
  measures(pdf, content, top - 6, scale);
  // narrow screens leave more room for words
  const left = PAGE.margin + Math.max(width * scale, Math.min(room, 260)) + 24;
  const look = { size: 10, width: PAGE.width - PAGE.margin - left };
  pdf.y = top;
  for (const sum of sums) pdf.text(sum, { ...look, size: 11, isBold: true }, left, 16);
  pdf.y += 6;
  for (const sentence of says) pdf.text(sentence, look, left, 14);
  if (notes === '') return;
  pdf.y += 6;
  pdf.text(notes, { ...look, colour: SOFT }, left, 14);
}

function drawing(
  pdf: PdfText,
  { width, height, columns, rows, isOutlined, frame, guides }: BreakpointContent,
  top: number,
  scale: number,
) {
  const { doc } = pdf;
  const left = PAGE.margin;
  doc.save();
  doc.rect(left, top, width * scale, height * scale).clip();
  drawColumns(pdf, { columns, isOutlined }, { left, top, scale, high: height * scale });
  doc.lineWidth(0.75).fillOpacity(0.25);
  for (const [from, length] of rows) {
    const row = doc.rect(left, top + from * scale, width * scale, length * scale);
    if (isOutlined) row.stroke(ROW);
    else row.fill(ROW);
  }
  doc.fillOpacity(1);
  for (const { axis, at } of guides) {
    const [x, y] = axis === 'x' ? [left + at * scale, top] : [left, top + at * scale];
    doc
      .moveTo(x, y)
      .lineTo(axis === 'x' ? x : left + width * scale, axis === 'x' ? top + height * scale : y)
      .stroke(GUIDE);
  }
  for (const area of frame)
    doc.rect(left + area.x * scale, top + area.y * scale, area.width * scale, area.height * scale).fill(FRAME_FILL);
  doc.restore();
  doc
    .lineWidth(0.75)
    .rect(left, top, width * scale, height * scale)
    .stroke(LINE);
}

/** Margins, a column and a gutter over the drawing, where their numbers have room. */
function measures(pdf: PdfText, { measures: all }: BreakpointContent, bottom: number, scale: number): void {
  let end = 0;
  for (const { text, from, length } of all) {
    const [start, wide] = [PAGE.margin + from * scale, length * scale];
    pdf.doc
      .lineWidth(0.75)
      .moveTo(start + 0.4, bottom)
      .lineTo(start + Math.max(0.8, wide - 0.4), bottom)
      .stroke(PLUM);
    const look = { size: 8, colour: SOFT, width: Infinity };
    const own = pdf.wide(text, look);
    const at = start + (wide - own) / 2;
    if (at < end + 3) continue;
    pdf.y = bottom - 12;
    pdf.text(text, look, at, 10);
    end = at + own;
  }
}
