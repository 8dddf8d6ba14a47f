import { checkCommand } from './commands/check';
import { finderCommand } from './commands/finder';
import { layoutCommand } from './commands/layout';
import { surveyCommand } from './commands/survey';
import { sweepCommand } from './commands/sweep';
import { type Answer, type Command, Unusable } from './command';

const COMMANDS: Record<string, Command> = {
  check: checkCommand,
  finder: finderCommand,
  sweep: sweepCommand,
  layout: layoutCommand,
  survey: surveyCommand,
};

/**
 * What a call answers and ends with: 0 fine, 1 *must fix* findings, 2 unusable input with one line that says what and where.
 *
 *     answer(['check', 'spec.json', '--json'], readFile)
 */
export function answer(args: string[], read: (file: string) => string): Answer {
  const [name, ...rest] = args;
  const command = name === undefined ? undefined : COMMANDS[name];
  try {
    if (!command)
      throw new Unusable(
        `${name === undefined ? 'no command' : `“${name}” is no command`}; type one of: ${Object.values(COMMANDS)
          .map(({ usage }) => usage)
          .join('; ')}`,
      );
    return command.run(rest, read);
  } catch (error) {
    if (error instanceof Unusable) return { problem: `ypsiline: ${oneLine(error.message)}`, status: 2 };
    throw error;
  }
}

function oneLine(text: string): string {
  return text.replace(/\s*\n\s*/g, ' ');
}
