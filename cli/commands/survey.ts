import { surveyReport } from '../../core/report/survey-report';
import { readScreensText } from '../../core/survey/read-screens';
import { turned } from '../../core/survey/turned';
import {
  type Command,
  directionIn,
  ofGrid,
  pxAmong,
  readArguments,
  readDocument,
  readText,
  Unusable,
} from '../command';

const USAGE = 'survey SCREENS [--against SPEC [--grid ID]] [--tolerance PX] [--direction rtl] [--json]';

/** The grid that screens were drawn on, or what of them is off the grid of a spec; status 1 where something is off. */
export const surveyCommand: Command = {
  usage: USAGE,
  says: 'Finds the grid that boxes were drawn on, and what is off it.\n\n  --against SPEC  compare with a document’s grids instead\n  --grid ID       with --against: a grid beside the main one\n  --tolerance PX  nearer than this is on the grid\n  --direction rtl the screens are read from right to left, and their boxes counted from the left',
  run(args, read) {
    const options = {
      against: { type: 'string' as const },
      tolerance: { type: 'string' as const },
      grid: { type: 'string' as const },
      direction: { type: 'string' as const },
    };
    const { values, file } = readArguments(args, USAGE, options, 1);
    const { value: screens, problem } = readScreensText(readText(file, read));
    if (!screens) throw new Unusable(`${file === '-' ? 'standard input' : file}: ${problem}`);
    const tolerance = pxAmong(values, 'tolerance');
    if (values['grid'] !== undefined && values['against'] === undefined)
      throw new Unusable('--grid needs a document. Add --against SPEC');
    const against =
      typeof values['against'] === 'string' ? ofGrid(readDocument(values['against'], read), values['grid']) : undefined;
    const isRtl = directionIn(values) === 'rtl';
    const report = surveyReport(isRtl ? screens.map((screen) => turned(screen)) : screens, {
      ...(against ? { against } : {}),
      ...(tolerance === undefined ? {} : { tolerance }),
    });
    const isOff = against !== undefined && report.grids.some(({ off }) => off.length > 0);
    const text = values['json'] ? JSON.stringify(report, null, 2) : textOf(report);
    return { text, status: isOff ? 1 : 0 };
  },
};

function textOf({ grids, verticals }: ReturnType<typeof surveyReport>): string {
  const found = grids.map(
    ({ width, count, gutter, column, marginStart, marginEnd, explained, sure, alsoFits, causes }, index) =>
      `${width} px: ${marginStart} + ${count} × ${column} + ${count - 1} × ${gutter} + ${marginEnd}, ${Math.round(explained * 100)} % of the edges` +
      // of the grids at one width only the first can be sure
      (sure === false && grids[index - 1]?.width !== width ? '; not sure' : '') +
      (alsoFits.length > 0 ? `; ${alsoFits.join(', ')} columns match just as well` : '') +
      causes.map((cause) => `\n  ${cause}`).join(''),
  );
  const unit =
    verticals.unit === null
      ? 'No unit down the pages.'
      : `Down the pages: ${verticals.unit} px from ${verticals.offset}.`;
  return [...(found.length > 0 ? found : ['No grid explains these boxes better than chance.']), unit].join('\n');
}
