#!/usr/bin/env node
// `npm run package`: the command line as an npm package, a tarball in the folder that is named (by default this one).
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { buildCommand } from './setup/build.mjs';
import { mustExecute } from './setup/process.mjs';
import { run } from './setup/say.mjs';

await run(async () => {
  const target = resolve(process.argv[2] ?? '.');
  const folder = mkdtempSync(join(tmpdir(), 'ypsiline-package-'));
  try {
    const { version, engines } = JSON.parse(readFileSync('package.json', 'utf8'));
    await buildCommand(join(folder, 'ypsiline.mjs'));
    writeFileSync(join(folder, 'README.md'), readFileSync('docs/command-line.md'));
    const described = {
      name: 'ypsiline',
      version,
      description: 'Works out column, row and baseline grids, checks their sums, and holds sites against them.',
      type: 'module',
      bin: { ypsiline: 'ypsiline.mjs' },
      files: ['ypsiline.mjs'],
      engines,
      private: false,
    };
    writeFileSync(join(folder, 'package.json'), `${JSON.stringify(described, null, 2)}\n`);
    await mustExecute('npm pack', 'npm', ['pack', '--silent', '--pack-destination', target], { cwd: folder });
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
});
