import canonicalize from 'canonicalize';
import type { Spec } from '../spec/schema';

/** The one text of a document that its SHA-256 is taken of: JSON in the canonical form of RFC 8785. */
export function canonicalJson(spec: Spec): string {
  return canonicalize(spec) as string;
}
