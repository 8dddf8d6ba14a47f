import { defineConfig } from 'vitest/config';

/** Tests that change nothing around them share what their modules worked out; those with a server each begin afresh. */
const SHARED = ['{core,cli,scripts,ui}/**/*.test.{ts,tsx}', 'tests/reference/**/*.test.ts'];
const OWN = ['{server,app}/**/*.test.ts', 'tests/server/**/*.test.ts'];

const common = {
  setupFiles: ['tests/exact-fractions.ts'],
  // a slow machine is no fault
  testTimeout: 180_000,
  hookTimeout: 180_000,
};

/** Unit tests beside the code, reference tests against outside sources, server tests against a real PostgreSQL. */
export default defineConfig({
  test: {
    // on two cores there would be one worker
    maxWorkers: '100%',
    projects: [
      { test: { ...common, name: 'shared', include: SHARED, isolate: false } },
      { test: { ...common, name: 'own', include: OWN } },
    ],
  },
});
