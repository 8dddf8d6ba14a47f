import { readFile } from 'node:fs/promises';
import { expect, test } from 'vitest';
import { SHIPPED_FONTS } from '../../core/type/shipped-fonts';
import { measuresOfFile } from '../../server/fonts/measure';
import { shippedPath } from '../../server/fonts/shipped-files';

test('fonts of different build ship', () => {
  expect(new Set(SHIPPED_FONTS.map(({ build }) => build)).size).toBeGreaterThanOrEqual(6);
});

// what `npm run docs` wrote is what fontkit reads from the files now
test.each(SHIPPED_FONTS.map(({ id, font }) => [id, font] as const))('%s', async (id, { file: _file, ...measures }) => {
  const read = measuresOfFile(await readFile(shippedPath(id)));
  expect('measured' in read && { ...read.measured, family: measures.family }).toEqual(measures);
});
