import type { Address, Edit } from '../edits/edit';
import { editsWithin } from '../edits/edits-between';
import type { Spec } from '../spec/schema';
import { addStep, removeStep } from './write-steps';

/** Where a step of the spacing scale stands in the document. */
export function stepAddress(name: string): Address {
  return ['spacing', 'steps', name];
}

/** The edits that add a step of so many base units; none where the scale is full. */
export function addedStep(spec: Spec, times: string): Edit[] {
  return stepEdits(spec, addStep(spec, times).value ?? spec);
}

/** The edits that remove a step. */
export function removedStep(spec: Spec, index: number): Edit[] {
  return stepEdits(spec, removeStep(spec, index));
}

function stepEdits(before: Spec, after: Spec): Edit[] {
  return editsWithin(['spacing', 'steps'], before.spacing.steps, after.spacing.steps);
}
