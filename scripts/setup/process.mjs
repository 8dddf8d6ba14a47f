import { spawn } from 'node:child_process';
import { Failure } from './say.mjs';

/**
 * Runs a command to its end.
 * @param {string} command
 * @param {string[]} args
 * @param {{ env?: NodeJS.ProcessEnv, quiet?: boolean, cwd?: string }} [options] quiet: collect what it prints
 * @returns {Promise<{ code: number, output: string }>}
 */
export function execute(command, args, { env = process.env, quiet = false, cwd } = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, {
      env,
      cwd,
      stdio: quiet ? ['ignore', 'pipe', 'pipe'] : ['ignore', 'inherit', 'inherit'],
    });
    let output = '';
    child.stdout?.on('data', (chunk) => (output += chunk));
    child.stderr?.on('data', (chunk) => (output += chunk));
    child.on('error', (error) => resolve({ code: 127, output: error.message }));
    child.on('close', (code) => resolve({ code: code ?? 1, output }));
  });
}

/**
 * Runs a command quietly; when it fails, the Failure carries the end of what it printed.
 * @param {string} what
 * @param {string} command
 * @param {string[]} args
 * @param {{ env?: NodeJS.ProcessEnv, cwd?: string }} [options]
 */
export async function mustExecute(what, command, args, options = {}) {
  const { code, output } = await execute(command, args, { ...options, quiet: true });
  if (code !== 0)
    throw new Failure(
      `${what} failed (${command} ended with ${code}): ${output.trim().split('\n').slice(-6).join('\n  ')}`,
    );
  return output;
}

/** Is this process root? */
export const isRoot = process.getuid?.() === 0;
