import { defineConfig } from 'vitest/config';

/** Unit tests beside the code, reference tests against outside sources, server tests against a real PostgreSQL. */
export default defineConfig({
  test: {
    include: ['{core,cli,scripts,server,ui}/**/*.test.{ts,tsx}', 'tests/{reference,server}/**/*.test.ts'],
    setupFiles: ['tests/exact-fractions.ts'],
    // a slow machine is no fault
    testTimeout: 180_000,
    hookTimeout: 180_000,
    // on two cores there would be one worker
    maxWorkers: '100%',
  },
});
