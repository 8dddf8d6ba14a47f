import type { Parsed } from '../parsed';
import { parseJson } from '../text/json-text';
import type { Unread } from '../site/rules';

/** A token where it stands; references are followed. */
export type Token = { path: string[]; group: string; type: string | null; value: unknown };

const LARGEST = 5_000_000;
const DEEPEST = 40;
const MOST = 20_000;

type Json = { [name: string]: unknown };

/**
 * The tokens of a file, each with its path and, where its group says it, its type (Design Tokens Format Module, sections on groups, types and aliases). Files in which values stand
 * under `value` in place of `$value` are read as well.
 */
export function flatTokens(text: string): Parsed<{ tokens: Token[]; unread: Unread[] }> {
  if (text.length > LARGEST)
    return { problem: `These tokens have ${text.length} characters; at most ${LARGEST} are read.` };
  const { value: root, problem } = parseJson(text);
  if (problem !== undefined) return { problem };
  if (!isGroup(root))
    return { problem: 'Design tokens are a JSON object of groups, such as { "space": { "1": { "$value": "8px" } } }.' };
  const found: Token[] = [];
  const tooDeep = collect(root, [], null, found);
  if (tooDeep) return { problem: tooDeep };
  const unread: Unread[] = [];
  const byPath = new Map(found.map((token) => [token.path.join('.'), token]));
  const tokens = found.flatMap((token) => {
    const end = followed(token, byPath);
    if (typeof end !== 'string')
      return [{ ...token, value: end.value, type: token.type ?? end.type ?? typeOf(end.value) }];
    unread.push({ what: token.path.join('.'), why: end });
    return [];
  });
  if (tokens.length === 0 && unread.length === 0)
    return { problem: 'There is no token in this file; a token has a “$value”.' };
  return { value: { tokens, unread } };
}

function isGroup(value: unknown): value is Json {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

function collect(group: Json, path: string[], type: string | null, found: Token[]): string | null {
  if (path.length > DEEPEST) return `Groups are nested more than ${DEEPEST} deep; tokens need far fewer.`;
  const own = typeof group['$type'] === 'string' ? group['$type'] : type;
  for (const [name, inner] of Object.entries(group)) {
    if (name.startsWith('$') || !isGroup(inner)) continue;
    const value =
      '$value' in inner ? inner['$value'] : 'value' in inner && !isGroup(inner['value']) ? inner['value'] : undefined;
    if (value !== undefined) {
      if (found.length >= MOST) return `There are more than ${MOST} tokens; that’s the maximum.`;
      const said = inner['$type'] ?? inner['type'];
      found.push({ path: [...path, name], group: path.join('.'), type: typeof said === 'string' ? said : own, value });
      continue;
    }
    const problem = collect(inner, [...path, name], own, found);
    if (problem) return problem;
  }
  return null;
}

/** The token that a reference leads to at last; why not, where it leads nowhere or in a circle. */
function followed(token: Token, byPath: ReadonlyMap<string, Token>): Token | string {
  const passed = new Set<string>();
  let at = token;
  for (;;) {
    const [, reference] = /^\{([^{}]+)\}$/.exec(typeof at.value === 'string' ? at.value.trim() : '') ?? [];
    if (reference === undefined) return at;
    if (passed.has(reference)) return `The reference {${reference}} refers to itself.`;
    passed.add(reference);
    const next = byPath.get(reference);
    if (!next) return `The reference {${reference}} points to no token.`;
    at = next;
  }
}

function typeOf(value: unknown): string | null {
  return typeof value === 'number' || /^\d+$/.test(String(value)) ? 'number' : null;
}
