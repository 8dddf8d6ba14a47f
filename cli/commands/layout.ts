import { counted, numeral } from '../../core/length/present';
import { px } from '../../core/length/px';
import { layoutReport } from '../../core/report/layout-report';
import { type Command, readArguments, readDocument, Unusable, wholeNumber } from '../command';

const usage = 'layout FILE --layout ID --width N [--height N] [--json]';

/** A trial layout at a viewport: where each block stands, and the white space between. */
export const layoutCommand: Command = {
  usage,
  says: 'Works out a trial layout at a width: where each block stands, and how high it is.\n\n  --layout ID  the layout, as in the document\n  --width N    viewport width in px\n  --height N   height of the screen',
  run(args, read) {
    const options = { layout: { type: 'string' }, width: { type: 'string' }, height: { type: 'string' } } as const;
    const { values, file } = readArguments(args, usage, options, 1);
    const [width, height] = [wholeNumber(values, 'width'), wholeNumber(values, 'height')];
    if (width === undefined) throw new Unusable(`--width is required, such as --width 1512. Usage: ${usage}`);
    const spec = readDocument(file, read);
    const layout = spec.layouts.find(({ id }) => id === values.layout);
    if (!layout) {
      const ids = spec.layouts.map(({ id }) => id).join(', ') || 'it has none';
      throw new Unusable(
        `--layout is ${values.layout ? `“${values.layout}”` : 'missing'}; the layouts of ${file} are: ${ids}`,
      );
    }
    const report = layoutReport(spec, layout, width, height);
    const held = report.findings.some((finding) => finding.weight === 'must-fix' && !('waiver' in finding));
    return { text: values.json ? JSON.stringify(report, null, 2) : forPeople(report), status: held ? 1 : 0 };
  },
};

function forPeople({ height, sections, blocks, space, findings }: ReturnType<typeof layoutReport>): string {
  const figure = (length: string): string => numeral(px(length));
  return [
    `${counted(sections.length, 'section')}, ${figure(height)} px tall`,
    ...blocks.map(
      ({ id, columns, rows, x, y, width, height: tall }) =>
        `  ${id}: columns ${columns.join('–')}, rows ${rows.join('–')}, ${figure(width)} × ${figure(tall)} at ${figure(x)}, ${figure(y)}`,
    ),
    ...space.map(({ kind, rows, px: gap }) => `  ${kind}: ${counted(rows, 'row')}, ${figure(gap)} px`),
    ...findings.map(({ weight, message }) => `${weight}  ${message}`),
  ].join('\n');
}
