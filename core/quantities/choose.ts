import { shown } from '../length/length';
import type { Parsed } from '../parsed';

/** Takes one of a few words, or the beginning of one. */
export function choose<T extends string, Made>(
  text: string,
  words: Record<T, string>,
  put: (choice: T) => Parsed<Made>,
): Parsed<Made> {
  const choices = Object.entries(words) as [T, string][];
  const chosen =
    choices.find(([, word]) => word === text.toLowerCase()) ??
    (text ? choices.find(([, word]) => word.startsWith(text.toLowerCase())) : undefined);
  return chosen
    ? put(chosen[0])
    : { problem: `“${shown(text)}” isn’t an option. Use ${choices.map(([, word]) => word).join(', ')}.` };
}
