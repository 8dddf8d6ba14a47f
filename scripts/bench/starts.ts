import { join } from 'node:path';
import { freePort } from '../setup/ports.mjs';
import { mustExecute } from '../setup/process.mjs';
import { startApplication } from '../setup/application';

/**
 * The first and the second `npm start` of a fresh clone of the newest commit, until the address is printed.
 */
export async function measureStarts(folder: string) {
  const checkout = join(folder, 'clone');
  await mustExecute('Cloning', 'git', ['clone', '--quiet', '--no-hardlinks', '.', checkout]);
  console.log('\nnpm start in a fresh clone of the newest commit, until the address is printed');
  for (const which of ['first', 'second']) {
    const { seconds, stop } = await startApplication(checkout, join(folder, 'data'), await freePort(4750));
    console.log(`  ${which.padEnd(8)} ${seconds.toFixed(1).padStart(6)} s`);
    await stop();
  }
}
