import type { Breakpoint, Columns, Spec } from '../spec/schema';
import type { Edit } from './edit';
import { editsWithin } from './edits-between';

/** The edits that change something of a breakpoint. */
export function breakpointEdits(breakpoint: Breakpoint, some: Partial<Breakpoint>): Edit[] {
  return editsWithin(['breakpoints', breakpoint.id], breakpoint, { ...breakpoint, ...some });
}

/** The edits that change something of a breakpoint's columns. */
export function columnEdits(breakpoint: Breakpoint, some: Partial<Columns>): Edit[] {
  return breakpointEdits(breakpoint, { columns: { ...breakpoint.columns, ...some } });
}

/** The edits that put the breakpoints of a spec into another order. */
export function orderEdits({ breakpoints }: Spec, order: readonly Breakpoint[]): Edit[] {
  return editsWithin(['breakpoints'], breakpoints, order);
}
