/** A function of a number or a text that works each of its values out once. */
export function memoized<Key extends number | string, Value>(work: (key: Key) => Value): (key: Key) => Value {
  const known = new Map<Key, Value>();
  return (key) => {
    const before = known.get(key);
    if (before !== undefined) return before;
    const value = work(key);
    known.set(key, value);
    return value;
  };
}
