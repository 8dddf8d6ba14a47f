import { spawn } from 'node:child_process';
import { programFile } from '../running/programs';
import pLimit from 'p-limit';
import * as z from 'zod';
import type { Parsed } from '../../core/parsed';
import { font, type Font } from '../../core/spec/type-schema';

const PATIENCE_MS = 8000;
const MEMORY_MB = 256;

/** Each reading is a process with its own memory. */
const twoAtATime = pLimit(2);
const MOST_WAITING = 20;

export type FontMeasures = Omit<Font, 'file'>;

const answer = z.union([z.object({ measured: z.unknown() }), z.object({ problem: z.string() })]);

/**
 * Reads the measures of a font file in a process of its own, which has neither the application's memory nor its time:
 * a broken or hostile file ends there.
 */
export async function measureFont(file: Buffer): Promise<Parsed<FontMeasures>> {
  if (twoAtATime.pendingCount >= MOST_WAITING)
    return { problem: 'Many fonts are being uploaded. Try again in a moment.' };
  const text = await twoAtATime(() => inProcess(file));
  if (text === null)
    return {
      problem: 'This font couldn’t be read within 8 seconds and wasn’t saved. Export it again or choose another file.',
    };
  const read = answer.parse(JSON.parse(text));
  if ('problem' in read) return { problem: read.problem };
  const measures = font.omit({ file: true }).safeParse(read.measured);
  if (measures.success) return { value: measures.data };
  const key = String(measures.error.issues[0]?.path[0] ?? 'measures');
  return {
    problem: `This font has an impossible value for its ${WORDS[key] ?? key}. Export it again or choose another file.`,
  };
}

const WORDS: Record<string, string> = {
  unitsPerEm: 'units per em',
  lineGap: 'line gap',
  capHeight: 'cap height',
  xHeight: 'x-height',
  averageWidth: 'letter widths',
};

/** What the process wrote, or null when it took too long or broke down. */
function inProcess(file: Buffer): Promise<string | null> {
  const program = programFile('measure-process');
  return new Promise((resolve) => {
    const child = spawn(process.execPath, [`--max-old-space-size=${MEMORY_MB}`, program], {
      stdio: ['pipe', 'pipe', 'ignore'],
      // nothing of the application's environment, in which the database's password stands
      env: { NODE_ENV: 'production' } as NodeJS.ProcessEnv,
      timeout: PATIENCE_MS,
      killSignal: 'SIGKILL',
    });
    const chunks: Buffer[] = [];
    child.stdout.on('data', (chunk: Buffer) => chunks.push(chunk));
    child.stdin.on('error', () => {});
    child.on('error', () => resolve(null));
    child.on('close', (code) => resolve(code === 0 ? Buffer.concat(chunks).toString('utf8') : null));
    child.stdin.end(file);
  });
}
