import { readCss } from '../../core/reading/read-css';
import { readFile } from '../../core/reading/read-file';
import { counted } from '../../core/length/present';
import { classesSaid } from '../../core/site/grid-systems';
import { type Command, readArguments, readText, Unusable } from '../command';

const USAGE = 'read FILE… [--name NAME] [--container CLASS] [--row CLASS] [--columns STEM] [--to spec.json]';

/** What style sheets, tokens or tables say of grids, as a document; what was not understood is said beside, with its place. */
export const readCommand: Command = {
  usage: USAGE,
  says: 'Makes a document of what a file says: style sheets (several together), design tokens, a table, an older document. What isn’t understood is named on standard error.\n\n  --name NAME      what the specification is called\n  --container CLASS, --row CLASS, --columns STEM\n                   which elements of style sheets make the grid\n  --to spec.json   write a file instead of standard output',
  run(args, read) {
    const text = { type: 'string' as const };
    const options = { name: text, container: text, row: text, columns: text, to: text };
    const { values, file, files } = readArguments(args, USAGE, options, 'some');
    const given = [file, ...files].map((name) => ({ name, text: readText(name, read) }));
    const choice = Object.fromEntries(
      (['container', 'row', 'columns'] as const).flatMap((role) =>
        typeof values[role] === 'string' ? [[role, classesSaid(values[role])]] : [],
      ),
    );
    const isCss = given.length > 1 || Object.keys(choice).length > 0;
    const { value, problem } = isCss ? readCss(given, choice) : readFile(given[0]!.name, given[0]!.text);
    if (!value) throw new Unusable(isCss ? `${given.map(({ name }) => name).join(', ')}: ${problem}` : problem!);
    const document = typeof values['name'] === 'string' ? { ...value.document, name: values['name'] } : value.document;
    const written = `${JSON.stringify(document, null, 2)}\n`;
    const words = [
      `${value.title}: ${counted(document.breakpoints.length, 'breakpoint')}`,
      ...value.unread.map(
        ({ what, why, where }) => `Not read: ${where === undefined ? '' : `${where}: `}${what}. ${why}`,
      ),
    ].join('\n');
    const to = values['to'];
    return typeof to === 'string'
      ? { files: [{ path: to, text: written }], words, status: 0 }
      : { text: written.trimEnd(), words, status: 0 };
  },
};
