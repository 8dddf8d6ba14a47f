import { join } from 'node:path';
import type { RunProgram } from '../server/backup/back-up';
import { ensureDebianPackage } from './setup/packages.mjs';
import { findPrograms } from './setup/postgres.mjs';
import { mustExecute } from './setup/process.mjs';

/** Runs PostgreSQL’s own programs; the address, with its password, goes to them in the environment. */
export const runDatabaseProgram: RunProgram = async (program, args, address) => {
  const folder = await ensureDebianPackage('postgresql-client', findPrograms);
  const { hostname, port, username, password, pathname } = new URL(address);
  const env = {
    ...process.env,
    PGHOST: hostname,
    PGPORT: port || '5432',
    PGUSER: decodeURIComponent(username),
    PGPASSWORD: decodeURIComponent(password),
    PGDATABASE: decodeURIComponent(pathname.slice(1)),
  };
  await mustExecute(program, join(folder, program), args, { env });
};
