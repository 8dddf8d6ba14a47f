#!/usr/bin/env node
// `npm run check`: types, lint, import rules and format, in two lanes, since each of them keeps one core busy.
import { spawn } from 'node:child_process';

const LANES = [
  [
    'next typegen > /dev/null',
    'tsc --noEmit',
    'tsc -p core/tsconfig.json',
    'depcruise --config .dependency-cruiser.cjs app cli core scripts server tests ui',
  ],
  ['prettier --check . --log-level warn', 'eslint .'],
];

/** @param {string} command @returns {Promise<boolean>} did it find nothing? */
function runs(command) {
  const env = { ...process.env, PATH: `node_modules/.bin:${process.env.PATH}` };
  const child = spawn('sh', ['-c', command], { stdio: 'inherit', env });
  return new Promise((resolve) => child.on('exit', (code) => resolve(code === 0)));
}

const lanes = LANES.map(async (commands) => {
  for (const command of commands) if (!(await runs(command))) return false;
  return true;
});
process.exitCode = (await Promise.all(lanes)).every(Boolean) ? 0 : 1;
