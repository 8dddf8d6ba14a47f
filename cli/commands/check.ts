import { holdingBack, judge } from '../../core/checks/run';
import { columnsAt, sumLine } from '../../core/columns/columns-at';
import { decimal, numeral } from '../../core/length/present';
import { checkReport } from '../../core/report/check-report';
import { rowLine, rowSumAt } from '../../core/rows/row-sum';
import { breakpointAt, rangeText } from '../../core/spec/ranges';
import { specOfGrid } from '../../core/spec/named-grids';
import type { Spec, TextStyle } from '../../core/spec/schema';
import { type TextAt, textAt } from '../../core/type/text-at';
import { checkLock } from './check-lock';
import { type Command, readArguments, readDocument, wholeNumber } from '../command';

const usage = 'check FILE [--width N] [--json]; or check --lock [FILE]';

/** Every breakpoint at its reference size, or the one that applies at a width, with the findings. */
export const checkCommand: Command = {
  usage,
  says: 'Adds up every breakpoint at its design size, or the one that applies at a width, with all findings. Exit code 1 where something must be fixed.\n\n  --width N      the breakpoint that applies at this viewport width, there\n  --lock [FILE]  compare pulled files with the lock file instead, offline\n  --json         exact fractions, for scripts',
  run(args, read, world) {
    if (args.includes('--lock')) return checkLock(args, read, world);
    const { values, file } = readArguments(args, usage, { width: { type: 'string' } }, 1);
    const width = wholeNumber(values, 'width');
    const spec = readDocument(file, read);
    const report = checkReport(spec, width);
    const held = holdingBack(judge(spec)).filter(
      ({ breakpoint }) => width === undefined || breakpoint === null || breakpoint === breakpointAt(spec, width).id,
    );
    return {
      text: values.json ? JSON.stringify(report, null, 2) : forPeople(spec, report),
      status: held.length > 0 ? 1 : 0,
    };
  },
};

/** `body: 16 / 24, 2.392 px down to the baseline, 63 characters a line` */
function textLine({ name }: TextStyle, { size, leading, shift, characters }: TextAt): string {
  return `${name}: ${decimal(size)} / ${decimal(leading)}, ${decimal(shift)} px down to the baseline, ${Math.round(characters.valueOf())} characters a line`;
}

function forPeople(spec: Spec, { breakpoints, findings }: ReturnType<typeof checkReport>): string {
  const sums = breakpoints.map(({ id, width, height }) => {
    const breakpoint = spec.breakpoints.find((candidate) => candidate.id === id)!;
    const rows = rowSumAt(spec, breakpoint, height, width);
    return [
      `${breakpoint.name} (${rangeText(spec, breakpoint)}) at ${width} × ${height}`,
      sumLine(columnsAt(spec, breakpoint, width), numeral),
      ...(rows ? [`rows: ${rowLine(rows, numeral)}`] : []),
      ...(spec.grids ?? []).map((grid) => {
        const own = specOfGrid(spec, grid);
        const its = own.breakpoints.find((each) => each.id === id)!;
        return `${grid.name}: ${sumLine(columnsAt(own, its, width), numeral)}`;
      }),
      ...spec.type.map((style) => textLine(style, textAt(spec, style, breakpoint, width))),
    ].join('\n  ');
  });
  const names = new Map(spec.breakpoints.map(({ id, name }) => [id, name]));
  const lines = findings.map(({ weight, breakpoint, message, waiver }) => {
    const where = breakpoint === null ? '' : `${names.get(breakpoint)}: `;
    return `${waiver ? 'waived' : weight}  ${where}${message}${waiver ? ` (${waiver.reason})` : ''}`;
  });
  return [...sums, '', ...(lines.length > 0 ? lines : ['No findings. Everything adds up.'])].join('\n');
}
