// Reads a font file from standard input and writes its measures as JSON. A process of its own, so that a file that was
// made to harm takes nothing with it.
import { measuresOfFile } from './measure.mjs';

/** @type {Buffer[]} */
const chunks = [];
for await (const chunk of process.stdin) chunks.push(chunk);
let answer;
try {
  answer = measuresOfFile(Buffer.concat(chunks));
} catch {
  answer = { problem: 'This font cannot be read: its tables are broken. Export it anew, or choose another file.' };
}
process.stdout.write(JSON.stringify(answer));
