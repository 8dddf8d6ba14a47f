/** Do two JSON values say the same, in whatever order their keys stand? Undefined is what is not there. */
export function sameJson(a: unknown, b: unknown): boolean {
  if (a === b) return true;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
  if (Array.isArray(a) || Array.isArray(b))
    return (
      Array.isArray(a) && Array.isArray(b) && a.length === b.length && a.every((each, at) => sameJson(each, b[at]))
    );
  const [keys, others] = [keysOf(a), keysOf(b)];
  return (
    keys.length === others.length && keys.every((key) => Object.hasOwn(b, key) && sameJson(at(a, key), at(b, key)))
  );
}

function keysOf(value: object): string[] {
  return Object.keys(value).filter((key) => at(value, key) !== undefined);
}

function at(value: object, key: string): unknown {
  return (value as Record<string, unknown>)[key];
}
