import type { z } from 'zod';
import { may, type SpecAccess, specAccess, type TeamAccess, teamAccess } from '../server/access/access';
import { type Action, mayDo, mayNot } from '../server/access/permissions';
import { database, type Sql } from '../server/database/database';
import type { Person } from '../server/sign-in/sessions';
import { forAnybody, isPlain, nothingHere, Refusal, refuse, signedOut } from './answers';
import { currentPerson } from './asker';
import { readBody, readBytes, REQUEST_BYTES } from './request-body';

/** The names in an address: `'/api/specs/[id]/draft'` has `id`. */
type NamesIn<Path> = Path extends `${string}[${infer Name}]${infer Rest}` ? Name | NamesIn<Rest> : never;
type ParamsOf<Path> = Readonly<Record<NamesIn<Path>, string>>;

/** A file that is sent as it is, of at most so many bytes. */
export type FileBody = { file: true; most: number; tooLarge: (length: number) => string };
type Taken = z.ZodType | FileBody | undefined;

/** The body as the endpoint has it, and as it is sent. */
type BodyOf<B extends Taken> = B extends z.ZodType ? z.output<B> : B extends FileBody ? Buffer : undefined;
type SentOf<B extends Taken> = B extends z.ZodType ? z.input<B> : B extends FileBody ? Blob : undefined;

/** What is said of an endpoint, from which its route, its checks, the OpenAPI document and the type of `send` are made. */
export type Declared<Path extends string = string, B extends Taken = Taken> = {
  path: Path;
  /** What it does, in a sentence. */
  does: string;
  body?: B;
  /** The most bytes of its body; by default those of a form. */
  most?: keyof typeof REQUEST_BYTES | number;
  /** It makes something (201). */
  makes?: true;
};

/** Who may, of those who reach the spec or the team in its address. */
type May<A extends Action> = { may: A | readonly [A, ...A[]] };

/** An endpoint: the handler of a route, with what is said of it. `types` is there for the compiler alone. */
export type Endpoint<Path extends string = string, Sent = unknown, Answer = unknown, More = unknown> = {
  (request: Request, context: { params: Promise<ParamsOf<Path>> }): Promise<Response>;
  readonly endpoint: Declared & { for: 'spec' | 'team' | 'person' | 'anybody'; may: readonly Action[] };
  readonly types?: { path: Path; sent: Sent; answer: Answer; more: More };
};

type Answered<R> = Exclude<R, Response>;
type MoreIn<R> = R extends Refusal<infer More> ? More : never;
type Made<Path extends string, B extends Taken, R> = Endpoint<Path, SentOf<B>, Answered<R>, MoreIn<R>>;

/** What an endpoint is asked: for whom the database answers, the body as it was checked, and the parts of the address. */
type Asked<Path extends string, B extends Taken, Who> = Who & {
  db: Sql;
  body: BodyOf<B>;
  params: ParamsOf<Path>;
  request: Request;
};

/** An endpoint of one spec, for whoever may do this with it: `[id]` in its path is the spec's. */
export function forSpec<Path extends string, A extends Action, R, B extends Taken = undefined>(
  declared: Declared<Path, B> & May<A>,
  answer: (asked: Asked<Path, B, { access: SpecAccess<A | 'read-drafts'> }>) => Promise<R>,
): Made<Path, B, R> {
  return made({ ...declared, for: 'spec', may: actionsOf(declared) }, answer, async (request, params) =>
    granted(request, declared, (db, person) =>
      specAccess(db, person.id, { id: (params as Record<string, string>).id! }, 'read'),
    ),
  );
}

/** An endpoint of a team, for whoever may do this in it: `[team]` in its path is the team's address. */
export function forTeam<Path extends string, A extends Action, R, B extends Taken = undefined>(
  declared: Declared<Path, B> & May<A>,
  answer: (asked: Asked<Path, B, { access: TeamAccess<A | 'read-drafts'> }>) => Promise<R>,
): Made<Path, B, R> {
  return made({ ...declared, for: 'team', may: actionsOf(declared) }, answer, async (request, params) =>
    granted(request, declared, (db, person) =>
      teamAccess(db, person.id, (params as Record<string, string>).team!, 'read'),
    ),
  );
}

