import PDFDocument from 'pdfkit';
import { INK, PAGE, PdfText } from './pdf-text.mjs';

/**
 * @typedef {import('../../core/formats/page/page-content').PageContent} PageContent
 * @typedef {import('../../core/formats/page/page-content').TableContent} TableContent
 * @typedef {import('../../core/formats/page/page-content').BreakpointContent} BreakpointContent
 * @typedef {import('./pdf-text.mjs').Look} Look
 */

const INSIDE = PAGE.width - 2 * PAGE.margin;
const [SOFT, LINE, COLUMN, ROW] = ['#5a5d6b', '#c9c2b2', '#d9c7df', '#d99a3d'];

/**
 * An edition as a PDF for reading and printing, its fonts embedded.
 *
 * @param {PageContent} content
 * @returns {Promise<Buffer>}
 */
export function pagePdf(content) {
  const doc = new PDFDocument({
    size: [PAGE.width, PAGE.height],
    margin: PAGE.margin,
    bufferPages: true,
    info: {
      Title: `${content.name} ${content.version}`,
      Producer: 'Ypsiline',
      Creator: 'Ypsiline',
      CreationDate: new Date(`${content.published}T00:00:00Z`),
    },
    lang: 'en',
  });
  /** @type {Buffer[]} */
  const chunks = [];
  /** @type {Promise<Buffer>} */
  const whole = new Promise((resolve, reject) => {
    doc.on('data', (chunk) => chunks.push(chunk));
    doc.on('end', () => resolve(Buffer.concat(chunks)));
    doc.on('error', reject);
  });
  new PageWriter(doc).write(content);
  doc.end();
  return whole;
}

class PageWriter extends PdfText {
  /** @param {PageContent} content */
  write(content) {
    const { name, version, published, sha256, breakpoints, tables } = content;
    this.text(`${name} ${version}`, { size: 22, isBold: true, width: INSIDE });
    this.text(`Published ${published}. SHA-256 of the specification:`, { size: 9, colour: SOFT, width: INSIDE });
    this.text(sha256, { size: 9, colour: SOFT, width: INSIDE });
    const widest = Math.max(...breakpoints.map(({ width }) => width));
    for (const breakpoint of breakpoints) this.breakpoint(breakpoint, widest);
    for (const table of tables) this.table(table);
    const { count } = this.doc.bufferedPageRange();
    for (let page = 0; page < count; page++) {
      this.doc.switchToPage(page);
      // what is written below the margin would begin a page of its own
      this.doc.page.margins.bottom = 0;
      this.y = PAGE.height - 32;
      this.text(`${name} ${version}, page ${page + 1} of ${count}`, { size: 8, colour: SOFT, width: INSIDE });
    }
  }

  /**
   * @param {BreakpointContent} breakpoint
   * @param {number} widest
   */
  breakpoint({ name, range, width, height, columns, rows, sums, says, notes }, widest) {
    const scale = Math.min(INSIDE / widest, 240 / height);
    this.room(60 + height * scale);
    this.gap(14);
    this.text(name, { size: 14, isBold: true, width: INSIDE });
    this.text(`${range}, drawn at ${width} × ${height}`, { size: 9, colour: SOFT, width: INSIDE });
    this.gap(4);
    const { doc } = this;
    const [left, top] = [PAGE.margin, this.y];
    doc.save();
    doc.rect(left, top, width * scale, height * scale).clip();
    for (const [from, length] of columns)
      doc.rect(left + from * scale, top, length * scale, height * scale).fill(COLUMN);
    doc.fillOpacity(0.25);
    for (const [from, length] of rows) doc.rect(left, top + from * scale, width * scale, length * scale).fill(ROW);
    doc.restore();
    doc
      .lineWidth(0.5)
      .rect(left, top, width * scale, height * scale)
      .stroke(LINE);
    this.y += height * scale + 6;
    for (const sum of sums) this.text(sum, { size: 10, width: INSIDE });
    for (const sentence of says) this.text(`– ${sentence}`, { size: 10, width: INSIDE });
    if (notes !== '') this.text(notes, { size: 10, width: INSIDE });
  }

  /** @param {TableContent} table */
  table({ title, says, head, rows }) {
    const first = 130;
    // a table of many breakpoints is written in parts
    const perPart = Math.max(1, Math.floor((INSIDE - first) / 62));
    for (let start = 0; start < Math.max(1, head.length); start += perPart) {
      const part = head.slice(start, start + perPart);
      const wide = Math.min(110, (INSIDE - first) / Math.max(1, part.length));
      this.room(70);
      this.gap(14);
      this.text(start === 0 ? title : `${title}, continued`, { size: 14, isBold: true, width: INSIDE });
      this.text(says, { size: 9, colour: SOFT, width: INSIDE });
      this.gap(3);
      this.row(['', ...part], first, wide, true);
      for (const { label, cells } of rows)
        this.row([label, ...cells.slice(start, start + perPart)], first, wide, false);
    }
  }

  /**
   * @param {string[]} cells
   * @param {number} first
   * @param {number} wide
   * @param {boolean} isHead
   */
  row(cells, first, wide, isHead) {
    /** @type {(cell: string, index: number) => Look} */
    const look = (_, index) => ({ size: 8.5, isBold: isHead || index === 0, width: (index === 0 ? first : wide) - 6 });
    const tall = Math.max(...cells.map((cell, index) => this.lines(cell, look(cell, index)).length)) * 11 + 5;
    this.room(tall);
    const top = this.y;
    cells.forEach((cell, index) => {
      this.y = top + 2;
      this.text(cell, look(cell, index), PAGE.margin + (index === 0 ? 0 : first + (index - 1) * wide), 11);
    });
    this.y = top + tall;
    this.doc
      .lineWidth(isHead ? 1 : 0.4)
      .moveTo(PAGE.margin, this.y - 1)
      .lineTo(PAGE.margin + first + (cells.length - 1) * wide, this.y - 1)
      .stroke(isHead ? INK : LINE);
  }
}
