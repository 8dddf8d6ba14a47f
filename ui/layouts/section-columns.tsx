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
  height: number;
  scale: number;
};

/** The columns of a page on which some sections stand on a grid of their own: each section's, from its top to the next one's. */
export function SectionColumns({ spec, layout, sections, breakpoint, viewport, height, scale }: Props) {
  return sections.map(({ id, top }, index) => {
    const section = layout.sections.find((each) => each.id === id);
    const own = section ? specOfSection(spec, section) : spec;
    const from = index === 0 ? 0 : top.valueOf();
    const to = sections[index + 1]?.top.valueOf() ?? height;
    return (
      <g key={id} transform={`translate(0 ${from})`}>
        <ColumnOverlay
          solved={columnsAt(own, breakpointIn(own, breakpoint.id), viewport)}
          height={Math.max(0, to - from)}
          scale={scale}
          ink={inkOf(spec, 'columns')}
          isOutlined={isOutlined(spec)}
        />
      </g>
    );
  });
}
