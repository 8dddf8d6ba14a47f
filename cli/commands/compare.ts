import { compareSite, type SiteComparison } from '../../core/comparison/compare-site';
import { junitXml } from '../../core/comparison/junit';
import { counted } from '../../core/length/present';
import { classesSaid } from '../../core/site/systems';
import { type Command, readArguments, readDocument, readText, Unusable } from '../command';

const USAGE = 'compare SPEC SITE.css… [--container CLASS] [--row CLASS] [--columns STEM] [--junit FILE] [--json]';

/** Style sheets held against a spec, range by range, quantity by quantity; status 1 where something differs. */
export const compareCommand: Command = {
  usage: USAGE,
  run(args, read) {
    const text = { type: 'string' as const };
    const options = { container: text, row: text, columns: text, junit: text };
    const { values, file, files } = readArguments(args, USAGE, options, 'more');
    if ([file, ...files].filter((each) => each === '-').length > 1)
      throw new Unusable('only one file can be standard input');
    const spec = readDocument(file, read);
    const sheets = files.map((each) => readText(each, read));
    const choice = Object.fromEntries(
      (['container', 'row', 'columns'] as const).flatMap((role) =>
        typeof values[role] === 'string' ? [[role, classesSaid(values[role])]] : [],
      ),
    );
    const { value: comparison, problem } = compareSite(spec, sheets, choice);
    if (!comparison) throw new Unusable(`${files.join(', ')}: ${problem}`);
    const off = comparison.checks.filter(({ isSame }) => !isSame);
    return {
      text: values['json'] ? JSON.stringify(comparison, null, 2) : forPeople(comparison),
      ...(typeof values['junit'] === 'string'
        ? { files: [{ path: values['junit'], text: junitXml(comparison) }] }
        : {}),
      status: off.length > 0 ? 1 : 0,
    };
  },
};

function forPeople({ grid, checks, unread }: SiteComparison): string {
  const off = checks.filter(({ isSame }) => !isSame);
  const head = grid === null ? 'Layouts only: no column grid was found.' : `The page’s grid: ${grid}`;
  const said =
    off.length === 0 ? ['Everything checked matches the specification.'] : off.map(({ sentence }) => sentence);
  const left = unread.map(({ what, why }) => `Not read: ${what}. ${why}`);
  return [head, ...said, ...left, `${counted(checks.length, 'check')}, ${off.length} of them off.`].join('\n');
}