/** An endpoint for whoever is signed in. */
export function forPeople<Path extends string, R, B extends Taken = undefined>(
  declared: Declared<Path, B>,
  answer: (asked: Asked<Path, B, { person: Person }>) => Promise<R>,
): Made<Path, B, R> {
  return made({ ...declared, for: 'person', may: [] }, answer, async (request) => {
    const person = await currentPerson();
    return person ? { db: database(askerOf(person, request)), person } : signedOut();
  });
}

/** An endpoint for anybody: the database answers only what is asked before it is known who asks. */
export function forNobodyYet<Path extends string, R, B extends Taken = undefined>(
  declared: Declared<Path, B>,
  answer: (asked: Asked<Path, B, object>) => Promise<R>,
): Made<Path, B, R> {
  return made({ ...declared, for: 'anybody', may: [] }, answer, async () => ({ db: database() }));
}

const actionsOf = <A extends Action>({ may: actions }: May<A>): readonly [A, ...A[]] =>
  typeof actions === 'string' ? [actions] : actions;

/** For whom the database is asked, and from where. */
const askerOf = (person: Person, request: Request) => ({
  personId: person.id,
  address: request.headers.get('x-ypsiline-address') ?? '',
});

/** Whoever is signed in, with the grant for what the endpoint does; or the answer to whoever may not. */
async function granted<A extends Action, T extends TeamAccess<never>>(
  request: Request,
  declared: May<A>,
  find: (db: Sql, person: Person) => Promise<T | null>,
): Promise<{ db: Sql; access: T & TeamAccess<A> } | Refusal> {
  const person = await currentPerson();
  if (!person) return signedOut();
  const asker = askerOf(person, request);
  const db = database(asker);
  const found = await find(db, person);
  if (!found) return nothingHere();
  const actions = actionsOf(declared);
  const access = may(found, ...actions);
  if (access) return { db, access: { ...access, address: asker.address } };
  return refuse(
    403,
    mayNot(
      found.role,
      actions.find((action) => !mayDo(found.role, action))!,
    ),
  );
}

function made<Path extends string, B extends Taken, Who, R>(
  declared: Declared<Path, B> & Endpoint['endpoint'],
  answer: (asked: Asked<Path, B, Who>) => Promise<R>,
  gate: (request: Request, params: ParamsOf<Path>) => Promise<(Who & { db: Sql }) | Refusal>,
): Made<Path, B, R> {
  const handler = forAnybody<ParamsOf<Path>>(async (request, params) => {
    if (Object.values(params ?? {}).some((part) => !isPlain(String(part)))) return nothingHere();
    const who = await gate(request, params);
    if (who instanceof Refusal) return who;
    const read = await bodyOf(request, declared);
    if ('refusal' in read) return read.refusal;
    const answered = await answer({ ...who, body: read.body as BodyOf<B>, params, request });
    if (answered instanceof Response) return answered;
    return Response.json(answered, { status: declared.makes ? 201 : 200, headers: { 'Cache-Control': 'no-store' } });
  });
  return Object.assign(handler, { endpoint: declared });
}

/** The body as an endpoint takes it, checked; or the answer that refuses it. */
async function bodyOf(
  request: Request,
  { body, most = 'form' }: Declared,
): Promise<{ body: unknown } | { refusal: Response }> {
  if (body === undefined) return { body: undefined };
  if (!('file' in body)) return readBody(request, body, typeof most === 'number' ? most : REQUEST_BYTES[most]);
  const { bytes, length } = await readBytes(request, body.most);
  return bytes ? { body: bytes } : { refusal: refuse(413, body.tooLarge(length)) };
}
