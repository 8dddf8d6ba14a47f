import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from 'vitest';
import { STARTING_SETS } from '../../core/document/defaults';

test('the command is a package that is installed from its tarball, and works by its name', () => {
  const folder = mkdtempSync(join(tmpdir(), 'ypsiline-tarball-'));
  execFileSync(process.execPath, ['scripts/package-command.mjs', folder], { stdio: 'pipe' });
  const [tarball] = readdirSync(folder);
  expect(tarball).toMatch(/^ypsiline-\d+\.\d+\.\d+\.tgz$/);
  expect(statSync(join(folder, tarball!)).size).toBeLessThan(1_000_000);
  writeFileSync(join(folder, 'package.json'), '{"private":true}');
  execFileSync('npm', ['install', '--offline', '--no-audit', '--no-fund', `./${tarball}`], {
    cwd: folder,
    stdio: 'pipe',
  });
  writeFileSync(join(folder, 'spec.json'), JSON.stringify(STARTING_SETS[0]!.spec('Packed')));
  const checked = execFileSync(join(folder, 'node_modules/.bin/ypsiline'), ['check', 'spec.json'], {
    cwd: folder,
    encoding: 'utf8',
  });
  expect(checked).toContain('= 412');
}, 300_000);
