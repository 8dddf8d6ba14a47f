import { addressText } from '../edits/edit';
import type { Finding } from './rule';

/** What a finding is, among the others of a document: its rule, its place, its numbers. */
export function findingKey({ rule, breakpoint, subject, values }: Finding): string {
  return [rule, breakpoint, ...subject.slice(0, 1).map(addressText), ...Object.values(values)].join(' ');
}
