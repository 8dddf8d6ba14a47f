import type { BreakpointChange, Change, StyleChange } from '../checks/rule';
import { addStep, removeStep } from '../spacing/write-steps';
import { byWidth } from '../spec/ranges';
import type { Spec } from '../spec/schema';
import { withSetting } from '../type/write-style';
import { withBreakpoint } from './breakpoints';

/** The spec after the edits of a mend. */
export function applyChanges(spec: Spec, changes: Change[]): Spec {
  return changes.reduce((changed, change) => {
    if ('order' in change) return { ...changed, breakpoints: byWidth(changed.breakpoints) };
    if ('addStep' in change) return addStep(changed, change.addStep).value ?? changed;
    if ('removeStep' in change) {
      const index = changed.spacing.steps.findLastIndex(({ name }) => name === change.removeStep);
      return index < 0 ? changed : removeStep(changed, index);
    }
    return 'style' in change ? changeStyle(changed, change) : changeBreakpoint(changed, change);
  }, spec);
}

function changeBreakpoint(spec: Spec, { breakpoint: id, columns, ...others }: BreakpointChange): Spec {
  const breakpoint = spec.breakpoints.find((candidate) => candidate.id === id);
  if (!breakpoint) return spec;
  return withBreakpoint(spec, { ...breakpoint, ...others, columns: { ...breakpoint.columns, ...columns } });
}

function changeStyle(spec: Spec, { style: name, breakpoint: id, leading }: StyleChange): Spec {
  const breakpoint = spec.breakpoints.find((candidate) => candidate.id === id);
  if (!breakpoint) return spec;
  return withSetting(spec, name, breakpoint, { leading });
}
