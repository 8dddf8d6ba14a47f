import { partsOf } from '../../edits/parts';
import { DOCUMENT, type Shape } from '../../edits/shape';
import { resizeStep } from '../../spacing/write-steps';
import { guideText } from '../../overlay/guides';
import type { Breakpoint, Font, Guide, NamedGrid, RuleSetting, Spec, TextStyle, Waiver } from '../../spec/schema';
import { faceText, settingText } from '../../type/style-text';
import type { Collection } from '../collection';
import { said } from '../reading';
import { compared } from './compared';
import { blocks, layouts, sections } from './layouts';
import { settingsOf } from '../text/settings';

/** The things in a list of the document, by the ids that their addresses have. */
function inList<Subject>(key: string, list: (spec: Spec) => unknown, shape: Shape = DOCUMENT.of![key]!) {
  return (spec: Spec): ReadonlyMap<string, Subject> =>
    (partsOf(shape, list(spec)) ?? new Map()) as ReadonlyMap<string, Subject>;
}

type Step = Spec['spacing']['steps'][number];

const steps: Collection<Step> = {
  of: inList('steps', ({ spacing }) => spacing.steps, (DOCUMENT.of!.spacing as { of: Record<string, Shape> }).of.steps),
  name: ({ name }) => `Spacing step ${name}`,
  address: (_, key) => ['spacing', 'steps', key],
  says: ({ times }) => `× ${times}`,
  quantities: ({ name }, key) => [
    {
      id: 'step.times',
      label: 'Times the base unit',
      name: `Spacing step ${name}`,
      kind: 'length',
      address: () => ['spacing', 'steps', key, 'times'],
      read: (_, { times }) => said(`× ${times}`),
      write: (spec, step, text) => resizeStep(spec, spec.spacing.steps.indexOf(step), text),
      weighs: 'minor',
    },
  ],
  weighs: { added: 'minor', removed: 'major' },
};

const styles: Collection<TextStyle> = {
  of: inList('type', ({ type }) => type),
  name: ({ name }) => `Text style ${name}`,
  address: (_, key) => ['type', key],
  says: faceText,
  quantities: ({ name }) => [
    compared(`Text style ${name}`, ['type', name, 'font', 'family'], faceText),
    compared(`Text style ${name}, font`, ['type', name, 'font'], ({ font }) => measuresText(font)),
  ],
  cells: ({ name }) => settingsOf(name),
  gives: ({ at }, { id }) => (at[id] ? settingText(at[id]) : null),
  weighs: { added: 'minor', removed: 'major' },
};

const waivers: Collection<Waiver> = {
  of: inList('waivers', ({ waivers: all }) => all),
  name: ({ rule }) => `Waiver of ${rule}`,
  address: (_, key) => ['waivers', key],
  breakpoint: ({ breakpoint }, spec) => spec.breakpoints.find(({ id }) => id === breakpoint)?.name ?? null,
  says: waiverText,
  quantities: ({ rule }, key) => [compared(`Waiver of ${rule}`, ['waivers', key], waiverText, 'patch')],
  weighs: { added: 'patch', removed: 'patch' },
};

const grids: Collection<NamedGrid> = {
  of: inList('grids', ({ grids: all }) => all ?? []),
  name: ({ name }) => `Grid ${name}`,
  address: (_, key) => ['grids', key],
  says: gridText,
  quantities: ({ name }, key) => [compared(`Grid ${name}`, ['grids', key], gridText)],
  weighs: { added: 'minor', removed: 'major' },
};

type LineOfBreakpoint = Guide & { breakpoint: Breakpoint };

/** Guides of every breakpoint; those of one that comes or goes come and go with it. */
const guides: Collection<LineOfBreakpoint> = {
  of: (spec) =>
    new Map(
      spec.breakpoints.flatMap((breakpoint) =>
        (breakpoint.guides ?? []).map((guide) => [`${breakpoint.id} ${guide.name}`, { ...guide, breakpoint }] as const),
      ),
    ),
  name: ({ name }) => `Guide ${name}`,
  address: ({ breakpoint, name }) => ['breakpoints', breakpoint.id, 'guides', name],
  breakpoint: ({ breakpoint }) => breakpoint.name,
  says: guideText,
  quantities: ({ name, breakpoint }) => [
    compared(`Guide ${name}`, ['breakpoints', breakpoint.id, 'guides', name], guideText),
  ],
  weighs: { added: 'minor', removed: 'minor' },
};

type RuleChange = { id: string; setting: RuleSetting };

const rules: Collection<RuleChange> = {
  of: (spec) => new Map(Object.entries(spec.rules ?? {}).map(([id, setting]) => [id, { id, setting }])),
  name: ({ id }) => `Rule ${id}`,
  address: (_, key) => ['rules', key],
  says: ruleText,
  quantities: ({ id }) => [compared(`Rule ${id}`, ['rules', id], ruleText, 'patch')],
  weighs: { added: 'patch', removed: 'patch' },
};

/** A font's file and measures, of which lines and shifts are made. */
function measuresText({ file, unitsPerEm, ascent, descent, lineGap, capHeight, xHeight, averageWidth }: Font): string {
  return `${file}: ${ascent} over, ${descent} under, gap ${lineGap}, caps ${capHeight}, x-height ${xHeight}, letters ${averageWidth}, of ${unitsPerEm}`;
}

function waiverText({ reason, by, values }: Waiver): string {
  const numbers = Object.entries(values).map(([name, value]) => `${name} ${value}`);
  return `${reason} (${[by, ...numbers].join('; ')})`;
}

function ruleText({ setting: { on, weight, thresholds } }: RuleChange): string {
  const numbers = Object.entries(thresholds ?? {}).map(([id, value]) => `${id} ${value}`);
  return [...(on === false ? ['off'] : []), ...(weight ? [weight] : []), ...numbers].join(', ');
}

/** What a grid gives, breakpoint by breakpoint: `Article: desktop: columns container 856px, count 8`. */
function gridText({ name, at }: NamedGrid): string {
  const own = Object.entries(at).map(([id, parts]) => `${id}: ${partsText(parts)}`);
  return [name, ...own].join('; ');
}

function partsText(parts: NamedGrid['at'][string]): string {
  return Object.entries(parts)
    .map(([part, value]) => {
      const keys = Object.entries(value ?? {}).map(
        ([key, own]) => `${key} ${typeof own === 'object' ? JSON.stringify(own) : own}`,
      );
      return `${part} ${value === null ? 'none' : keys.join(', ')}`;
    })
    .join('; ');
}

/** Everything in a document that comes and goes, save breakpoints. */
export const COLLECTIONS = [
  grids,
  guides,
  steps,
  rules,
  waivers,
  styles,
  layouts,
  sections,
  blocks,
] as unknown as readonly Collection<never>[];
