type Grid = {
  width: number;
  margin: number;
  marginEnd?: number;
  count: number;
  column: number;
  gutter: number;
  inset: number;
};

const HEIGHT = 16;

/** A grid as a strip: margins, columns, at a scale that a list shares. */
export function GridStrip({
  grid: { width, margin, marginEnd = margin, count, column, gutter, inset },
  scale,
}: {
  grid: Grid;
  scale: number;
}) {
  const first = margin + inset;
  return (
    <svg
      width={width * scale}
      height={HEIGHT}
      viewBox={`0 0 ${width} ${HEIGHT}`}
      preserveAspectRatio="none"
      aria-hidden="true"
    >
      <rect width={width} height={HEIGHT} fill="var(--margin-fill)" opacity={0.6} />
      <rect x={margin} width={Math.max(0, width - margin - marginEnd)} height={HEIGHT} fill="var(--plum-wash)" />
      {Array.from({ length: count }, (_, index) => (
        <rect
          key={index}
          x={first + index * (column + gutter)}
          width={Math.max(0, column)}
          height={HEIGHT}
          fill="var(--plum-tint)"
        />
      ))}
    </svg>
  );
}
