/** A point of a line over viewport widths. */
export type Corner = { width: number; value: number };

const NEARLY = 1e-6;

/**
 * The fewest points that draw a line of evenly changing pieces as it is: where it starts, bends, jumps and ends. A line
 * of steps (rounded columns) has a corner at almost every width and is thinned to the least and the greatest of each stretch.
 *
 *     corners(320, column of a phone grid)   // two points, whatever the range
 */
export function corners(from: number, values: Float64Array, most = 400): Corner[] {
  const at = (index: number): Corner => ({ width: from + index, value: values[index]! });
  const last = values.length - 1;
  const bends: Corner[] = [];
  for (let index = 0; index <= last; index++) {
    const isEnd = index === 0 || index === last;
    if (isEnd || Math.abs(values[index + 1]! - 2 * values[index]! + values[index - 1]!) > NEARLY) bends.push(at(index));
  }
  return bends.length <= most ? bends : thinned(values, at, most);
}

function thinned(values: Float64Array, at: (index: number) => Corner, most: number): Corner[] {
  const stretch = Math.ceil((values.length * 2) / most);
  const kept: Corner[] = [];
  for (let start = 0; start < values.length; start += stretch) {
    let [least, greatest] = [start, start];
    for (let index = start; index < Math.min(values.length, start + stretch); index++) {
      if (values[index]! < values[least]!) least = index;
      if (values[index]! > values[greatest]!) greatest = index;
    }
    const ends = least < greatest ? [least, greatest] : [greatest, least];
    kept.push(...(least === greatest ? [least] : ends).map(at));
  }
  return kept;
}
