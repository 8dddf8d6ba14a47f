import { checkReport } from '../../report/check-report';
import type { Spec } from '../../spec/schema';

/** Which edition the values are of. */
type Origin = { version: string; sha256: string };

/**
 * What follows from a document at each breakpoint's reference size, as JSON: exact numbers as text in lowest terms. The
 * document itself holds what was given.
 */
export function valuesJson(spec: Spec, { version, sha256 }: Origin): string {
  const { breakpoints, spacing } = checkReport(spec);
  return `${JSON.stringify({ name: spec.name, version, sha256, breakpoints, spacing }, null, 2)}\n`;
}
