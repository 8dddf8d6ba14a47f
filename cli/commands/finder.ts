import { wholePairs } from '../../core/finder/whole-pairs';
import { MOST_COLUMNS } from '../../core/columns/solve';
import { type Command, readArguments, Unusable, wholeNumber } from '../command';

const usage = 'finder --container N --count N [--outer none|half] [--base N] [--max-gutter N] [--json]';
const options = {
  container: { type: 'string' },
  count: { type: 'string' },
  outer: { type: 'string' },
  base: { type: 'string' },
  'max-gutter': { type: 'string' },
} as const;

/** Every pair of column and gutter that is whole in a container. */
export const finderCommand: Command = {
  usage,
  says: 'Lists whole-pixel grids: every pair of column and gutter that fills a container.\n\n  --container N   width in px\n  --count N       columns\n  --outer half    half a gutter outside the first and the last column\n  --base N        only gutters that are multiples of it\n  --max-gutter N  no wider gutters',
  run(args) {
    const { values } = readArguments(args, usage, options, 0);
    const container = wholeNumber(values, 'container');
    const count = wholeNumber(values, 'count', { most: MOST_COLUMNS });
    if (container === undefined || count === undefined)
      throw new Unusable(`--${container === undefined ? 'container' : 'count'} is missing. Use ${usage}`);
    const outer = values.outer ?? 'none';
    if (outer !== 'none' && outer !== 'half') throw new Unusable(`--outer is “${outer}”. Use none or half`);
    const pairs = wholePairs({
      container,
      count,
      outer,
      base: wholeNumber(values, 'base'),
      maxGutter: wholeNumber(values, 'max-gutter', { least: 0 }),
    });
    if (values.json) return { text: JSON.stringify(pairs), status: 0 };
    const lines = pairs.map(
      ({ column, gutter }) => `column ${String(column).padStart(6)}   gutter ${String(gutter).padStart(4)}`,
    );
    return {
      text:
        lines.length > 0
          ? lines.join('\n')
          : `No whole pair of column and gutter fills ${container} with ${count} columns under these conditions.`,
      status: 0,
    };
  },
};
