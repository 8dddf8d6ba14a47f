import { columnsAt } from '../../core/columns/columns-at';
import { breakpointIn, specOfSection } from '../../core/layouts/section-grid';
import type { SolvedSection } from '../../core/layouts/solve-layout';
import { inkOf, isOutlined } from '../../core/overlay/inks';
import type { Breakpoint, Layout, Spec } from '../../core/spec/schema';
import { ColumnOverlay } from '../drawing/overlays';

type Props = {
  spec: Spec;
  layout: Layout;
  sections: readonly SolvedSection[];
  breakpoint: Breakpoint;
  viewport: number;
  scale: number;
};

/** The columns of sections that stand on a grid of their own, in place of the page's. */
export function SectionColumns({ spec, layout, sections, breakpoint, viewport, scale }: Props) {
  return sections.map(({ id, top, height }) => {
    const section = layout.sections.find((each) => each.id === id);
    const own = section && specOfSection(spec, section);
    if (!own || own === spec) return null;
    const tall = height.valueOf();
    return (
      <g key={id} transform={`translate(0 ${top.valueOf()})`}>
        <rect width={viewport} height={tall} fill="var(--paper)" />
        <ColumnOverlay
          solved={columnsAt(own, breakpointIn(own, breakpoint.id), viewport)}
          height={tall}
          scale={scale}
          ink={inkOf(spec, 'columns')}
          isOutlined={isOutlined(spec)}
        />
      </g>
    );
  });
}
