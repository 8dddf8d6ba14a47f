import { readFileSync } from 'node:fs';
import { version } from '../package.json';
import { checkCommand } from './commands/check';
import { compareCommand } from './commands/compare';
import { exportCommand } from './commands/export';
import { finderCommand } from './commands/finder';
import { layoutCommand } from './commands/layout';
import { measureCommand } from './commands/measure';
import { pullCommand } from './commands/pull';
import { readCommand } from './commands/read';
import { surveyCommand } from './commands/survey';
import { sweepCommand } from './commands/sweep';
import { type Answer, type Command, Unusable, type World } from './command';

const COMMANDS: Record<string, Command> = {
  check: checkCommand,
  finder: finderCommand,
  sweep: sweepCommand,
  layout: layoutCommand,
  survey: surveyCommand,
  compare: compareCommand,
  measure: measureCommand,
  export: exportCommand,
  read: readCommand,
  pull: pullCommand,
};

const HELP = `ypsiline calculates column, row and baseline grids and checks that they add up.

${Object.values(COMMANDS)
  .map(({ usage }) => `  ypsiline ${usage}`)
  .join('\n')}

  ypsiline COMMAND --help
  ypsiline --version

FILE is a document (spec.json of an edition), or - for standard input. --quiet with any command: no answer for people, the exit code alone; JSON and files are written as ever. Exit code 0: all well; 1: something must be fixed or is off; 2: the input can’t be used.`;

/**
 * What a call answers and ends with: 0 fine, 1 *must fix* findings, 2 unusable input with one line that says what and where.
 *
 *     await answer(['check', 'spec.json', '--json'], readFile)
 */
export async function answer(
  args: string[],
  read: (file: string) => string,
  world: World = { fetch, env: process.env, bytes },
): Promise<Answer> {
  const [name, ...given] = args;
  if (name === '--help' || name === '-h') return { text: HELP, status: 0 };
  if (name === '--version' || name === '-v') return { text: version, status: 0 };
  const isQuiet = given.includes('--quiet');
  const rest = given.filter((each) => each !== '--quiet');
  const command = name === undefined ? undefined : COMMANDS[name];
  try {
    if (!command)
      throw new Unusable(
        `${name === undefined ? 'no command' : `“${name}” isn’t a command`}. Use one of: ${Object.values(COMMANDS)
          .map(({ usage }) => usage)
          .join('; ')}`,
      );
    if (rest.includes('--help') || rest.includes('-h'))
      return { text: `ypsiline ${command.usage}\n\n${command.says}`, status: 0 };
    const said = await command.run(rest, read, world);
    return isQuiet ? silent(said, rest) : said;
  } catch (error) {
    if (error instanceof Unusable) return { problem: `ypsiline: ${oneLine(error.message)}`, status: 2 };
    throw error;
  }
}

/** An answer without what is for people alone: what goes into a file or a pipe stays. */
function silent({ text, words: _words, ...rest }: Answer, args: readonly string[]): Answer {
  const isData = args.includes('--json') || args.includes('--format') || args.includes('--to');
  return isData && text !== undefined ? { text, ...rest } : rest;
}

function bytes(path: string): Buffer | null {
  try {
    return readFileSync(path);
  } catch {
    return null;
  }
}

function oneLine(text: string): string {
  return text.replace(/\s*\n\s*/g, ' ');
}
