import { shippedFont } from '../type/shipped-fonts';
import { newBreakpoint, newSpec } from './defaults';
import { LIMITS } from './limits';
import type { Spec } from './schema';

/** A document with as much of everything as may stand in one, for tests of time. */
export function largestSpec(): Spec {
  const ids = Array.from({ length: LIMITS.breakpoints }, (_, index) => `range-${index}`);
  const breakpoints = ids.map((id, index) => ({
    ...newBreakpoint(
      { id, name: `Range ${index}`, from: index * 100, width: index * 100 + 51, height: LIMITS.screen.most },
      {
        count: LIMITS.columns - (index % 3),
        gutter: `${((index % 9) + 1) / 7}`.slice(0, 6) + 'px',
        margin: { between: ['16.123px', '48.777px'] as [string, string], over: [600, 1440] as [number, number] },
        container: 'fill' as const,
        column: 'auto' as const,
        outer: index % 2 ? ('half' as const) : ('none' as const),
        align: 'centre' as const,
        whole: 'no' as const,
      },
    ),
    rows: { rule: 'repeat' as const, height: '2px', gap: '0.123457px', offset: '0px' },
    baseline: { step: '0.251111px', offset: '0px' },
    notes: 'n'.repeat(500),
  }));
  const setting = (index: number) => ({
    size: { between: ['15.123px', '19.456px'] as [string, string], over: [320, 1439 + index] as [number, number] },
    leading: { times: '1.512345' },
    span: (index % LIMITS.columns) + 1,
  });
  return {
    ...newSpec('Largest', breakpoints),
    rootFontSize: 16.123,
    spacing: {
      base: '7.654321px',
      halfSteps: true,
      steps: Array.from({ length: LIMITS.steps }, (_, index) => ({ name: `space-${index}`, times: `${index + 1}/7` })),
    },
    type: Array.from({ length: LIMITS.textStyles }, (_, index) => ({
      name: `style-${index}`,
      role: (['body', 'heading', 'label'] as const)[index % 3]!,
      font: shippedFont('vollkorn'),
      stands: (['line-box', 'caps', 'x-height'] as const)[index % 3]!,
      at: Object.fromEntries(ids.map((id, place) => [id, setting(index + place)])),
    })),
    waivers: Array.from({ length: LIMITS.waivers }, (_, index) => ({
      rule: 'line-length',
      breakpoint: ids[index % ids.length]!,
      values: { style: `style-${index % 60}`, line: String(index) },
      reason: 'r'.repeat(100),
      by: 'Rin Sol',
    })),
  };
}
