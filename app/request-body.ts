import type { z } from 'zod';
import { LIMITS } from '../core/limits';
import { problemOf } from '../core/document/problem';
import { isPlainText } from '../core/spec/text-schema';
import { refuse } from './answers';

/** So many bytes a body has at most: one with a document in it, in the fullest of characters, or a form. */
export const REQUEST_BYTES = {
  document: LIMITS.documentCharacters * 1.5,
  /** Texts of some thousand characters, each of up to four bytes. */
  texts: 65_536,
  form: 8_192,
  /** An e-mail and a password. */
  credentials: 4_096,
};

/** JSON may be nested so deep before it is read any further. */
const DEEPEST = 64;

/** Reads a JSON body of at most so many bytes, checked; or the answer that refuses it. */
export async function readBody<T>(
  request: Request,
  schema: z.ZodType<T>,
  most: number,
): Promise<{ body: T } | { refusal: Response }> {
  const { bytes, length } = await readBytes(request, most);
  if (!bytes) {
    const problem = `This is too large (${length.toLocaleString('en')} bytes or more); the maximum is ${most.toLocaleString('en')}.`;
    return { refusal: refuse(413, problem, {}, { Connection: 'close' }) };
  }
  const text = bytes.toString('utf8');
  if (nesting(text) > DEEPEST) return { refusal: refuse(400, `The request body is nested more than ${DEEPEST} deep.`) };
  let json: unknown;
  try {
    json = text === '' && schema.safeParse(undefined).success ? undefined : JSON.parse(text);
  } catch {
    return { refusal: refuse(400, 'The request body isn’t JSON.') };
  }
  const parsed = schema.safeParse(json);
  if (!parsed.success) return { refusal: refuse(400, problemOf(parsed.error, json)) };
  // whatever a schema lets pass: no text goes further that the database cannot keep
  if (!holdsPlainText(parsed.data))
    return { refusal: refuse(400, 'A text in this request contains a control character. Remove it.') };
  return { body: parsed.data };
}

/** Is every text in this, keys too, one that the database can keep? */
function holdsPlainText(value: unknown): boolean {
  if (typeof value === 'string') return isPlainText(value);
  if (typeof value !== 'object' || value === null) return true;
  return Object.entries(value).every(([key, each]) => isPlainText(key) && holdsPlainText(each));
}

/** How deep brackets stand in each other in a JSON text, those in strings aside. */
function nesting(text: string): number {
  let [depth, deepest, isString] = [0, 0, false];
  for (let at = 0; at < text.length; at++) {
    const letter = text[at];
    if (isString) {
      if (letter === '\\') at++;
      else if (letter === '"') isString = false;
    } else if (letter === '"') isString = true;
    else if (letter === '{' || letter === '[') deepest = Math.max(deepest, ++depth);
    else if (letter === '}' || letter === ']') depth--;
  }
  return deepest;
}

/** Reads a body of bytes up to the most that is taken; beyond it, it is cut off, and only its length so far is known. */
export async function readBytes(request: Request, most: number): Promise<{ bytes: Buffer | null; length: number }> {
  const stated = Number(request.headers.get('content-length') ?? 0);
  const chunks: Uint8Array[] = [];
  let length = 0;
  const reader = request.body?.getReader();
  for (let next = await reader?.read(); next && !next.done; next = await reader?.read()) {
    length += next.value.length;
    if (length > most) {
      chunks.length = 0;
      void reader?.cancel().catch(() => {});
      return { bytes: null, length: Math.max(length, stated) };
    }
    chunks.push(next.value);
  }
  return { bytes: Buffer.concat(chunks), length };
}
