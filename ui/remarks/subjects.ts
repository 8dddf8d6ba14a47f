import type { JudgedFinding } from '../../core/checks/run';
import { sentenceOf } from '../../core/checks/sentence';
import type { Address } from '../../core/edits/edit';
import { nameOfAddress } from '../../core/quantities/in-words';
import { addressOf, type QuantityId, QUANTITIES } from '../../core/quantities/registry';
import { byWidth } from '../../core/spec/ranges';
import type { Spec } from '../../core/spec/schema';

/** Something that a remark can be about. */
export type Subject = { key: string; group: string; name: string; at: Address; rule: string | null };

type Selected = { breakpoint: string; quantity: string };

/** So much of a sentence is kept with a remark. */
const LONGEST = 300;

/**
 * What a remark can be about, what is selected first: its cell, breakpoints, text styles, layouts and their blocks, findings, the whole.
 */
export function subjectsOf(spec: Spec, selected: Selected, findings: readonly JudgedFinding[]): Subject[] {
  const subject = (
    group: string,
    at: Address,
    name = nameOfAddress(spec, at),
    rule: string | null = null,
  ): Subject => ({
    key: `${rule ?? ''} ${at.join('/')}`,
    group,
    name,
    at,
    rule,
  });
  const breakpoint = spec.breakpoints.find(({ id }) => id === selected.breakpoint);
  const isQuantity = QUANTITIES.some(({ id }) => id === selected.quantity);
  const cell =
    breakpoint && isQuantity ? [subject('Selected', addressOf(breakpoint, selected.quantity as QuantityId))] : [];
  const names = new Map(spec.breakpoints.map(({ id, name }) => [id, name]));
  const found = findings.map((finding) => {
    const where = finding.breakpoint === null ? '' : `${names.get(finding.breakpoint)}: `;
    return subject(
      'Findings',
      finding.subject[0] ?? [],
      `${where}${sentenceOf(finding)}`.slice(0, LONGEST),
      finding.rule,
    );
  });
  const blocks = spec.layouts.flatMap(({ id, name, sections }) => [
    subject('Layouts', ['layouts', id], name),
    ...sections.flatMap((section) =>
      section.blocks.map((block) =>
        subject('Layouts', ['layouts', id, 'sections', section.id, 'blocks', block.id], `${name}: ${block.name}`),
      ),
    ),
  ]);
  return [
    ...cell,
    subject('Whole', [], 'The specification'),
    ...byWidth(spec.breakpoints).map(({ id, name }) => subject('Breakpoints', ['breakpoints', id], name)),
    ...spec.type.map(({ name }) => subject('Text styles', ['type', name], `Text style ${name}`)),
    ...blocks,
    ...new Map(found.map((each) => [each.key, each])).values(),
  ];
}
