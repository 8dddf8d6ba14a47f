#!/usr/bin/env node
// `npm run bench`: prints what the speed goals are about; with a name, that part alone (scripts/bench/all.ts).
import { ensurePackages } from './setup/packages.mjs';
import { execute } from './setup/process.mjs';
import { run } from './setup/say.mjs';

await run(async () => {
  await ensurePackages();
  const { code } = await execute(process.execPath, [
    '--import',
    'tsx',
    'scripts/bench/all.ts',
    ...process.argv.slice(2),
  ]);
  process.exitCode = code ?? 1;
});
