import type { Spec } from '../../core/spec/schema';
import type { KeptSurvey } from '../../core/survey/kept-survey';
import { screenOfLayout } from '../../core/survey/screen-of-layout';
import type { Box, Screen } from '../../core/survey/screens';

const WIDTHS = [412, 820, 1512];

/** Every page of a spec at three widths, as it is meant. */
function screensOf(spec: Spec): Screen[] {
  return spec.layouts.flatMap((layout) => WIDTHS.map((width) => screenOfLayout(spec, layout, width)));
}

/** What was built otherwise: cards that start early, a table that ends late, fields that are too wide. */
const SLIPS: { name: RegExp; by: (box: Box) => Box }[] = [
  { name: /^(Farholm|The Ness)$/, by: (box) => ({ ...box, x: box.x - 2, width: box.width + 2 }) },
  { name: /^Departures$/, by: (box) => ({ ...box, width: box.width + 4 }) },
  { name: /^Field, (from|to)$/, by: (box) => ({ ...box, width: box.width + 6 }) },
];

function slipped(screen: Screen): Screen {
  return {
    ...screen,
    boxes: screen.boxes.map((box) => SLIPS.find(({ name }) => name.test(box.name))?.by(box) ?? box),
  };
}

/** Two surveys of the passenger site: the pages as they were drawn, and as they were first built. */
export function demoSurveys(spec: Spec): KeptSurvey[] {
  const screens = screensOf(spec);
  return [
    { name: 'As drawn', screens, chosen: [], grid: null },
    { name: 'First build, staging', screens: screens.map(slipped), chosen: [], grid: null },
  ];
}
