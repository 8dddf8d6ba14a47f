import { readFileSync } from 'node:fs';
import { answer } from './answer';

/** `npm run --silent ypsiline -- COMMAND`: arguments in, the core, text or JSON out. Needs no server. */
const { text, problem, status } = answer(process.argv.slice(2), (file) =>
  readFileSync(file === '-' ? 0 : file, 'utf8'),
);
if (text !== undefined) process.stdout.write(`${text}\n`);
if (problem !== undefined) process.stderr.write(`${problem}\n`);
process.exitCode = status;
