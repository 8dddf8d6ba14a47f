/**
 * A function of two values that never change, such as a document and one of its breakpoints, which works each pair out once; what is forgotten elsewhere is
 * forgotten here.
 */
export function oncePer<A extends object, B extends object, Value>(work: (a: A, b: B) => Value): (a: A, b: B) => Value {
  const known = new WeakMap<A, WeakMap<B, { value: Value }>>();
  return (a, b) => {
    const own = known.get(a) ?? new WeakMap<B, { value: Value }>();
    known.set(a, own);
    const before = own.get(b);
    if (before) return before.value;
    const value = work(a, b);
    own.set(b, { value });
    return value;
  };
}
