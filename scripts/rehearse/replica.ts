import { join } from 'node:path';
import { asServerUser, findPrograms } from '../setup/postgres.mjs';
import { mustExecute } from '../setup/process.mjs';

/** Makes a replica of a primary, by plain streaming, and starts it. */
export async function startReplica({
  primary,
  folder,
  port,
}: {
  primary: string;
  folder: string;
  port: number;
}): Promise<{ port: number; stop: () => Promise<void> }> {
  const programs = findPrograms()!;
  const { hostname, port: from, username, password } = new URL(primary);
  const env = { ...process.env, PGPASSWORD: password };
  const run = (what: string, program: string, args: string[]) =>
    mustExecute(what, ...asServerUser(join(programs, program), args), { env, cwd: '/' });
  const at = ['-h', hostname, '-p', from, '-U', username];
  await run('Copying the primary', 'pg_basebackup', [...at, '-D', folder, '-R', '-X', 'stream', '--checkpoint=fast']);
  const options = `-p ${port} -c listen_addresses=127.0.0.1 -c unix_socket_directories=''`;
  await run('Starting the replica', 'pg_ctl', ['start', '-w', '-D', folder, '-l', `${folder}.log`, '-o', options]);
  return {
    port,
    stop: async () =>
      void (await run('Stopping the replica', 'pg_ctl', ['stop', '-m', 'immediate', '-w', '-D', folder])),
  };
}
