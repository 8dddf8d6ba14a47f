import { inkOf, isOutlined, type OverlayId } from '../../overlay/inks';
import { meshSquare } from '../../overlay/mesh';
import { OVERLAY_IDS } from '../../spec/overlay-schema';
import { numeral } from '../../length/present';
import { compared } from './compared';
import { mapped } from '../../parsed';
import { sizeText } from '../../length/size';
import { allowHalfSteps, writeBase, writeUnits } from '../../spacing/rhythm';
import { measureOf, withMeasure } from '../../spec/measure';
import type { Spec } from '../../spec/schema';
import { choose } from '../choose';
import type { Quantity } from '../quantity';
import { said } from '../reading';

const HALVES = { true: 'allowed', false: 'not allowed' } as const;
const MEASURES = { viewport: 'viewport', container: 'container' } as const;
const PER_INCH = { 96: '96', 72: '72' } as const;

/** What a document says of the whole. */
const OF_SPEC: readonly Quantity<Spec>[] = [
  {
    id: 'spec.name',
    label: 'Name',
    name: 'Name',
    kind: 'words',
    address: () => ['name'],
    read: ({ name }) => said(name),
    write: (spec, _, text) => (text === '' ? { problem: 'Enter a name.' } : { value: { ...spec, name: text } }),
    weighs: 'patch',
  },
  {
    id: 'base',
    label: 'Base unit',
    name: 'Base unit',
    kind: 'length',
    address: () => ['spacing', 'base'],
    read: ({ spacing }) => said(sizeText(spacing.base)),
    write: (spec, _, text) => writeBase(spec, text),
    weighs: 'minor',
  },
  {
    id: 'halfSteps',
    label: 'Half steps',
    name: 'Half steps',
    kind: 'choice',
    choices: Object.values(HALVES),
    address: () => ['spacing', 'halfSteps'],
    read: ({ spacing }) => said(HALVES[`${spacing.halfSteps}`]),
    write: (spec, _, text) =>
      mapped(
        choose(text, HALVES, (value) => ({ value })),
        (choice) => allowHalfSteps(spec, choice === 'true'),
      ),
    weighs: 'patch',
  },
  {
    id: 'rootFontSize',
    label: 'Root font size',
    name: 'Root font size',
    kind: 'length',
    address: () => ['rootFontSize'],
    read: ({ rootFontSize }) => said(String(rootFontSize)),
    write: (spec, _, text) => writeUnits(spec, text, spec.pixelsPerInch),
    weighs: 'minor',
  },
  {
    id: 'pixelsPerInch',
    label: 'Pixels per inch',
    name: 'Pixels per inch',
    kind: 'choice',
    choices: Object.values(PER_INCH),
    address: () => ['pixelsPerInch'],
    read: ({ pixelsPerInch }) => said(String(pixelsPerInch)),
    write: (spec, _, text) =>
      choose(text, PER_INCH, (choice) => ({ value: { ...spec, pixelsPerInch: Number(choice) as 72 | 96 } })),
    weighs: 'minor',
  },
  {
    id: 'measure',
    label: 'Widths are of',
    name: 'Widths are of',
    kind: 'choice',
    choices: Object.values(MEASURES),
    address: () => ['measure'],
    read: (spec) => said(measureOf(spec)),
    write: (spec, _, text) => choose(text, MEASURES, (choice) => ({ value: withMeasure(spec, choice) })),
    weighs: 'major',
  },
];

function overlay(family: OverlayId): Quantity<Spec> {
  return {
    id: `overlay.${family}`,
    label: `Overlay of ${family}`,
    name: `Overlay of ${family}`,
    kind: 'words',
    address: () => ['overlays', family],
    read: (spec) => said(`${inkOf(spec, family).colour}, ${inkOf(spec, family).strength} %`),
    write: () => ({ problem: 'Change overlay colours in their dialog.' }),
    weighs: 'patch',
  };
}

/** How overlays are drawn, and the mesh: changed in the dialog of the overlays. */
const OVERLAYS_DRAWN: readonly Quantity<Spec>[] = [
  compared('Overlays drawn', ['overlays', 'drawn'], (spec) => (isOutlined(spec) ? 'outlines' : 'filled'), 'patch'),
  compared('Overlay combinations', ['overlays', 'combinations'], combinationsText, 'patch'),
  compared('Mesh, square', ['mesh', 'square'], (spec) => numeral(meshSquare(spec)), 'patch'),
  compared(
    'Mesh, strong line',
    ['mesh', 'strong'],
    ({ mesh }) => (mesh?.strong === undefined ? 'none' : `every ${mesh.strong}`),
    'patch',
  ),
];

function combinationsText({ overlays }: Spec): string {
  const all = overlays?.combinations ?? [];
  return all.length === 0
    ? 'none'
    : all.map(({ name, key, shows }) => `${key} ${name}: ${shows.join(', ') || 'nothing'}`).join('; ');
}

/** Every quantity of the whole document. */
export const SPEC_QUANTITIES: readonly Quantity<Spec>[] = [...OF_SPEC, ...OVERLAY_IDS.map(overlay), ...OVERLAYS_DRAWN];
