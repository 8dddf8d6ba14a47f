// Reads a font file from standard input and writes its measures as JSON. A process of its own, so that a file that was
// made to harm takes nothing with it.
import { measuresOfFile } from './measure';

const chunks: Buffer[] = [];
for await (const chunk of process.stdin) chunks.push(chunk);
let answer;
try {
  answer = measuresOfFile(Buffer.concat(chunks));
} catch {
  answer = { problem: 'This font can’t be read: its tables are broken. Export it again or choose another file.' };
}
process.stdout.write(JSON.stringify(answer));
