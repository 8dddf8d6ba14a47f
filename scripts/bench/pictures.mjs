import { CHROMIUM_PACKAGE, findChromium } from '../setup/chromium.mjs';
import { ensureDebianPackage } from '../setup/packages.mjs';
import { execute } from '../setup/process.mjs';

/** Pages rendered to pictures and surveyed; fewer of them with YPSILINE_SEEDS. */
export async function measurePictures() {
  const YPSILINE_CHROMIUM = await ensureDebianPackage(CHROMIUM_PACKAGE, findChromium);
  await execute(process.execPath, ['--import', 'tsx', 'scripts/bench/pictures.ts'], {
    env: { ...process.env, YPSILINE_CHROMIUM },
  });
}
