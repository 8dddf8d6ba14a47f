import { existsSync, readdirSync } from 'node:fs';
import { expect, test } from 'vitest';
import { slug } from '../../core/spec/slug';
import { isReserved } from './reserved-addresses';

test('whatever stands first in an address of the application is no team’s', () => {
  const folders = readdirSync('app', { withFileTypes: true })
    .filter((entry) => entry.isDirectory() && !/^[[(]/.test(entry.name))
    .map(({ name }) => name.replace(/\..*$/, ''));
  const files = existsSync('public') ? readdirSync('public').map((name) => name.replace(/\..*$/, '')) : [];
  expect(folders.length).toBeGreaterThan(10);
  for (const name of [...folders, ...files, 'healthz', 'readyz'])
    expect(isReserved(slug(name)) || isReserved(name), name).toBe(true);
  expect(isReserved('tidewick')).toBe(false);
});
