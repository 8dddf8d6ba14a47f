import type { Quantity } from '../quantity';
import { said } from '../reading';

/** A quantity that is compared and named, but typed elsewhere than in a cell. */
export function compared<Subject>(
  name: string,
  at: readonly string[],
  says: (subject: Subject) => string,
  weighs: Quantity<Subject>['weighs'] = 'minor',
): Quantity<Subject> {
  return {
    id: at.join('.'),
    label: name,
    name,
    kind: 'words',
    address: () => at,
    read: (_, subject) => said(says(subject)),
    write: () => ({ problem: `${name} can be changed in its own view.` }),
    weighs,
  };
}
