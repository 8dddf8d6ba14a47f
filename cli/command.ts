import type { Direction } from '../core/length/direction';
import { parseArgs, type ParseArgsConfig } from 'node:util';
import { readSpecText } from '../core/document/read';
import { gridOf, specOfGrid } from '../core/spec/named-grids';
import type { Spec } from '../core/spec/schema';

/** What a call answers: a text, files to be written, a problem in one line; and the status it ends with. */
export type Answer = {
  text?: string;
  /** What is said beside the answer, on standard error. */
  words?: string;
  files?: { path: string; text: string | Buffer }[];
  problem?: string;
  status: 0 | 1 | 2;
};

/** What is around a call: the network, the environment, and the bytes of files; null for one that is not there. */
export type World = {
  fetch: typeof fetch;
  env: Record<string, string | undefined>;
  bytes: (path: string) => Buffer | null;
};

export type Command = {
  usage: string;
  /** What it does and what its options mean, for `--help`. */
  says: string;
  run(args: string[], read: (file: string) => string, world: World): Answer | Promise<Answer>;
};

/** Input that no answer can be worked out from; the message says what is wrong, where, and what would be right. */
export class Unusable extends Error {}

type Options = NonNullable<ParseArgsConfig['options']>;

/** The options and file of a call, or one line that says which is not known. */
export function readArguments<T extends Options>(
  args: string[],
  usage: string,
  options: T,
  files: 0 | 1 | 'some' | 'more',
) {
  try {
    const { values, positionals } = parseArgs({
      args,
      options: { json: { type: 'boolean' }, ...options },
      allowPositionals: true,
    });
    if (files === 'more' && positionals.length < 2) throw new Error('needs a document and at least one style sheet');
    if (files === 'some' && positionals.length === 0) throw new Error('needs at least one file');
    if (typeof files === 'number' && positionals.length !== files)
      throw new Error(files === 1 ? 'needs one file, or - for standard input' : `“${positionals[0]}” isn’t expected`);
    return {
      values: values as Record<string, string | boolean | undefined>,
      /** The values of an option that may be given several times. */
      lists: (name: string): string[] => (values as Record<string, string[] | undefined>)[name] ?? [],
      file: positionals[0] ?? '',
      files: positionals.slice(1),
    };
  } catch (error) {
    throw new Unusable(`${(error as Error).message.split('. ')[0]}; type ${usage}`);
  }
}

/** A whole number among the options. */
export function wholeNumber(
  values: Record<string, string | boolean | undefined>,
  name: string,
  { least = 1, most = 100_000 } = {},
): number | undefined {
  const text = values[name];
  if (text === undefined) return undefined;
  const number = Number(text);
  if (typeof text !== 'string' || !/^\d+$/.test(text) || number < least || number > most) {
    throw new Unusable(`--${name} is “${text}”. Use a whole number from ${least} to ${most}`);
  }
  return number;
}

/** A length in px among the options, up to 100. */
export function pxAmong(values: Record<string, string | boolean | undefined>, name: string): number | undefined {
  const text = values[name];
  if (text === undefined) return undefined;
  const number = Number(text);
  if (typeof text !== 'string' || !/^\d+(\.\d+)?$/.test(text) || number > 100)
    throw new Unusable(`--${name} is “${text}”. Use px from 0 to 100, such as 0.5`);
  return number;
}

/** In which direction pages are read, among the options. */
export function directionIn({ direction }: Record<string, string | boolean | undefined>): Direction | undefined {
  if (direction === undefined || direction === 'ltr' || direction === 'rtl') return direction;
  throw new Unusable(`--direction is “${direction}”. Use ltr or rtl`);
}

const placeOf = (file: string): string => (file === '-' ? 'standard input' : file);

/** The text of a file, or of standard input. */
export function readText(file: string, read: (file: string) => string): string {
  try {
    return read(file);
  } catch (error) {
    throw new Unusable(`${placeOf(file)} can’t be read: ${(error as Error).message}`);
  }
}

/** The spec in a file, or on standard input. */
export function readDocument(file: string, read: (file: string) => string): Spec {
  return documentIn(readText(file, read), file);
}

/** The spec in the text of a file. */
export function documentIn(text: string, file: string): Spec {
  const parsed = readSpecText(text);
  if (!parsed.value) throw new Unusable(`${placeOf(file)}: ${parsed.problem}`);
  return parsed.value;
}

/** A document as one of its named grids has it; itself where none is asked for. */
export function ofGrid(spec: Spec, id: unknown): Spec {
  if (id === undefined) return spec;
  const grid = gridOf(spec, String(id));
  const ids = (spec.grids ?? []).map((each) => each.id).join(', ');
  if (!grid)
    throw new Unusable(
      `--grid is “${String(id)}”. ${ids === '' ? 'This document has one grid alone' : `Use one of ${ids}`}`,
    );
  return specOfGrid(spec, grid);
}
