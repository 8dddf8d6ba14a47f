import { randomBytes } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { homedir } from 'node:os';
import { join } from 'node:path';
import { ensureDebianPackage } from './packages.mjs';
import { freePort } from './ports.mjs';
import { execute, isRoot, mustExecute } from './process.mjs';
import { Failure, say } from './say.mjs';

const DEBIAN = '/usr/lib/postgresql';
const FIRST_PORT = 54410;

/** Where the own cluster keeps its data: outside the checkout, so that a fresh clone finds it again. */
export function dataDirectory() {
  return process.env.YPSILINE_DATA_DIR || (isRoot ? '/var/lib/ypsiline' : join(homedir(), '.local/share/ypsiline'));
}

/**
 * The database that `DATABASE_URL` names, or the own one, started where it is not running.
 * @returns {Promise<{ url: string, stop: () => Promise<void> }>} stop ends what this started
 */
export async function databaseInUse() {
  const given = process.env.DATABASE_URL;
  return given ? { url: given, stop: async () => {} } : startCluster(dataDirectory());
}

/**
 * A command as the user of the database's server, which root is not.
 * @param {string} command @param {string[]} args @returns {[string, string[]]}
 */
export function asServerUser(command, args) {
  return isRoot ? ['runuser', ['-u', 'postgres', '--', command, ...args]] : [command, args];
}

/** The folder of initdb and pg_ctl, the newest version first. */
export function findPrograms() {
  if (existsSync(DEBIAN)) {
    const versions = readdirSync(DEBIAN).sort((a, b) => Number(b) - Number(a));
    const folder = versions
      .map((version) => join(DEBIAN, version, 'bin'))
      .find((bin) => existsSync(join(bin, 'initdb')));
    if (folder) return folder;
  }
  return (
    (process.env.PATH ?? '')
      .split(':')
      .find((folder) => existsSync(join(folder, 'initdb')) && existsSync(join(folder, 'pg_ctl'))) ?? null
  );
}

/**
 * Starts a cluster on loopback in a folder, making it on the first call. As root it runs as the user `postgres`,
 * since the server refuses root.
 * @param {string} folder
 * @returns {Promise<{ url: string, stop: () => Promise<void> }>} stop does nothing when it was running before
 */
export async function startCluster(folder) {
  const programs = await ensureDebianPackage('postgresql', findPrograms);
  const inFolder = (/** @type {string} */ name) => join(folder, name);
  const [data, secret, portFile, log] = /** @type {const} */ ([
    inFolder('cluster'),
    inFolder('password'),
    inFolder('port'),
    inFolder('postgres.log'),
  ]);
  /** @param {string} program @param {string[]} args @returns {[string, string[]]} the command, as the server's user */
  const serverCommand = (program, args) => asServerUser(join(programs, program), args);
  /** @param {string} what @param {string} program @param {string[]} args */
  const asServer = (what, program, args) => mustExecute(what, ...serverCommand(program, args), { cwd: '/' });

  if (!existsSync(join(data, 'PG_VERSION'))) {
    say(`making a database cluster in ${folder}`);
    rmSync(data, { recursive: true, force: true });
    try {
      mkdirSync(folder, { recursive: true, mode: 0o700 });
      writeFileSync(secret, randomBytes(24).toString('base64url'), { mode: 0o600 });
    } catch (error) {
      throw new Failure(
        `The folder ${folder} cannot be written (${/** @type {Error} */ (error).message}); set YPSILINE_DATA_DIR to one that can.`,
      );
    }
    if (isRoot) await mustExecute('Giving the folder to postgres', 'chown', ['-R', 'postgres:', folder]);
    await asServer('Making the database cluster', 'initdb', [
      '-D',
      data,
      '-U',
      'ypsiline',
      '--auth=scram-sha-256',
      `--pwfile=${secret}`,
      '--encoding=UTF8',
      '--locale=C.UTF-8',
      '--no-instructions',
    ]);
  }

  const running =
    (await execute(...serverCommand('pg_ctl', ['status', '-D', data]), { quiet: true, cwd: '/' })).code === 0;
  const lastPort = existsSync(portFile) ? Number(readFileSync(portFile, 'utf8')) : FIRST_PORT;
  const port = running ? lastPort : await freePort(lastPort);
  if (!running) {
    writeFileSync(portFile, String(port));
    const options = `-p ${port} -c listen_addresses=127.0.0.1 -c unix_socket_directories=''`;
    await asServer('Starting the database', 'pg_ctl', ['start', '-w', '-D', data, '-l', log, '-o', options]);
  }
  const url = `postgres://ypsiline:${readFileSync(secret, 'utf8')}@127.0.0.1:${port}/postgres`;
  const stop = async () => {
    if (!running) await asServer('Stopping the database', 'pg_ctl', ['stop', '-m', 'fast', '-w', '-D', data]);
  };
  return { url, stop };
}
