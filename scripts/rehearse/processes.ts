import { type ChildProcess, spawn } from 'node:child_process';
import { once } from 'node:events';
import { createWriteStream, readFileSync } from 'node:fs';
import { join } from 'node:path';

export type Started = { name: string; child: ChildProcess; kill: (signal: NodeJS.Signals) => Promise<void> };

/** Everything that a rehearsal has started; whatever happens, all of it ends with it. */
export class Processes {
  private readonly started = new Set<Started>();

  constructor(private readonly folder: string) {
    for (const signal of ['SIGINT', 'SIGTERM'] as const)
      process.once(signal, () => void this.end().then(() => process.exit(1)));
  }

  /** Starts a program in a group of its own; what it says goes to a file in the folder. */
  start(
    name: string,
    command: string,
    args: string[],
    { env = process.env, user, cwd }: { env?: NodeJS.ProcessEnv; user?: string; cwd?: string } = {},
  ): Started {
    const log = createWriteStream(join(this.folder, `${name}.log`), { flags: 'a' });
    const [program, given] = user ? ['setpriv', [...asUser(user), command, ...args]] : [command, args];
    const child = spawn(program, given, { env, cwd, detached: true, stdio: ['ignore', 'pipe', 'pipe'] });
    child.stdout!.pipe(log);
    child.stderr!.pipe(log);
    child.on('error', (error) => log.write(`${error.message}\n`));
    const kill = async (signal: NodeJS.Signals): Promise<void> => {
      if (child.exitCode !== null || child.signalCode !== null || child.pid === undefined) return;
      const ended = once(child, 'exit');
      // with a signal that nobody can catch, what it has started goes too
      process.kill(signal === 'SIGKILL' ? -child.pid : child.pid, signal);
      await ended;
    };
    const started = { name, child, kill };
    this.started.add(started);
    child.once('exit', () => this.started.delete(started));
    return started;
  }

  /** Ends everything, the last that was started first. */
  async end(): Promise<void> {
    for (const each of [...this.started].reverse()) {
      const late = setTimeout(() => void each.kill('SIGKILL').catch(() => {}), 8_000);
      await each.kill('SIGTERM').catch(() => {});
      clearTimeout(late);
    }
  }
}

function asUser(user: string): string[] {
  return [`--reuid=${user}`, `--regid=${user}`, '--init-groups'];
}

/** What a process holds in memory, in MB. */
export function memoryOf(pid: number | undefined): number {
  try {
    return Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))![1]) / 1024;
  } catch {
    return 0;
  }
}

export const pause = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

/** Waits until something is so; says what was waited for in vain. */
export async function until(what: string, is: () => Promise<boolean> | boolean, withinMs = 60_000): Promise<number> {
  const began = Date.now();
  for (;;) {
    if (await Promise.resolve(is()).catch(() => false)) return Date.now() - began;
    if (Date.now() - began > withinMs) throw new Error(`waited ${withinMs / 1000} s in vain: ${what}`);
    await pause(100);
  }
}

export const answers = async (url: string): Promise<boolean> => (await fetch(url).catch(() => null))?.status === 200;
