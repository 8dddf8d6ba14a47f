import type { Weight } from '../../../core/checks/rule';
import { addressText } from '../../../core/edits/edit';
import type { Spec } from '../../../core/spec/schema';
import { findingsOfDraft } from '../findings-of-draft';

const known = new WeakMap<Spec, ReadonlyMap<string, Weight>>();

/** The heaviest open finding of each address of a document, by the address's text. */
export function flagsOf(document: Spec): ReadonlyMap<string, Weight> {
  const open = known.get(document);
  if (open) return open;
  // findings come with the heaviest first, which is written last
  const entries = findingsOfDraft(document)
    .filter(({ waiver }) => !waiver)
    .toReversed()
    .flatMap(({ subject, weight }) => subject.map((at) => [addressText(at), weight] as const));
  const flags = new Map(entries);
  known.set(document, flags);
  return flags;
}
