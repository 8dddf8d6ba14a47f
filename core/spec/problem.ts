import { shown } from '../length/length';

type Issue = {
  path: PropertyKey[];
  message: string;
  code?: string;
  errors?: Issue[][];
  keys?: string[];
};

/**
 * What is wrong with a value that a Zod schema refused, in one sentence with the place.
 *
 *     problemOf(error, document)   // "breakpoints[2].columns.count: A grid has at least 1 column."
 *
 * @param value what was refused, to tell what is missing from what is wrong
 */
export function problemOf({ issues }: { issues: readonly unknown[] }, value: unknown): string {
  const issue = meant(issues[0] as Issue, value);
  const { path } = issue;
  return `${path.length ? `${pathText(path)}: ` : ''}${sentence(issue, value)}`;
}

/** Of a union's many complaints, the one of the form that was meant. */
function meant(issue: Issue, value: unknown): Issue {
  if (issue.code !== 'invalid_union' || !issue.errors?.length) return issue;
  const forms = issue.errors.map((form) =>
    form.map((inner) => meant({ ...inner, path: [...issue.path, ...inner.path] }, value)),
  );
  const given = valueAt(value, issue.path);
  const keys = typeof given === 'object' && given !== null ? Object.keys(given).length : 0;
  const [nearest] = forms
    .filter((form) => form.length > 0 && !form.some((inner) => isOfOtherKind(inner, issue.path.length)))
    .sort((a, b) => knownKeys(b, keys) - knownKeys(a, keys) || a.length - b.length);
  return nearest?.find(({ code }) => code === 'unrecognized_keys') ?? nearest?.[0] ?? issue;
}

/** Is the value itself, not something in it, of a kind that the form does not take? */
function isOfOtherKind({ code, path }: Issue, depth: number): boolean {
  return path.length === depth && ['invalid_type', 'invalid_value', 'invalid_union'].includes(code ?? '');
}

/** How many of the given keys a form knows. */
function knownKeys(form: Issue[], given: number): number {
  return given - (form.find(({ code }) => code === 'unrecognized_keys')?.keys?.length ?? 0);
}

function sentence({ code, keys = [], message, path }: Issue, value: unknown): string {
  if (code === 'unrecognized_keys')
    return `Unrecognized ${keys.length === 1 ? 'key' : 'keys'}: ${keys.map((key) => `"${shown(key)}"`).join(', ')}`;
  if (path.length > 0 && valueAt(value, path) === undefined) return `The key "${String(path.at(-1))}" is missing.`;
  if (code === 'invalid_union') return 'this value is none of the forms allowed here';
  return message;
}

function valueAt(value: unknown, path: PropertyKey[]): unknown {
  return path.reduce<unknown>(
    (inner, key) =>
      typeof inner === 'object' && inner !== null ? (inner as Record<PropertyKey, unknown>)[key] : undefined,
    value,
  );
}

/** `breakpoints[2].columns.gutter` */
function pathText(path: PropertyKey[]): string {
  return path.reduce<string>((text, key) => {
    if (typeof key === 'number') return `${text}[${key}]`;
    return text ? `${text}.${shown(String(key))}` : shown(String(key));
  }, '');
}
