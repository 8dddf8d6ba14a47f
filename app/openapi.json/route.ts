import { openApiDocument } from '../openapi/document';

/** What addresses there are and what they answer, as OpenAPI 3.1; for anybody, since it tells of no team. */
export function GET(): Response {
  return Response.json(openApiDocument(), {
    headers: { 'Cache-Control': 'public, max-age=3600', 'Access-Control-Allow-Origin': '*' },
  });
}
