#!/usr/bin/env node
// `npm run check`: types, lint, import rules and format, two at a time from one queue, since each of them keeps one core busy.
import { spawn } from 'node:child_process';

/** The longest first, so that none of them runs alone at the end. */
const QUEUE = [
  'eslint .',
  'next typegen > /dev/null && tsc --noEmit',
  'prettier --check . --log-level warn',
  'depcruise --config .dependency-cruiser.cjs app cli core scripts server tests ui',
  'tsc -p core/tsconfig.json',
];
const AT_ONCE = 2;

/** @param {string} command @returns {Promise<boolean>} did it find nothing? */
function runs(command) {
  const env = { ...process.env, PATH: `node_modules/.bin:${process.env.PATH}` };
  const began = Date.now();
  const child = spawn('sh', ['-c', command], { stdio: 'inherit', env });
  return new Promise((resolve) =>
    child.on('exit', (code) => {
      console.log(`· ${command.split(' ').slice(0, 2).join(' ')}: ${Math.round((Date.now() - began) / 1000)} s`);
      resolve(code === 0);
    }),
  );
}

let isGood = true;
const worker = async () => {
  for (let command = QUEUE.shift(); command && isGood; command = QUEUE.shift())
    isGood = (await runs(command)) && isGood;
};
await Promise.all(Array.from({ length: AT_ONCE }, worker));
process.exitCode = isGood ? 0 : 1;
