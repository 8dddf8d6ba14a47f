import { answers, memoryOf, type Processes, type Started, until } from './processes';
import { SERVER_FILE } from '../setup/build.mjs';

export type Application = { process: Started; url: string; memory: () => number };

/** Starts a process of the application and waits until it is ready. */
export async function startRehearsed(
  processes: Processes,
  { name, port, env, cwd = process.cwd() }: { name: string; port: number; env: Record<string, string>; cwd?: string },
): Promise<Application> {
  const started = processes.start(name, process.execPath, [SERVER_FILE], {
    cwd,
    env: { ...process.env, NODE_ENV: 'production', HOST: '127.0.0.1', PORT: String(port), ...env },
  });
  const url = `http://127.0.0.1:${port}`;
  await until(`${name} is ready at ${url}`, () => answers(`${url}/readyz`));
  return { process: started, url, memory: () => memoryOf(started.child.pid) };
}
