#!/usr/bin/env node
// `npm run rehearse`: the whole of docs/running.md on this machine's loopback, under load, with everything in turn going wrong. `--short`: what `npm test`
// runs of it. Leaves nothing running.
import { ensureBuild } from './setup/build.mjs';
import { ensurePackages } from './setup/packages.mjs';
import { execute } from './setup/process.mjs';
import { run } from './setup/say.mjs';

await run(async () => {
  await ensurePackages();
  await ensureBuild();
  const main = process.argv.includes('--short') ? 'scripts/rehearse/short.ts' : 'scripts/rehearse/long.ts';
  const { code } = await execute(process.execPath, ['--import', 'tsx', main], {
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1' },
  });
  process.exitCode = code;
});
