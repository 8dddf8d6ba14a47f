import { shown } from '../length/length';
import { inSeries } from '../length/present';

type Issue = {
  path: PropertyKey[];
  message: string;
  code?: string;
  errors?: Issue[][];
  keys?: string[];
  expected?: string;
  values?: unknown[];
  origin?: string;
  maximum?: number | bigint;
  minimum?: number | bigint;
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

function sentence(issue: Issue, value: unknown): string {
  const { code, keys = [], message, path, errors = [] } = issue;
  const given = valueAt(value, path);
  if (code === 'unrecognized_keys')
    return `${keys.slice(0, 5).map(quoted).join(', ')} ${keys.length === 1 ? 'is a key that does' : 'are keys that do'} not belong here.`;
  if (path.length > 0 && given === undefined) return `The key ${quoted(String(path.at(-1)))} is missing.`;
  if (code === 'invalid_union') return `This is ${kindOf(given)}; ${listed(expectations(errors))} belongs here.`;
  // what a schema has a sentence of its own for
  if (!/^(Invalid|Too big|Too small)/.test(message)) return message;
  if (code === 'too_big' || code === 'too_small') return boundSentence(issue);
  return `This is ${kindOf(given)}; ${expectation(issue)} belongs here.`;
}

function boundSentence({ code, origin, maximum, minimum }: Issue): string {
  const [word, bound] = code === 'too_big' ? ['most', maximum] : ['least', minimum];
  const number = Number(bound).toLocaleString('en');
  if (origin === 'array' || origin === 'set') return `This list has at ${word} ${number} entries.`;
  if (origin === 'string') return `This text has at ${word} ${number} characters.`;
  return `The ${word} is ${number}.`;
}

/** What would be right in place of a value, in words. */
function expectation({ code, expected = '', values = [], errors = [] }: Issue): string {
  if (code === 'invalid_value')
    return listed(values.map((value) => (typeof value === 'string' ? quoted(value) : String(value))));
  if (code === 'invalid_union') return listed(expectations(errors));
  return KINDS[expected] ?? 'another kind of value';
}

function expectations(forms: Issue[][]): string[] {
  return [...new Set(forms.flatMap(([first]) => (first ? [expectation(first)] : [])))];
}

const KINDS: Record<string, string> = {
  string: 'text',
  number: 'a number',
  int: 'a whole number',
  boolean: 'true or false',
  object: 'an object with keys',
  record: 'an object with keys',
  array: 'a list',
  tuple: 'a list',
};

/** What a value is, in words. */
function kindOf(value: unknown): string {
  if (value === null) return 'null';
  if (Array.isArray(value)) return 'a list';
  if (typeof value === 'string') return value.length > 24 ? 'text' : quoted(value);
  if (typeof value === 'number' || typeof value === 'boolean') return String(value);
  return 'an object';
}

function quoted(text: string): string {
  return `“${shown(text)}”`;
}

/** `“auto”, a number or text` */
function listed(words: string[]): string {
  return inSeries(words, 'or') || 'another value';
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
