import { Validator } from '@seriousme/openapi-schema-validator';
import { expect, test } from 'vitest';
import { openApiDocument } from '../../app/openapi/document';

// the published schema of OpenAPI 3.1, as package @seriousme/openapi-schema-validator carries it
test('the OpenAPI document is valid, and a broken one is not', async () => {
  const document = openApiDocument();
  expect(await new Validator().validate(structuredClone(document) as never)).toEqual({ valid: true });
  const broken = { ...structuredClone(document), info: { title: 1 } };
  expect((await new Validator().validate(broken as never)).valid).toBe(false);
});
