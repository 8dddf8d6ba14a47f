import type { Difference } from '../../core/diff/differences';
import type { Effect } from '../../core/diff/effects';
import type { Bump } from '../../core/quantities/quantity';
import type { Spec } from '../../core/spec/schema';

/** Two states of a spec, or of two, and everything that differs. */
export type ComparedStates = {
  before: { name: string; document: Spec };
  after: { name: string; document: Spec };
  differences: Difference[];
  effects: Effect[];
  /** The version that is proposed, where an edition is compared with what came after it. */
  step: { version: string; bump: Bump | null; because: string } | null;
};
