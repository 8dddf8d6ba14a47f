type Issue = { path: PropertyKey[]; message: string; errors?: Issue[][]; code?: string };

/**
 * What is wrong with a value that a Zod schema refused, in one sentence with the place.
 *
 *     problemOf(error)   // "breakpoints[2].columns.count: A grid has at least 1 column."
 */
export function problemOf({ issues }: { issues: readonly unknown[] }): string {
  const { path, message } = deepest(issues[0] as Issue);
  return `${path.length ? `${pathText(path)}: ` : ''}${message}`;
}

/** Of a union's many complaints, the one that got furthest says what was meant. */
function deepest(issue: Issue): Issue {
  if (issue.code !== 'invalid_union' || !issue.errors?.length) return issue;
  const candidates = issue.errors.flat().map((inner) => deepest({ ...inner, path: [...issue.path, ...inner.path] }));
  const custom = candidates.find(({ code }) => code === 'custom');
  const whole = { ...issue, message: 'this value is none of the forms allowed here' };
  return custom ?? candidates.reduce((best, next) => (next.path.length > best.path.length ? next : best), whole);
}

/** `breakpoints[2].columns.gutter` */
function pathText(path: PropertyKey[]): string {
  return path.reduce<string>((text, key) => {
    if (typeof key === 'number') return `${text}[${key}]`;
    return text ? `${text}.${String(key)}` : String(key);
  }, '');
}
