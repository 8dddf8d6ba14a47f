import { holdingBack, judge } from '../../core/checks/run';
import { numeral } from '../../core/length/present';
import { px } from '../../core/length/px';
import { NARROWEST_SWEPT, WIDEST_SWEPT } from '../../core/sweep/sweep';
import { sweepReport } from '../../core/sweep/sweep-report';
import { type Command, ofGrid, readArguments, readDocument, Unusable, wholeNumber } from '../command';

const usage = 'sweep FILE [--from N] [--to N] [--grid ID] [--json]';

/** For each breakpoint the widths at which its column is whole, its narrowest and widest column, and its findings. */
export const sweepCommand: Command = {
  usage,
  says: 'Goes through every whole viewport width of a range: where columns are whole, how narrow and wide they get, and the findings.\n\n  --from N, --to N  the range, 240 to 3840 px by default\n  --grid ID         a grid beside the main one',
  run(args, read) {
    const { values, file } = readArguments(
      args,
      usage,
      { from: { type: 'string' }, to: { type: 'string' }, grid: { type: 'string' } },
      1,
    );
    const from = wholeNumber(values, 'from') ?? NARROWEST_SWEPT;
    const to = wholeNumber(values, 'to') ?? Math.max(WIDEST_SWEPT, from);
    if (from > to) throw new Unusable(`--from ${from} is above --to ${to}. Put the smaller width first`);
    const spec = ofGrid(readDocument(file, read), values['grid']);
    const report = sweepReport(spec, from, to);
    const ids = report.breakpoints.map(({ id }) => id);
    const held = holdingBack(judge(spec)).filter(({ breakpoint }) => breakpoint === null || ids.includes(breakpoint));
    return {
      text: values.json ? JSON.stringify(report, null, 2) : report.breakpoints.map(forPeople).join('\n'),
      status: held.length > 0 ? 1 : 0,
    };
  },
};

function forPeople({
  id,
  from,
  to,
  whole,
  narrowest,
  widest,
  type,
  findings,
}: ReturnType<typeof sweepReport>['breakpoints'][number]): string {
  const at = ({ width, column }: typeof narrowest): string => `${numeral(px(column))} at ${width}`;
  return [
    `${id}, ${from} to ${to}`,
    `  columns from ${at(narrowest)} to ${at(widest)}, whole at ${whole.length} of ${to - from + 1} widths`,
    ...type.map(
      ({ name, characters: { fewest, at: fewestAt, most, mostAt } }) =>
        `  ${name}: ${fewest} characters a line at ${fewestAt}, ${most} at ${mostAt}`,
    ),
    ...findings.map(({ weight, message }) => `  ${weight}  ${message}`),
  ].join('\n');
}
