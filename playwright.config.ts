import { defineConfig } from '@playwright/test';
import { CHROMIUM_FLAGS } from './scripts/setup/chromium.mjs';

/** Browser tests: the real interface in Debian's Chromium. Each worker serves the built application on a database of its own. */
export default defineConfig({
  testDir: 'tests/browser',
  // what goes through many cases of what others hold one by one
  ...(process.env.YPSILINE_LONG ? {} : { grepInvert: /@long/ }),
  globalSetup: './tests/browser/demo-template.ts',
  outputDir: 'test-results/browser',
  // they wait for what is drawn, too
  workers: 3,
  // a slow machine is no fault: tests wait for what is drawn, for as long as it takes
  timeout: 400_000,
  expect: { timeout: Number(process.env.EXPECT_MS ?? 90_000) },
  reporter: [['list'], ['json', { outputFile: 'test-results/browser.json' }]],
  use: {
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath: process.env.YPSILINE_CHROMIUM, args: CHROMIUM_FLAGS },
    permissions: ['clipboard-read', 'clipboard-write'],
    screenshot: 'only-on-failure',
    actionTimeout: Number(process.env.EXPECT_MS ?? 0),
  },
});
