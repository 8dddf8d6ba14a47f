import type * as z from 'zod';
import { ARCHIVE, FORMATS } from '../../core/formats/registry';
import { SESSION_COOKIE } from '../../server/sign-in/tokens';
import { interfacePaths } from './interface-paths';
import { jsonSchema, refused } from './json-schema';
import { editionList } from './schemas';

/** The version of the addresses themselves: it rises when one of them changes what it means. */
const ADDRESSES = '1.0.0';

const IN_EDITIONS = FORMATS.filter(({ inEditions }) => inEditions);

const json = (schema: z.ZodType) => ({ 'application/json': { schema: jsonSchema(schema, 'output') } });

const text = (pattern: string, description: string) => ({ type: 'string', pattern, description });

const parameter = (name: string, schema: object) => ({ name, in: 'path', required: true, schema });

const PARAMETERS = {
  team: parameter('team', text('^[a-z0-9-]+$', 'The address of a team.')),
  spec: parameter('spec', text('^[a-z0-9-]+$', 'The address of a specification of the team.')),
  link: parameter('link', text('^ypsl_[A-Za-z0-9_-]+$', 'The secret of a public link.')),
  version: parameter(
    'version',
    text('^(latest|\\d+(\\.\\d+){0,2})$', 'An edition such as 1.2.0, or the newest of 1.2, of 1, or of all: latest.'),
  ),
  file: parameter('file', {
    ...text(
      '^[a-z0-9@.-]+$',
      `${IN_EDITIONS.map(({ file, isOf }) => `${file}: ${isOf}`).join('. ')}. An asterisk stands for a breakpoint’s id.`,
    ),
    examples: [...IN_EDITIONS.map(({ file }) => file.replace('*', 'phone')), ARCHIVE.file],
  }),
};

const HEADERS = {
  ETag: { description: 'The SHA-256 of the bytes.', schema: { type: 'string' } },
  'Cache-Control': {
    description: 'By an exact version immutable for a year; by a moving one no-cache.',
    schema: { type: 'string' },
  },
  'Content-Location': {
    description: 'The permanent address a moving version points to.',
    schema: { type: 'string' },
  },
};

const REFUSALS = {
  '401': refused('No key, or a key that has expired, was revoked or doesn’t give access to this specification.'),
  '404': refused('No such specification, edition or file.'),
  '503': refused('The database is away; Retry-After says when to try again.'),
};
const LINK_REFUSALS = {
  '404': refused('The link has expired or was revoked, or there’s no such edition or file.'),
  '503': REFUSALS['503'],
};

const list = (operationId: string, summary: string, refusals: object) => ({
  operationId,
  summary,
  responses: { '200': { description: 'The editions, the newest first.', content: json(editionList) }, ...refusals },
});

const file = (operationId: string, summary: string, refusals: object) => ({
  operationId,
  summary,
  parameters: [{ name: 'If-None-Match', in: 'header', required: false, schema: { type: 'string' } }],
  responses: {
    '200': {
      description: 'The file, byte for byte as it was written when the edition was published.',
      headers: HEADERS,
      content: Object.fromEntries(
        [...new Set([...IN_EDITIONS.map(({ mediaType }) => mediaType), ARCHIVE.mediaType])].map((type) => [
          type,
          { schema: { type: 'string', ...(/json|text|xml/.test(type) ? {} : { format: 'binary' }) } },
        ]),
      ),
    },
    '304': { description: 'If-None-Match names the bytes.' },
    ...refusals,
  },
});

/** The addresses that builds rely on, and those that the interface asks, as OpenAPI 3.1; what they take and answer is made of the Zod schemas of the routes. */
export function openApiDocument() {
  return {
    openapi: '3.1.0',
    info: {
      title: 'Ypsiline',
      version: ADDRESSES,
      summary:
        'The files of published layout specifications, by addresses that never change; and what the interface asks, which may change with it.',
      license: { name: 'All rights reserved' },
    },
    servers: [{ url: '/' }],
    security: [{ key: [] }],
    components: {
      securitySchemes: {
        key: {
          type: 'http',
          scheme: 'bearer',
          description: 'A key of the team, such as ypsk_…, made on its page “Keys and links”.',
        },
        session: { type: 'apiKey', in: 'cookie', name: SESSION_COOKIE, description: 'Whoever is signed in.' },
      },
    },
    paths: {
      '/e/{team}/{spec}': {
        parameters: [PARAMETERS.team, PARAMETERS.spec],
        get: list('listEditions', 'The editions of a specification, with their files', REFUSALS),
      },
      '/e/{team}/{spec}/{version}/{file}': {
        parameters: [PARAMETERS.team, PARAMETERS.spec, PARAMETERS.version, PARAMETERS.file],
        get: file('readFile', 'A file of an edition', REFUSALS),
      },
      '/l/{link}': {
        parameters: [PARAMETERS.link],
        get: { ...list('listEditionsByLink', 'The editions that a public link opens', LINK_REFUSALS), security: [] },
      },
      '/l/{link}/{version}': {
        parameters: [PARAMETERS.link, PARAMETERS.version],
        get: { ...list('readEditionByLink', 'One edition that a public link opens', LINK_REFUSALS), security: [] },
      },
      '/l/{link}/{version}/{file}': {
        parameters: [PARAMETERS.link, PARAMETERS.version, PARAMETERS.file],
        get: {
          ...file('readFileByLink', 'A file of an edition that a public link opens', LINK_REFUSALS),
          security: [],
        },
      },
      ...interfacePaths(),
    },
  };
}
