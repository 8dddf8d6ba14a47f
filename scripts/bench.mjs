#!/usr/bin/env node
// `npm run bench`: prints what the speed goals are about. A name runs that part alone: core, corners, drafts, editions, handover, javascript, keystroke, layouts, pictures, publish, several, starts, survey, team.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { measureCore } from './bench/core-bundle.mjs';
import { measureHandover } from './bench/handover.mjs';
import { measureJavaScript } from './bench/javascript.mjs';
import { measureKeystroke } from './bench/keystroke.mjs';
import { measureLayouts } from './bench/layouts.mjs';
import { withApplication } from './setup/application.mjs';
import { measureOnDatabase } from './bench/on-database.mjs';
import { measurePictures } from './bench/pictures.mjs';
import { measurePublish } from './bench/publish.mjs';
import { measureReading } from './bench/reading.mjs';
import { measureStarts } from './bench/starts.mjs';
import { ensurePackages } from './setup/packages.mjs';
import { ensureBuild } from './setup/build.mjs';
import { execute, isRoot, mustExecute } from './setup/process.mjs';
import { Failure, run } from './setup/say.mjs';

await run(async () => {
  const wanted = process.argv[2];
  const runs = (/** @type {string} */ part) => !wanted || wanted === part;
  await ensurePackages();
  const folder = mkdtempSync(join(tmpdir(), 'ypsiline-bench-'));
  if (isRoot) await mustExecute('Giving the folder to postgres', 'chown', ['postgres:', folder]);
  try {
    if (['handover', 'javascript', 'keystroke', 'layouts', 'pictures', 'publish'].some(runs)) {
      await withApplication(join(folder, 'application'), async (application) => {
        if (runs('javascript')) await measureJavaScript(application);
        if (runs('keystroke')) await measureKeystroke(application);
        if (runs('layouts')) await measureLayouts(application);
        if (runs('pictures')) await measureReading(application);
        if (runs('handover')) await measureHandover(application);
        if (runs('publish')) await measurePublish(application);
      });
    }
    if (runs('drafts')) await measureOnDatabase(folder, 'drafts');
    if (runs('editions')) await measureOnDatabase(folder, 'editions');
    if (runs('team')) await measureOnDatabase(folder, 'team');
    if (runs('core')) await measureCore(folder, 'core');
    if (runs('corners')) await measureCore(folder, 'corners');
    if (runs('survey')) await measureCore(folder, 'survey');
    if (runs('pictures')) await measurePictures();
    if (runs('several')) {
      await ensureBuild();
      await mustExecuteAloud('scripts/bench/several.ts');
    }
    if (runs('starts')) await measureStarts(folder);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
});

/** Runs a TypeScript file that prints what it measures. @param {string} file */
async function mustExecuteAloud(file) {
  const { code } = await execute(process.execPath, ['--import', 'tsx', file]);
  if (code !== 0) throw new Failure(`${file} ended with ${code}; see above.`);
}
