import { readSpec } from '../../core/document/read';
import type { Spec } from '../../core/spec/schema';

/** A stored document that this version cannot read. It is kept as it is, and shown as such. */
export class UnreadableDocument extends Error {
  constructor(
    readonly problem: string,
    readonly document: unknown,
  ) {
    super(`a stored document cannot be read: ${problem}`);
  }
}

/**
 * A document as it was stored, brought up to date.
 *
 * @throws UnreadableDocument
 */
export function storedSpec(document: unknown): Spec {
  const parsed = readSpec(document);
  if (!parsed.value) throw new UnreadableDocument(parsed.problem!, document);
  return parsed.value;
}
