import { judge, type JudgedFinding } from '../../core/checks/run';
import type { Spec } from '../../core/spec/schema';

const known = new WeakMap<Spec, JudgedFinding[]>();

/** The findings of a document, worked out once for all parts of a view that show them. Documents of a draft never change. */
export function findingsOfDraft(document: Spec): JudgedFinding[] {
  const found = known.get(document) ?? judge(document);
  known.set(document, found);
  return found;
}
