import { judge } from '../checks/run';
import { solveLayout } from '../layouts/solve-layout';
import { exactText } from '../length/px';
import type { Layout, Spec } from '../spec/schema';
import { findingReport } from './check-report';

/** A trial layout at a viewport, as `ypsiline layout --json` answers it: lengths exact. */
export function layoutReport(spec: Spec, layout: Layout, width: number, height?: number) {
  const { breakpoint, height: tall, sections, blocks, space } = solveLayout(spec, layout, width, height);
  const findings = judge(spec).filter(
    ({ breakpoint: id, subject }) =>
      (id === null || id === breakpoint.id) && subject.some(([room, own]) => room === 'layouts' && own === layout.id),
  );
  return {
    breakpoint: breakpoint.id,
    height: exactText(tall),
    sections: sections.map((section) => ({
      id: section.id,
      top: exactText(section.top),
      height: exactText(section.height),
    })),
    blocks: blocks.map(({ id, section, placed, rows, x, y, width: wide, height: high }) => ({
      id,
      section,
      columns: placed.columns,
      rows,
      x: exactText(x),
      y: exactText(y),
      width: exactText(wide),
      height: exactText(high),
      given: placed.given,
    })),
    space: space.map(({ kind, section, after, rows, px }) => ({ kind, section, after, rows, px: exactText(px) })),
    findings: findings.map(findingReport),
  };
}
