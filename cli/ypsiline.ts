import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';
import { answer } from './answer';

/** `npm run --silent ypsiline -- COMMAND`: arguments in, the core, text or JSON out. Needs no server. */
const {
  text,
  files = [],
  problem,
  status,
} = await answer(process.argv.slice(2), (file) => readFileSync(file === '-' ? 0 : file, 'utf8'));
if (text !== undefined) process.stdout.write(`${text}\n`);
if (problem !== undefined) process.stderr.write(`${problem}\n`);
process.exitCode = status;
for (const file of files) {
  try {
    mkdirSync(dirname(file.path), { recursive: true });
    writeFileSync(file.path, file.text);
  } catch (error) {
    process.stderr.write(`ypsiline: ${file.path} can’t be written: ${(error as Error).message}\n`);
    process.exitCode = 2;
  }
}
