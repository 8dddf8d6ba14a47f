import type { z } from 'zod';
import { problemOf } from '../core/spec/problem';
import { LARGEST_DOCUMENT } from '../core/spec/read';
import { database } from '../server/database';
import type { Person } from '../server/sessions';
import { type SpecRecord, specById } from '../server/specs';
import { currentPerson } from './asker';

/** An answer that refuses, with one sentence for the person. */
export function refuse(status: number, problem: string, more: object = {}): Response {
  return Response.json({ problem, ...more }, { status });
}

export const signedOut = (): Response =>
  refuse(401, 'You are signed out; sign in again. What you typed is kept in this window.');
export const nothingHere = (): Response =>
  refuse(404, 'There is nothing here, or it belongs to a team that you are not in.');

/** A request that changes something must come from a page of this application. */
export function isForeign(request: Request): boolean {
  const origin = request.headers.get('origin');
  return origin !== null && new URL(origin).host !== request.headers.get('host');
}

/** Reads a JSON body, checked; or the answer that refuses it. */
export async function readBody<T>(
  request: Request,
  schema: z.ZodType<T>,
): Promise<{ body: T } | { refusal: Response }> {
  if (isForeign(request)) return { refusal: refuse(403, 'This request comes from another site.') };
  const text = await request.text();
  if (text.length > LARGEST_DOCUMENT * 1.5) {
    return {
      refusal: refuse(413, `This is too large (${text.length} characters); the most is ${LARGEST_DOCUMENT * 1.5}.`),
    };
  }
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return { refusal: refuse(400, 'The body of this request is not JSON.') };
  }
  const parsed = schema.safeParse(json);
  if (parsed.success) return { body: parsed.data };
  return { refusal: refuse(400, problemOf(parsed.error, json)) };
}

/** So much more than the most is still read, and thrown away, so that the sender hears why it is refused. */
const PATIENCE = 20;

/** Reads a body of bytes up to the most that is taken; beyond it, only its length. */
export async function readBytes(request: Request, most: number): Promise<{ bytes: Buffer | null; length: number }> {
  const chunks: Uint8Array[] = [];
  let length = 0;
  const reader = request.body?.getReader();
  for (let next = await reader?.read(); next && !next.done; next = await reader?.read()) {
    length += next.value.length;
    if (length <= most) chunks.push(next.value);
    else chunks.length = 0;
    if (length > most * PATIENCE) {
      await reader?.cancel();
      break;
    }
  }
  const stated = Number(request.headers.get('content-length') ?? 0);
  return length > most ? { bytes: null, length: Math.max(length, stated) } : { bytes: Buffer.concat(chunks), length };
}

type WithParams<P> = { params: Promise<P> };

/** A route for people who are signed in. */
export function forPeople<P>(answer: (person: Person, request: Request, params: P) => Promise<Response>) {
  return async (request: Request, { params }: WithParams<P>): Promise<Response> => {
    const person = await currentPerson();
    return person ? answer(person, request, await params) : signedOut();
  };
}

/** A route of one spec, for members of its team. */
export function forSpec<P extends { id: string }>(
  answer: (spec: SpecRecord, person: Person, request: Request, params: P) => Promise<Response>,
) {
  return forPeople<P>(async (person, request, params) => {
    const spec = await specById(database(), person.id, params.id);
    return spec ? answer(spec, person, request, params) : nothingHere();
  });
}
