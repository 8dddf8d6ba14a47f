import { againstGrid } from '../../core/comparison/against-grid';
import type { Check } from '../../core/comparison/check';
import { compareSite, type SiteComparison } from '../../core/comparison/compare-site';
import type { ComparedSystem } from '../../core/comparison/compared-system';
import { comparisonJson } from '../../core/comparison/comparison-json';
import { junitXml } from '../../core/comparison/junit';
import { counted } from '../../core/length/present';
import { classesSaid } from '../../core/site/grid-systems';
import { type Command, ofGrid, readArguments, readDocument, readText, Unusable } from '../command';

const USAGE =
  'compare SPEC SITE.css… [--container CLASS] [--row CLASS] [--columns STEM] [--page PAGE.html] [--grid ID] [--allow-unread] [--junit FILE] [--json]';

/** Style sheets held against a spec, range by range, quantity by quantity; status 1 where something differs, or was asked and not checked. */
export const compareCommand: Command = {
  usage: USAGE,
  says: 'Compares the style sheets of a site with a document, range by range and value by value. Exit code 1 where something differs, or was asked and couldn’t be checked.\n\n  --container CLASS, --row CLASS, --columns STEM\n                  which elements make the grid, where the guess is wrong\n  --page PAGE     the page’s markup: its own elements decide, utility classes too\n  --grid ID       a grid beside the main one\n  --allow-unread  exit code 0 though something couldn’t be checked\n  --junit FILE    write JUnit XML as well\n  --json          verdicts, numbers of px and places, for scripts',
  run(args, read) {
    const text = { type: 'string' as const };
    const options = {
      page: text,
      grid: text,
      container: text,
      row: text,
      columns: text,
      junit: text,
      'allow-unread': { type: 'boolean' as const },
    };
    const { values, file, files } = readArguments(args, USAGE, options, 'more');
    if ([file, ...files].filter((each) => each === '-').length > 1)
      throw new Unusable('only one file can be standard input');
    const spec = readDocument(file, read);
    ofGrid(spec, values['grid']); // one that is not there is said
    const sheets = files.map((name) => ({ name, text: readText(name, read) }));
    const against = againstGrid(spec, typeof values['grid'] === 'string' ? values['grid'] : null, sheets);
    const page =
      typeof values['page'] === 'string' ? { name: values['page'], text: readText(values['page'], read) } : null;
    const choice = Object.fromEntries(
      (['container', 'row', 'columns'] as const).flatMap((role) =>
        typeof values[role] === 'string' ? [[role, classesSaid(values[role])]] : [],
      ),
    );
    const { value: comparison, problem } = compareSite(against.spec, sheets, { ...against.choice, ...choice }, page);
    if (!comparison) throw new Unusable(`${files.join(', ')}: ${problem}`);
    const off = comparison.checks.some(({ verdict }) => verdict === 'differs');
    const left = !values['allow-unread'] && comparison.checks.some(({ verdict }) => verdict === 'not-checked');
    return {
      text: values['json'] ? comparisonJson(comparison) : forPeople(comparison),
      ...(typeof values['junit'] === 'string'
        ? { files: [{ path: values['junit'], text: junitXml(comparison) }] }
        : {}),
      status: off || left ? 1 : 0,
    };
  },
};

function forPeople({ grid, systems, compared, checks, unread }: SiteComparison): string {
  const of = (verdict: Check['verdict']) => checks.filter((check) => check.verdict === verdict);
  const [off, left] = [of('differs'), of('not-checked')];
  const placed = ({ sentence, where }: Check) => (where === undefined ? sentence : `${where}: ${sentence}`);
  const said = off.length === 0 && left.length === 0 ? ['Everything checked matches the specification.'] : [];
  // one reason often stands for several checks
  const unchecked = [...new Set(left.map(placed))];
  const notRead = unread.map(
    ({ what, why, where }) => `Not read: ${where === undefined ? '' : `${where}: `}${what}. ${why}`,
  );
  return [
    headOf(grid, compared),
    ...(compared === null ? systems.slice(0, 6).map(candidate) : []),
    ...said,
    ...off.map(({ sentence }) => sentence),
    ...unchecked,
    ...notRead,
    `${counted(checks.length, 'check')}, ${off.length} of them off${left.length > 0 ? `, ${left.length} not checked` : ''}.`,
  ].join('\n');
}

function headOf(grid: string | null, compared: number | null): string {
  if (grid === null) return 'Layouts only: no column grid was found.';
  return compared === null
    ? 'Which grid is the page’s isn’t sure, so none was compared. Say it with --container, --row or --columns:'
    : `The page’s grid: ${grid}`;
}

function candidate({ title, sure, why }: ComparedSystem): string {
  return `  ${title}, ${Math.round(sure * 100)} % sure${why.length > 0 ? `: ${why.join(' ')}` : ''}`;
}
