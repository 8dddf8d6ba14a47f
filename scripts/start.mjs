#!/usr/bin/env node
// `npm start`: everything from a fresh checkout to a served application. Uses only Node itself until the packages are there.
import { spawn } from 'node:child_process';
import { ensureBuild, SERVER_FILE } from './setup/build.mjs';
import { demoWanted, readAddress } from './setup/environment.mjs';
import { ensurePackages } from './setup/packages.mjs';
import { isFree } from './setup/ports.mjs';
import { databaseInUse } from './setup/postgres.mjs';
import { execute } from './setup/process.mjs';
import { Failure, run, say } from './setup/say.mjs';

await run(async () => {
  const { port, host } = readAddress();
  const demo = demoWanted();
  if (!(await isFree(port, host)))
    throw new Failure(
      `Port ${port} is in use; stop what listens there, or set PORT to another, such as PORT=${port + 1} npm start.`,
    );
  await ensurePackages();
  const cluster = await databaseInUse();
  /** @type {NodeJS.ProcessEnv} */
  const env = {
    ...process.env,
    DATABASE_URL: cluster.url,
    YPSILINE_DEMO: demo ? '1' : '0',
    NEXT_TELEMETRY_DISABLED: '1',
    NODE_ENV: 'production',
  };
  try {
    say('bringing the database up to date');
    const prepared = await execute(process.execPath, ['--import', 'tsx', 'scripts/prepare-database.ts'], { env });
    if (prepared.code !== 0) {
      // it has said what is wrong
      process.exitCode = 1;
      return;
    }
    await ensureBuild();
    await serve(env, host, port);
  } finally {
    await cluster.stop();
  }
});

/**
 * Serves until the process is told to stop.
 * @param {NodeJS.ProcessEnv} env
 * @param {string} host
 * @param {number} port
 */
function serve(env, host, port) {
  return new Promise((resolve, reject) => {
    const server = spawn(process.execPath, [SERVER_FILE], {
      env: { ...env, PORT: String(port), HOST: host },
      stdio: ['ignore', 'pipe', 'inherit'],
    });
    let [stopping, isUp] = [false, false];
    server.stdout.on('data', (chunk) => {
      // what the server says of each request goes on as it came
      if (isUp) return process.stdout.write(chunk);
      if (!String(chunk).includes('Ready')) return;
      isUp = true;
      console.log(`\n  Ypsiline is at http://${host === '0.0.0.0' ? 'localhost' : host}:${port}   (Ctrl+C stops it)\n`);
    });
    for (const signal of /** @type {const} */ (['SIGINT', 'SIGTERM', 'SIGHUP'])) {
      process.on(signal, () => {
        stopping = true;
        server.kill('SIGTERM');
      });
    }
    server.on('exit', (code) =>
      stopping || code === 0 ? resolve(undefined) : reject(new Failure(`The server ended with ${code}; see above.`)),
    );
  });
}
