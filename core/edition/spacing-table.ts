import { decimal, numeral } from '../length/present';
import { stepsOf } from '../spacing/scale';
import type { Spec } from '../spec/schema';
import { type ReadTable } from './read-table';
import { lengthValue } from '../quantities/reading';

/** The spacing scale: times the base unit, px, rem. */
export function spacingTable(spec: Spec): ReadTable {
  return {
    head: ['× base', 'px', 'rem'],
    rows: stepsOf(spec).map(({ name, times, px, rem }) => ({
      label: name,
      values: [
        { shown: numeral(times), copy: decimal(times) },
        lengthValue(px),
        { shown: decimal(rem), copy: decimal(rem) },
      ],
    })),
  };
}
