import { newBreakpoint, newSpec, fluidColumns } from '../../core/document/defaults';
import type { Spec } from '../../core/spec/schema';
import { pixels, sassValues } from './sass-values';

/** Bootstrap's grid as its own settings say it (package bootstrap 5, scss/_variables.scss). */
export const bootstrap = readSettings();

function readSettings() {
  const values = sassValues("@import 'bootstrap/scss/functions';\n@import 'bootstrap/scss/variables';", {
    ranges: 'map.keys($grid-breakpoints)',
    starts: 'map.values($grid-breakpoints)',
    containers: 'map.values($container-max-widths)',
    columns: '$grid-columns',
    gutter: '$grid-gutter-width',
  });
  const list = (name: string): string[] => values[name]!.split(/,\s*/);
  return {
    ids: list('ranges'),
    starts: list('starts').map((start) => (start === '0' ? 0 : pixels(start))),
    containers: list('containers').map(pixels),
    columns: Number(values.columns),
    gutter: values.gutter!,
  };
}

/** The same as a spec: a fixed container for each range but the first, half a gutter outside. */
export function bootstrapSpec(): Spec {
  const { ids, starts, containers, columns, gutter } = bootstrap;
  const breakpoints = ids.map((id, index) => {
    const container = containers[index - 1];
    const size = { id, name: id, from: starts[index]!, width: Math.max(starts[index]!, 375), height: 900 };
    const base = { ...fluidColumns(columns, gutter, '0px'), outer: 'half' as const };
    return newBreakpoint(
      size,
      container === undefined ? base : { ...base, margin: 'auto', container: `${container}px` },
    );
  });
  return newSpec('Bootstrap', breakpoints);
}
