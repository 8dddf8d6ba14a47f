#!/usr/bin/env node
// `npm test`: everything from a fresh checkout to one line, `N passed, N failed`. With a name it runs that part alone:
// check, unit (with reference and server tests), browser, or rehearsal (its short form, which `YPSILINE_LONG=1` runs as well).
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildPrograms, ensureBuild } from './setup/build.mjs';
import { CHROMIUM_PACKAGE, findChromium } from './setup/chromium.mjs';
import { FIREFOX_PACKAGE, findFirefox } from './setup/firefox.mjs';
import { ensureDebianPackage, ensurePackages } from './setup/packages.mjs';
import { findPrograms, startCluster } from './setup/postgres.mjs';
import { execute, isRoot, mustExecute } from './setup/process.mjs';
import { run, say } from './setup/say.mjs';

const RESULTS = 'test-results';
const node = process.execPath;

await run(async () => {
  const wanted = process.argv[2];
  const runs = (/** @type {string} */ part) => !wanted || wanted === part;
  // those of npm keep a processor busy, Debian's wait for the network
  const [browser] = await Promise.all([debianPackages(runs), ensurePackages()]);
  const folder = mkdtempSync(join(tmpdir(), 'ypsiline-test-'));
  if (isRoot) await mustExecute('Giving the folder to postgres', 'chown', ['postgres:', folder]);
  const counts = { passed: 0, failed: 0 };
  rmSync(RESULTS, { recursive: true, force: true });
  try {
    // beside the unit tests, which leave a part of a core free
    const checked = runs('check')
      ? count(counts, 'type check, lint, import rules, format', ['npm', ['run', '--silent', 'check']])
      : null;
    const cluster = runs('unit') || runs('browser') ? await startCluster(folder) : null;
    try {
      const env = { ...process.env, YPSILINE_TEST_CLUSTER: cluster?.url, NEXT_TELEMETRY_DISABLED: '1' };
      if (runs('unit')) {
        say('unit, reference and server tests');
        await buildPrograms();
        const { code } = await execute(
          node,
          [
            'node_modules/vitest/vitest.mjs',
            'run',
            '--reporter=default',
            '--reporter=json',
            `--outputFile.json=${RESULTS}/unit.json`,
            ...process.argv.slice(3),
          ],
          { env },
        );
        add(counts, readUnitResults(code));
      }
      await checked;
      if (runs('browser')) {
        await ensureBuild();
        say('browser tests');
        await execute(node, ['node_modules/@playwright/test/cli.js', 'test', ...process.argv.slice(3)], {
          env: { ...env, YPSILINE_CHROMIUM: browser },
        });
        add(counts, readBrowserResults());
      }
    } finally {
      await cluster?.stop();
    }
    if (wanted === 'rehearsal' || (!wanted && process.env.YPSILINE_LONG)) {
      await ensureBuild();
      await count(counts, 'rehearsal, the short form', [node, ['--import', 'tsx', 'scripts/rehearse/short.ts']]);
    }
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
  console.log(`${counts.passed} passed, ${counts.failed} failed`);
  if (counts.failed > 0 || counts.passed === 0) process.exitCode = 1;
});

/** @param {(part: string) => boolean} runs @returns {Promise<string>} where the browser is */
async function debianPackages(runs) {
  if (runs('unit') || runs('browser')) await ensureDebianPackage('postgresql', findPrograms);
  if (!runs('browser')) return '';
  await ensureDebianPackage(FIREFOX_PACKAGE, findFirefox);
  return ensureDebianPackage(CHROMIUM_PACKAGE, findChromium);
}

/**
 * A step that passes or fails as one.
 * @param {Counts} counts @param {string} what @param {[string, string[]]} command
 */
async function count(counts, what, command) {
  say(what);
  const { code } = await execute(...command);
  add(counts, code === 0 ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 });
}

/** @typedef {{ passed: number, failed: number }} Counts */
/** @param {Counts} counts @param {Counts} more */
function add(counts, { passed, failed }) {
  counts.passed += passed;
  counts.failed += failed;
}

/** @param {number | null} code @returns {Counts} a run that wrote no results counts as failed */
function readUnitResults(code) {
  const file = join(RESULTS, 'unit.json');
  if (!existsSync(file)) return { passed: 0, failed: 1 };
  const { numPassedTests, numFailedTests, numFailedTestSuites, success } = JSON.parse(readFileSync(file, 'utf8'));
  // an error outside of every test fails the run, though each test passed
  const isWhole = success && code === 0;
  return { passed: numPassedTests, failed: isWhole ? 0 : Math.max(1, numFailedTests || numFailedTestSuites) };
}

/** @returns {Counts} */
function readBrowserResults() {
  const file = join(RESULTS, 'browser.json');
  if (!existsSync(file)) return { passed: 0, failed: 1 };
  const { stats, errors } = JSON.parse(readFileSync(file, 'utf8'));
  return { passed: stats.expected + stats.flaky, failed: stats.unexpected + errors.length };
}
