import { expect, test } from 'vitest';
import { VIEWS, viewAt } from './views';

test.each(VIEWS.map(({ id, path }) => [id, path] as const))(
  '%s is found at its address, whatever team and specification are called',
  (id, path) => {
    for (const name of ['passenger-site', ...VIEWS.map((view) => view.id), 'type', 'history'])
      expect(viewAt(`/${name}/${name}${path}`)).toBe(id);
  },
);
