import type { Stretch } from '../../core/formats/page/page-content';
import { COLUMN, type PdfText } from './pdf-text';

/** Where columns are drawn, in points: from a corner, at a scale, so high. */
type Place = { left: number; top: number; scale: number; high: number };

/** The columns of a drawing, filled or as outlines. */
export function drawColumns(
  { doc }: Pick<PdfText, 'doc'>,
  { columns, isOutlined }: { columns: readonly Stretch[]; isOutlined: boolean },
  { left, top, scale, high }: Place,
): void {
  for (const [from, length] of columns) {
    const [x, wide] = [left + from * scale, length * scale];
    if (isOutlined)
      doc
        .lineWidth(0.75)
        .rect(x + 0.375, top + 0.375, Math.max(0, wide - 0.75), high - 0.75)
        .stroke(COLUMN);
    else doc.rect(x, top, wide, high).fill(COLUMN);
  }
}
