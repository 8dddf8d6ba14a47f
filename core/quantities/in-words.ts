import type { Address, Edit } from '../edits/edit';
import { ORDER } from '../edits/edit';
import { gridOf } from '../spec/named-grids';
import type { Spec } from '../spec/schema';
import { blockOf } from '../layouts/edit-layout';
import { SPEC_QUANTITIES } from './document/spec';
import { cellAt, quantityOf } from './registry';

/** What a list in the document holds, in words. */
const THINGS: Record<string, string> = {
  breakpoints: 'Breakpoint',
  type: 'Text style',
  layouts: 'Layout',
  waivers: 'Waiver',
  rules: 'Rule',
  grids: 'Grid',
  mesh: 'Mesh',
  overlays: 'Overlays',
};

/**
 * What was edited, in a few words: the first thing and how many more.
 *
 *     inWords(spec, edits)   // "Gutter, Desktop and 2 more"
 *
 *     inWords(without, edits)   // "Tablet removed and 2 more"
 *
 * @param spec a document in which what was edited is there
 */
export function inWords(spec: Spec, edits: readonly Edit[]): string {
  const named = edits.filter(({ at }) => at.at(-1) !== ORDER);
  // what came or went is what was done; the rest went along
  const whole = named.filter((edit) => isThing(edit) && (edit.before === undefined || edit.after === undefined));
  const names = [...new Set([...whole, ...named].map((edit) => nameOfEdit(spec, edit)))];
  const [first = 'Order', ...others] = names;
  return others.length > 0 ? `${first} and ${others.length} more` : first;
}

/** Lists whose things have an address of their own: what stands there is a thing that comes and goes. */
const LISTS = ['grids', 'breakpoints', 'type', 'layouts', 'steps', 'sections', 'blocks'];

function isThing({ at }: Edit): boolean {
  return LISTS.includes(at.at(-2) ?? '') && at.length % 2 === (at.includes('steps') ? 1 : 0);
}

/** What an edit changed; of a thing that came or went also that it did. */
function nameOfEdit(spec: Spec, edit: Edit): string {
  const { at, before, after } = edit;
  if (!isThing(edit) || (before !== undefined && after !== undefined)) return nameOfAddress(spec, at);
  if (after !== undefined) return `${nameOfAddress(spec, at)} added`;
  const name = (before as { name?: unknown } | undefined)?.name;
  const own = typeof name === 'string' ? name : at.at(-1)!;
  return `${at[0] === 'breakpoints' ? own : `${THING_OF[at.at(-2)!]} ${own}`} removed`;
}

const THING_OF: Record<string, string> = {
  grids: 'Grid',
  type: 'Text style',
  layouts: 'Layout',
  steps: 'Spacing step',
  sections: 'Section',
  blocks: 'Block',
};

/**
 * What an address names, in words.
 *
 *     nameOfAddress(spec, ['breakpoints', 'desktop', 'columns', 'gutter'])   // "Gutter, Desktop"
 */
export function nameOfAddress(spec: Spec, at: Address): string {
  if (at[0] === 'grids') return nameInGrid(spec, at);
  const cell = cellAt(spec, at);
  const breakpoint = at[0] === 'breakpoints' ? spec.breakpoints.find(({ id }) => id === at[1]) : undefined;
  if (cell) return `${quantityOf(cell.quantity).name}, ${breakpoint!.name}`;
  if (breakpoint && at.length > 2) return `${at[2]!.charAt(0).toUpperCase()}${at[2]!.slice(1)}, ${breakpoint.name}`;
  if (at[0] === 'spacing' && at[1] === 'steps') return `Spacing step ${at[2] ?? ''}`.trim();
  const ofSpec = SPEC_QUANTITIES.find(({ address }) => address(spec).join('/') === at.join('/'));
  if (ofSpec) return ofSpec.name;
  const inLayout = at[0] === 'layouts' ? nameInLayout(spec, at) : null;
  if (inLayout) return inLayout;
  const thing = THINGS[at[0] ?? ''];
  if (!thing) return at.join(' ');
  const own = breakpoint?.name ?? at[1]?.split(' ')[0] ?? '';
  // a breakpoint that nobody has named yet is called so already
  return own.startsWith(thing) ? own : `${thing} ${own}`.trim();
}

/** What of a grid beside the main one: `Container, Desktop, Article`; `Article, Desktop`; the grid itself. */
function nameInGrid(spec: Spec, at: Address): string {
  const name = gridOf(spec, at[1] ?? '')?.name ?? at[1] ?? '';
  const cell = cellAt(spec, at);
  const breakpoint = spec.breakpoints.find(({ id }) => id === at[3]);
  if (cell) return `${quantityOf(cell.quantity).name}, ${breakpoint!.name}, ${name}`;
  return breakpoint ? `${name}, ${breakpoint.name}` : `Grid ${name}`.trim();
}

/** A block or a section of a layout, and what of it, in words; null for the layout itself. */
function nameInLayout(spec: Spec, at: Address): string | null {
  const layout = spec.layouts.find(({ id }) => id === at[1]);
  const block =
    layout && at.lastIndexOf('blocks') >= 0 ? blockOf(layout, at[at.lastIndexOf('blocks') + 1] ?? '') : null;
  const breakpoint = spec.breakpoints.find(({ id }) => id === at[at.lastIndexOf('at') + 1]);
  if (block) return breakpoint ? `${block.block.name}, ${breakpoint.name}` : block.block.name;
  const section = layout?.sections.find(({ id }) => id === at[3]);
  return section ? (at[4] === 'space' ? `White space of ${section.name}` : `Section ${section.name}`) : null;
}
