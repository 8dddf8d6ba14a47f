import { type SpecAccess, specAccess } from '../server/access/access';
import { type KeyAccess, keyAccess } from '../server/access/key-access';
import { keyAccessLately } from '../server/access/lately-opened';
import { database, reading } from '../server/database/database';
import { forAnybody, isPlain, nothingHere, refuse } from './answers';
import { whyKeyClosed, whyLinkClosed } from '../server/access/why-closed';
import { closed } from './edition-list';
import { EXACT_VERSION } from '../core/edition/version-meant';
import { currentPerson, pointOfReader } from './asker';

type Place = { team: string; spec: string };

/** What other pages may read with a key; a cookie alone opens nothing to them. */
const CORS = { 'Access-Control-Allow-Origin': '*', 'Access-Control-Expose-Headers': 'ETag, Content-Location' };

type Answer<P> = (
  access: SpecAccess<'read'>,
  request: Request,
  params: P,
  headers: Record<string, string>,
) => Promise<Response>;

/**
 * A route for those who build: a key of the team in `Authorization: Bearer`, or somebody who is signed in. The secret is read from the header and from nowhere
 * else, so that it is in no log.
 */
export function forReaders<P extends Place>(answer: Answer<P>) {
  return forKeysOr<P>(answer, readFrom, async (request, params) => {
    const person = await currentPerson();
    if (!person)
      return refuse(401, 'Send a key of the team as “Authorization: Bearer ypsk_…”, or sign in.', {}, ASKS_FOR_KEY);
    const access = await specAccess(database({ personId: person.id }), person.id, params, 'read');
    return access ? answer(access, request, params, {}) : nothingHere();
  });
}

/** A route that only a key of the team opens. */
export function forKeys<P extends Place>(
  answer: (access: KeyAccess, request: Request, headers: Record<string, string>) => Promise<Response>,
) {
  return forKeysOr<P>(
    (access, request, _params, headers) => answer(access as KeyAccess, request, headers),
    (_params, answered) => answered(),
    async () => refuse(401, 'Send a key of the team as “Authorization: Bearer ypsk_…”.', {}, ASKS_FOR_KEY),
  );
}

const ASKS_FOR_KEY = { 'WWW-Authenticate': 'Bearer', ...CORS };

type Answered = () => Promise<Response>;

/** Reads what is asked from a replica, where there is one: what is named by an exact version from any, the rest from one that is fresh. */
async function readFrom(params: object, answered: Answered): Promise<Response> {
  const isForEver = 'version' in params && EXACT_VERSION.test(String(params.version));
  const isMissing = ({ status }: Response): boolean => status === 404 || status === 401;
  return reading(answered, { isForEver, isMissing, point: await pointOfReader() });
}

/** Answers whoever sends a key; what is answered to others is told by the last. */
function forKeysOr<P extends Place>(
  answer: Answer<P>,
  from: (params: P, answered: Answered) => Promise<Response>,
  withoutKey: (request: Request, params: P) => Promise<Response>,
) {
  return forAnybody<P>(async (request, params) => {
    if (Object.values(params).some((part) => !isPlain(String(part)))) return nothingHere();
    return from(params, () => answerKey(request, params));
  });

  async function answerKey(request: Request, params: P): Promise<Response> {
    const authorization = request.headers.get('authorization');
    if (authorization !== null) {
      const [, secret] = /^Bearer +([\w-]+)$/i.exec(authorization) ?? [];
      const access = secret ? await keyAccessLately(database(), secret, params) : null;
      if (access) return answer(access, request, params, CORS);
      return refuse(
        401,
        secret
          ? await whyKeyClosed(database(), secret, params)
          : 'The Authorization header can’t be read. Send a key of the team as “Authorization: Bearer ypsk_…”.',
        {},
        {
          'WWW-Authenticate': 'Bearer error="invalid_token"',
          ...CORS,
        },
      );
    }
    return withoutKey(request, params);
  }
}

/**
 * A route for whoever has a public link: its secret is a part of the address. What is archived stays readable, as by its other addresses.
 */
export function forLink<P extends { link: string }>(answer: Answer<P>) {
  return forAnybody<P>(async (request, params) => {
    const isReadable = Object.values(params).every((part) => isPlain(String(part)));
    const headers = { ...CORS, 'X-Robots-Tag': 'noindex' };
    return readFrom(params, async () => {
      const access = isReadable ? await keyAccess(database(), params.link, 'link') : null;
      return access
        ? answer(access, request, params, headers)
        : closed(request, await whyLinkClosed(database(), params.link), headers);
    });
  });
}

/** What a browser asks before it sends a key from another page. */
export function allowKeys(): Response {
  return new Response(null, {
    status: 204,
    headers: {
      ...CORS,
      'Access-Control-Allow-Methods': 'GET, HEAD',
      'Access-Control-Allow-Headers': 'Authorization, If-None-Match',
      'Access-Control-Max-Age': '86400',
    },
  });
}
