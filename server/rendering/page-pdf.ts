import PDFDocument from 'pdfkit';
import type { LayoutContent, PageContent, TableContent } from '../../core/formats/page/page-content';
import { breakpointSheet } from './pdf-breakpoint';
import { cover } from './pdf-cover';
import { specimens } from './pdf-specimens';
import { drawColumns } from './pdf-columns';
import { drawMarks } from './pdf-marks';
import { INK, INSIDE, LINE, type Look, PAGE, PdfText, SOFT } from './pdf-text';

/** An edition as a PDF for reading and for the wall: a cover, a page a breakpoint, type, tables, layouts. Its fonts are embedded. */
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
    const { name, version, breakpoints, tables, layouts, last } = content;
    cover(this, content);
    for (const breakpoint of breakpoints) breakpointSheet(this, breakpoint);
    specimens(this, content.specimens);
    this.newPage();
    for (const table of tables) this.table(table);
    for (const layout of layouts) this.layout(layout);
    for (const table of last) this.table(table);
    const { count } = this.doc.bufferedPageRange();
    for (let page = 1; page < count; page++) {
      this.doc.switchToPage(page);
      // what is written below the margin would begin a page of its own
      this.doc.page.margins.bottom = 0;
      this.y = PAGE.height - 30;
      this.text(`${name} ${version}, page ${page + 1} of ${count}`, { size: 8, colour: SOFT, width: INSIDE });
    }
  }

  layout({ name, notes, drawings, table }: LayoutContent) {
    const gap = 8;
    const all = drawings.reduce((sum, { width }) => sum + width, 0);
    const tallest = Math.max(...drawings.map(({ height }) => height));
    const scale = Math.min(0.4, (INSIDE - gap * (drawings.length - 1)) / all, 330 / tallest);
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

  drawing(
    { width, height, columns, isOutlined, marks, blocks }: LayoutContent['drawings'][number],
    left: number,
    top: number,
    scale: number,
  ) {
    const { doc } = this;
    doc.save();
    doc.rect(left, top, width * scale, height * scale).clip();
    drawMarks(this, marks, left, top, scale);
    doc.fillOpacity(0.3);
    doc.strokeOpacity(0.3);
    drawColumns(this, { columns, isOutlined }, { left, top, scale, high: height * scale });
    doc.fillOpacity(1);
    for (const { x, y, width: wide, height: high } of blocks)
      doc
        .lineWidth(0.2)
        .rect(left + x * scale, top + y * scale, wide * scale, high * scale)
        .stroke(SOFT);
    doc.strokeOpacity(1);
    doc.restore();
    doc
      .lineWidth(0.5)
      .rect(left, top, width * scale, height * scale)
      .stroke(LINE);
  }

  table({ title, says, head, rows }: TableContent) {
    const first = 150;
    // a table of many breakpoints is written in parts
    const perPart = Math.max(1, Math.floor((INSIDE - first) / 74));
    for (let start = 0; start < Math.max(1, head.length); start += perPart) {
      const part = head.slice(start, start + perPart);
      const wide = Math.min(130, (INSIDE - first) / Math.max(1, part.length));
      const cellsOf = (cells: readonly string[]) => cells.slice(start, start + perPart);
      const columns: Columns = {
        first,
        wide,
        head: ['', ...part],
        atEnd: areFigures(rows.flatMap(({ cells }) => cells)),
      };
      this.room(84);
      this.gap(18);
      this.text(start === 0 ? title : `${title}, continued`, { size: 14, isBold: true, width: INSIDE });
      this.text(says, { size: 9, colour: SOFT, width: INSIDE });
      this.gap(3);
      this.row(columns.head, columns, true);
      for (const { label, cells } of rows) this.row([label, ...cellsOf(cells)], columns, false);
    }
  }

  /** A row, with its lines; figures end at the end of their column. On a new page the head stands again. */
  row(cells: string[], columns: Columns, isHead: boolean) {
    const { first, wide, atEnd } = columns;
    const looks = cells.map((_, index): Look => ({
      size: 8.5,
      isBold: isHead || index === 0,
      width: (index === 0 ? first : wide) - 10,
    }));
    const lines = cells.map((cell, index) => this.lines(cell, looks[index]!));
    const tall = Math.max(...lines.map(({ length }) => length)) * 11 + 6;
    const page = this.doc.page;
    this.room(tall);
    if (!isHead && this.doc.page !== page) this.row(columns.head, columns, true);
    const top = this.y;
    lines.forEach((own, index) => {
      const left = PAGE.margin + (index === 0 ? 0 : first + (index - 1) * wide);
      own.forEach((line, below) => {
        this.y = top + 3 + below * 11;
        const look = looks[index]!;
        const before = index > 0 && atEnd ? look.width - this.wide(line, look) : 0;
        const under = below > 0 && index > 0 ? { ...look, colour: SOFT } : look;
        this.text(line, { ...under, width: Infinity }, left + Math.max(0, before), 11);
      });
    });
    this.y = top + tall;
    this.doc
      .lineWidth(isHead ? 1 : 0.4)
      .moveTo(PAGE.margin, this.y - 1)
      .lineTo(PAGE.margin + first + (cells.length - 1) * wide - 10, this.y - 1)
      .stroke(isHead ? INK : LINE);
  }
}

/** How wide the columns of a table are, what stands over them, and whether their cells end at the end. */
type Columns = { first: number; wide: number; head: string[]; atEnd: boolean };

/** Whether most of what stands in a table are numbers, and not sentences. */
function areFigures(cells: readonly string[]): boolean {
  const there = cells.filter((cell) => cell !== '');
  return there.filter((cell) => /^[–−-]?[\d.¼-¾⅐-⅞]/.test(cell)).length * 2 > there.length;
}
