import { readdirSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { ACTIONS } from '../../server/access/permissions';
import type { Endpoint } from '../endpoint';
import { openApiDocument } from '../openapi/document';
import { ROUTES } from './routes';

const FOLDERS = readdirSync(import.meta.dirname, { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith('/route.ts'))
  .map((file) => `/api/${file.slice(0, -'/route.ts'.length)}`);

const endpoints = ROUTES.flatMap((route) => Object.entries(route) as [string, Endpoint][]);

describe('the endpoints of the interface', () => {
  test('every folder with a route is listed, and every endpoint stands where its path says', () => {
    const listed = ROUTES.map((route) => (Object.values(route) as Endpoint[]).map(({ endpoint }) => endpoint.path));
    expect(listed.map(([path]) => path).sort()).toEqual(FOLDERS.sort());
    for (const paths of listed) expect(new Set(paths).size).toBe(1);
  });

  test('each says what it does and who may', () => {
    for (const [method, { endpoint }] of endpoints) {
      expect(endpoint.does, endpoint.path).toMatch(/^[A-Z].{6,}\.$/s);
      const isOf = endpoint.path.match(/^\/api\/(specs|teams)\/\[/)?.[1];
      expect([endpoint.path, endpoint.for]).toEqual([
        endpoint.path,
        isOf === 'specs' ? 'spec' : isOf === 'teams' ? 'team' : endpoint.for,
      ]);
      if (isOf) expect(endpoint.may.length, endpoint.path).toBeGreaterThan(0);
      for (const action of endpoint.may) expect(ACTIONS).toContain(action);
      expect(endpoint.makes && method !== 'POST', endpoint.path).toBeFalsy();
    }
  });

  test('all of them are in the OpenAPI document, with what they take', () => {
    const paths = openApiDocument().paths as Record<string, Record<string, { requestBody?: unknown }>>;
    for (const [method, { endpoint }] of endpoints) {
      const operation = paths[endpoint.path.replace(/\[(\w+)\]/g, '{$1}')]?.[method.toLowerCase()];
      expect(operation, `${method} ${endpoint.path}`).toBeDefined();
      expect(operation!.requestBody === undefined, `${method} ${endpoint.path}`).toBe(endpoint.body === undefined);
    }
  });
});
