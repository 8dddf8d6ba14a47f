// `npm run bench`: prints what the speed goals are about. A name runs that part alone: core, corners, drafts, editions, handover, javascript, keystroke, layouts, pictures, publish, several, starts, style-sheets, survey, team.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { measureCore } from './core-bundle';
import { measureHandover } from './handover';
import { measureJavaScript } from './javascript';
import { measureKeystroke } from './keystroke';
import { measureLayouts } from './layouts';
import { withApplication } from '../setup/application';
import { measureOnDatabase } from './on-database';
import { measurePublish } from './publish';
import { measureReading } from './reading';
import { measureStarts } from './starts';
import { CHROMIUM_PACKAGE, findChromium } from '../setup/chromium.mjs';
import { ensureDebianPackage } from '../setup/packages.mjs';
import { ensureBuild } from '../setup/build.mjs';
import { execute, isRoot, mustExecute } from '../setup/process.mjs';
import { Failure, run } from '../setup/say.mjs';

await run(async () => {
  const wanted = process.argv[2];
  const runs = (part: string) => !wanted || wanted === part;
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
    if (runs('style-sheets')) await measureCore(folder, 'style-sheets');
    if (runs('pictures')) {
      // pages rendered to pictures and surveyed; fewer of them with YPSILINE_SEEDS
      process.env.YPSILINE_CHROMIUM = await ensureDebianPackage(CHROMIUM_PACKAGE, findChromium);
      await mustExecuteAloud('scripts/bench/pictures.ts');
    }
    if (runs('several')) {
      await ensureBuild();
      await mustExecuteAloud('scripts/bench/several.ts');
    }
    if (runs('starts')) await measureStarts(folder);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
});

/** Runs a TypeScript file that prints what it measures. */
async function mustExecuteAloud(file: string) {
  const { code } = await execute(process.execPath, ['--import', 'tsx', file]);
  if (code !== 0) throw new Failure(`${file} ended with ${code}; see above.`);
}
