import { expect, type APIResponse } from '@playwright/test';
import * as z from 'zod';

type Operation = { responses: Record<string, { content?: Record<string, { schema: object }>; headers?: object }> };
type Documented = { paths: Record<string, { get?: Operation }> };

const documents = new Map<string, Promise<Documented>>();

/** The OpenAPI document of a server, asked for once. */
function documentOf(origin: string): Promise<Documented> {
  const known = documents.get(origin) ?? fetch(`${origin}/openapi.json`).then((answer) => answer.json());
  documents.set(origin, known as Promise<Documented>);
  return known as Promise<Documented>;
}

/** Holds an answer against the OpenAPI document: its status, its media type, and what is in it where that is JSON. */
export async function heldToOpenApi(path: string, answer: APIResponse): Promise<void> {
  const { paths } = await documentOf(new URL(answer.url()).origin);
  const template = Object.keys(paths).find((each) =>
    new RegExp(`^${each.replace(/\{\w+\}/g, '[^/]+')}$`).test(path.split('?')[0]!),
  );
  const operation = template && paths[template]?.get;
  if (!operation) return;
  const where = `${template} ${answer.status()}`;
  const described = operation.responses[String(answer.status())];
  expect(described, where).toBeDefined();
  if (!described!.content) return;
  const type = answer.headers()['content-type']!.split(';')[0]!;
  expect(Object.keys(described!.content), where).toContain(type);
  const schema = described!.content[type]!.schema as { type?: string };
  if (schema.type === 'object') z.fromJSONSchema(schema as never).parse(await answer.json());
}
