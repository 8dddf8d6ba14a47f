import type { Finding } from './rule';

/** What a finding is, among the others of a document: its rule, its place, its numbers. */
export function findingKey({ rule, breakpoint, cell, values }: Finding): string {
  return [rule, breakpoint, cell, ...Object.values(values)].join(' ');
}
