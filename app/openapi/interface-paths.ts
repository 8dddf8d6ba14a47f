import { PERMISSIONS } from '../../server/access/permissions';
import { ROUTES } from '../api/routes';
import type { Endpoint } from '../endpoint';
import { jsonSchema, refused } from './json-schema';

/** Who may, in a sentence. */
function whoMay({ for: whom, may }: Endpoint['endpoint']): string {
  if (whom === 'anybody') return 'For anybody.';
  if (whom === 'person') return 'For whoever is signed in.';
  return `For whoever may ${may.map((action) => PERMISSIONS[action].says).join(' and ')}.`;
}

const parametersOf = (path: string) =>
  [...path.matchAll(/\[(\w+)\]/g)].map(([, name]) => ({
    name: name!,
    in: 'path',
    required: true,
    schema: { type: 'string' },
  }));

const bodyOf = ({ body }: Endpoint['endpoint']) => {
  if (!body) return {};
  const content =
    'file' in body
      ? { 'application/octet-stream': { schema: { type: 'string', format: 'binary' } } }
      : { 'application/json': { schema: jsonSchema(body, 'input') } };
  return { requestBody: { required: true, content } };
};

/** What an endpoint of the interface does, takes and refuses. */
function operation(method: string, { endpoint }: Endpoint) {
  const { path, does, makes, body, for: whom } = endpoint;
  const name = path.replace(/^\/api\//, '').replace(/[^a-z]+([a-z])?/gi, (_, next: string = '') => next.toUpperCase());
  return {
    operationId: `${method}${name[0]!.toUpperCase()}${name.slice(1)}`,
    tags: ['interface'],
    summary: does,
    description: whoMay(endpoint),
    security: whom === 'anybody' ? [] : [{ session: [] }],
    ...bodyOf(endpoint),
    responses: {
      [makes ? '201' : '200']: { description: makes ? 'It is made.' : 'It is done, or here it is.' },
      ...(whom !== 'anybody' && { '401': refused('Not signed in.') }),
      ...(endpoint.may.length > 0 && { '403': refused('The role may not do this.') }),
      ...(body && { '400': refused('The body is malformed.'), '422': refused('The input isn’t valid.') }),
      ...(path.includes('[') && { '404': refused('Not found for whoever asks.') }),
      '503': refused('The database is away; Retry-After says when to try again.'),
    },
  };
}

/** Every address that the interface asks, from its endpoints. */
export function interfacePaths(): Record<string, object> {
  const paths: Record<string, object> = {};
  for (const route of ROUTES) {
    for (const [method, handler] of Object.entries(route) as [string, Endpoint][]) {
      const { path } = handler.endpoint;
      const address = path.replace(/\[(\w+)\]/g, '{$1}');
      paths[address] = {
        parameters: parametersOf(path),
        ...paths[address],
        [method.toLowerCase()]: operation(method.toLowerCase(), handler),
      };
    }
  }
  return paths;
}
