import { expect, type APIResponse } from '@playwright/test';
import * as z from 'zod';
import { openApiDocument } from '../../app/openapi/document';

type Operation = { responses: Record<string, { content?: Record<string, { schema: object }>; headers?: object }> };

const PATHS = Object.entries(openApiDocument().paths as unknown as Record<string, { get: Operation }>).map(
  ([template, { get }]) => ({
    template,
    pattern: new RegExp(`^${template.replace(/\{\w+\}/g, '[^/]+')}$`),
    operation: get,
  }),
);

/** Holds an answer against the OpenAPI document: its status, its media type, and what is in it where that is JSON. */
export async function heldToOpenApi(path: string, answer: APIResponse): Promise<void> {
  const found = PATHS.find(({ pattern }) => pattern.test(path.split('?')[0]!));
  if (!found) return;
  const where = `${found.template} ${answer.status()}`;
  const described = found.operation.responses[String(answer.status())];
  expect(described, where).toBeDefined();
  if (!described!.content) return;
  const type = answer.headers()['content-type']!.split(';')[0]!;
  expect(Object.keys(described!.content), where).toContain(type);
  const schema = described!.content[type]!.schema as { type?: string };
  if (schema.type === 'object') z.fromJSONSchema(schema as never).parse(await answer.json());
}
