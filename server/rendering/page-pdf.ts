import PDFDocument from 'pdfkit';
import type { BreakpointContent, LayoutContent, PageContent, TableContent } from '../../core/formats/page/page-content';
import { INK, type Look, PAGE, PdfText } from './pdf-text';

const INSIDE = PAGE.width - 2 * PAGE.margin;
const [SOFT, LINE, COLUMN, ROW] = ['#5a5d6b', '#c9c2b2', '#d9c7df', '#d99a3d'];

/** An edition as a PDF for reading and printing, its fonts embedded. */
export function pagePdf(content: PageContent): Promise<Buffer> {
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
  const chunks: Buffer[] = [];
  const whole: Promise<Buffer> = new Promise((resolve, reject) => {
    doc.on('data', (chunk) => chunks.push(chunk));
    doc.on('end', () => resolve(Buffer.concat(chunks)));
    doc.on('error', reject);
  });
  new PageWriter(doc).write(content);
  doc.end();
  return whole;
}

class PageWriter extends PdfText {
  write(content: PageContent) {
    const { name, version, note, published, sha256, breakpoints, tables, layouts, last } = content;
    this.text(`${name} ${version}`, { size: 22, isBold: true, width: INSIDE });
    if (note !== '') this.text(note, { size: 11, width: INSIDE });
    this.text(`Published ${published}. SHA-256 of the specification:`, { size: 9, colour: SOFT, width: INSIDE });
    this.text(sha256, { size: 9, colour: SOFT, width: INSIDE });
    const widest = Math.max(...breakpoints.map(({ width }) => width));
    for (const breakpoint of breakpoints) this.breakpoint(breakpoint, widest);
    for (const table of tables) this.table(table);
    for (const layout of layouts) this.layout(layout);
    for (const table of last) this.table(table);
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
   */
  breakpoint({ name, range, width, height, columns, rows, sums, says, notes }: BreakpointContent, widest: number) {
    const scale = Math.min(INSIDE / widest, 240 / height);
    this.room(60 + height * scale);
    this.gap(14);
    this.text(name, { size: 14, isBold: true, width: INSIDE });
    this.text(`${range}, design size ${width} × ${height}`, { size: 9, colour: SOFT, width: INSIDE });
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
    const look = { size: 10, width: INSIDE };
    this.together(sums.map((sum) => [sum, look]));
    this.together(says.map((sentence) => [`– ${sentence}`, look]));
    if (notes !== '') this.together([[notes, look]]);
  }

  /** Texts that stand on one page where they fit on one. */
  together(texts: [string, Look][]) {
    this.room(texts.reduce((sum, [text, look]) => sum + this.lines(text, look).length * look.size * 1.4, 0));
    for (const [text, look] of texts) this.text(text, look);
  }

  layout({ name, notes, drawings, table }: LayoutContent) {
    const gap = 8;
    const all = drawings.reduce((sum, { width }) => sum + width, 0);
    const tallest = Math.max(...drawings.map(({ height }) => height));
    const scale = Math.min(0.4, (INSIDE - gap * (drawings.length - 1)) / all, 420 / tallest);
    this.room(90 + tallest * scale);
    this.gap(14);
    this.text(name, { size: 14, isBold: true, width: INSIDE });
    this.text('Trial layout, all at one scale', { size: 9, colour: SOFT, width: INSIDE });
    if (notes !== '') this.text(notes, { size: 10, width: INSIDE });
    this.gap(4);
    const top = this.y;
    let left = PAGE.margin;
    for (const drawing of drawings) {
      this.drawing(drawing, left, top, scale);
      this.y = top + tallest * scale + 3;
      this.text(drawing.name, { size: 8, colour: SOFT, width: Math.max(30, drawing.width * scale) }, left, 11);
      left += drawing.width * scale + gap;
    }
    this.y = top + tallest * scale + 18;
    this.table(table);
  }

  /**
   */
  drawing(
    { width, height, columns, blocks }: LayoutContent['drawings'][number],
    left: number,
    top: number,
    scale: number,
  ) {
    const { doc } = this;
    doc.save();
    doc.rect(left, top, width * scale, height * scale).clip();
    for (const [from, length] of columns)
      doc.rect(left + from * scale, top, length * scale, height * scale).fill(COLUMN);
    for (const { name, x, y, width: wide, height: high, isCard } of blocks) {
      const [at, down] = [left + x * scale, top + y * scale];
      doc
        .lineWidth(0.4)
        .rect(at, down, wide * scale, high * scale)
        .stroke(SOFT);
      const look = { size: 5, width: wide * scale - 3 };
      if (isCard || high * scale < 7 || look.width < 12) continue;
      this.y = down + 1;
      this.text(this.lines(name, look)[0] ?? '', look, at + 2, 6);
    }
    doc.restore();
    doc
      .lineWidth(0.5)
      .rect(left, top, width * scale, height * scale)
      .stroke(LINE);
  }

  table({ title, says, head, rows }: TableContent) {
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
   */
  row(cells: string[], first: number, wide: number, isHead: boolean) {
    const look: (cell: string, index: number) => Look = (_, index): Look => ({
      size: 8.5,
      isBold: isHead || index === 0,
      width: (index === 0 ? first : wide) - 6,
    });
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
