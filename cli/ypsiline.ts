import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';
import { utf16Text } from '../core/text/utf16';
import { answer } from './answer';

/** `npm run --silent ypsiline -- COMMAND`: arguments in, the core, text or JSON out. Needs no server. */
const {
  text,
  words,
  files = [],
  problem,
  status,
} = await answer(process.argv.slice(2), (file) => {
  const bytes = readFileSync(file === '-' ? 0 : file);
  return utf16Text(bytes) ?? bytes.toString('utf8');
});
if (text !== undefined) process.stdout.write(`${text}\n`);
if (words !== undefined) process.stderr.write(`${words}\n`);
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
