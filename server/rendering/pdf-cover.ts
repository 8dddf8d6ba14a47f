import type { BreakpointContent, PageContent } from '../../core/formats/page/page-content';
import { drawColumns } from './pdf-columns';
import { INSIDE, LINE, PAGE, type PdfText, PLUM, SOFT } from './pdf-text';

const GAP = 18;
const FLOOR = PAGE.height - 96;

/** The first page: name, version, what it brings, and every screen at one scale, standing on one line. */
export function cover(pdf: PdfText, { name, version, note, published, sha256, breakpoints }: PageContent): void {
  const { doc } = pdf;
  doc.rect(0, 0, PAGE.width, 8).fill(PLUM);
  pdf.y = 52;
  pdf.text(name, { size: sizeOf(pdf, name), isBold: true, width: INSIDE });
  pdf.text(version, { size: 26, colour: PLUM, width: INSIDE });
  if (note !== '') pdf.text(note, { size: 13, width: Math.min(INSIDE, 560) });
  screens(pdf, breakpoints, FLOOR - pdf.y - 24);
  pdf.y = PAGE.height - 52;
  doc.page.margins.bottom = 0;
  pdf.text(`Published ${published}. SHA-256 of the specification: ${sha256}`, { size: 8, colour: SOFT, width: INSIDE });
}

/** As large as a name can be in two lines. */
function sizeOf(pdf: PdfText, name: string): number {
  return [44, 34, 26].find((size) => pdf.lines(name, { size, isBold: true, width: INSIDE }).length <= 2) ?? 20;
}

function screens(pdf: PdfText, breakpoints: readonly BreakpointContent[], room: number): void {
  const { doc } = pdf;
  const across = breakpoints.reduce((sum, { width }) => sum + width, 0);
  const tallest = Math.max(...breakpoints.map(({ height }) => height));
  const scale = Math.min((INSIDE - GAP * (breakpoints.length - 1)) / across, Math.max(40, room) / tallest);
  let left = PAGE.margin;
  for (const breakpoint of breakpoints) {
    const { name, width, height } = breakpoint;
    const [wide, high] = [width * scale, height * scale];
    const top = FLOOR - high;
    doc.rect(left, top, wide, high).fill('#ffffff');
    drawColumns(pdf, breakpoint, { left, top, scale, high });
    doc.lineWidth(0.75).rect(left, top, wide, high).stroke(LINE);
    pdf.y = FLOOR + 5;
    const look = { size: 8, width: Math.max(24, wide + GAP - 4) };
    pdf.text(pdf.lines(name, { ...look, isBold: true })[0] ?? '', { ...look, isBold: true }, left, 11);
    pdf.text(`${width} × ${height}`, { ...look, colour: SOFT }, left, 10);
    left += wide + GAP;
  }
}
