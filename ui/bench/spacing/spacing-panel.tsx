'use client';

import { Plus, X } from 'lucide-react';
import { numeral } from '../../../core/length/present';
import {
  offScale,
  spacesInUse,
  type Step,
  stepsOf,
  suggestedSteps,
  type Use,
  usesOf,
} from '../../../core/spacing/scale';
import { addStep, nameStep, removeStep, resizeStep } from '../../../core/spacing/write-steps';
import type { Spec } from '../../../core/spec/schema';
import { type LeadingUse, leadingsInUse } from '../../../core/type/text-spaces';
import { useDraft } from '../../draft/draft-context';
import { EditFields } from '../../draft/edit-fields';
import { Fractions, Numeral } from '../../drawing/numeral';
import { BareButton } from '../../parts/bare-button';
import { CommitField } from '../../parts/commit-field';
import { NumberTable } from '../../parts/number-table';
import { Panel } from '../../parts/panel';
import styles from './spacing.module.scss';
import { Button } from '../../parts/button';

/** The spacing scale: named multiples of the base unit, what uses each, and what the scale lacks. */
export function SpacingPanel() {
  const document = useDraft((draft) => draft.document);
  const change = useDraft((draft) => draft.change);
  const write = useDraft((draft) => draft.take);
  const steps = stepsOf(document);
  const uses = spacesInUse(document);
  const leadings = leadingsInUse(document);
  const outside = offScale(document, steps, uses);
  const largest = steps.at(-1)?.px.valueOf() ?? 1;

  return (
    <Panel label="Spacing scale">
      <EditFields>
        <NumberTable className={styles.scale}>
          <thead>
            <tr>
              <th scope="col">Step</th>
              <th scope="col">× base</th>
              <th scope="col">px</th>
              <th scope="col">rem</th>
              <th scope="col" aria-label="Drawn" />
              <th scope="col">Used by</th>
              <td />
            </tr>
          </thead>
          <tbody>
            {steps.map((step) => (
              <tr key={step.index}>
                <th scope="row">
                  <CommitField
                    label={`Name of ${step.name}`}
                    value={step.name}
                    onCommit={(text) => write(nameStep(document, step.index, text))}
                  />
                </th>
                <td>
                  <CommitField
                    label={`Times base of ${step.name}`}
                    value={step.times.toFraction()}
                    title="A multiple such as 3/2 or a length such as 12px"
                    className={styles.times}
                    onCommit={(text) => write(resizeStep(document, step.index, text))}
                  />
                </td>
                <td className="number">
                  <Numeral text={numeral(step.px)} />
                </td>
                <td className="number">{numeral(step.rem)}</td>
                <td>
                  <Bar px={step.px.valueOf()} largest={largest} />
                </td>
                <td className="soft">{usedBy(document, step, uses, leadings)}</td>
                <td>
                  <BareButton
                    className={styles.remove}
                    data-edits
                    aria-label={`Remove ${step.name}`}
                    title="Remove this step"
                    onClick={() => change(removeStep(document, step.index))}
                  >
                    <X size={13} aria-hidden />
                  </BareButton>
                </td>
              </tr>
            ))}
          </tbody>
        </NumberTable>
      </EditFields>
      <div className={styles.add} data-edits>
        <Plus size={13} aria-hidden /> Add step
        <CommitField
          label="Add step"
          value=""
          empties
          placeholder="5, 3/2 or 40px"
          onCommit={(text) => write(addStep(document, text))}
        />
        <Suggestions spec={document} onAdd={(times) => write(addStep(document, times))} />
      </div>
      {outside.length > 0 && <Outside uses={outside} />}
    </Panel>
  );
}

function Bar({ px, largest }: { px: number; largest: number }) {
  return (
    <svg className={styles.bar} viewBox={`0 0 ${largest} 8`} preserveAspectRatio="none" aria-hidden="true">
      <rect width={px} height="8" fill="var(--plum-tint)" />
    </svg>
  );
}

/** `gutter (Phone, Tablet), leading of body`, or a word that nothing does. */
function usedBy(spec: Spec, step: Step, uses: Use[], leadings: LeadingUse[]): string {
  const names = new Map<string, string[]>();
  for (const { breakpoint, given } of usesOf(step, uses))
    names.set(given.name, [...(names.get(given.name) ?? []), breakpoint.name]);
  const spaces = [...names].map(([name, breakpoints]) =>
    breakpoints.length === spec.breakpoints.length ? name : `${name} (${breakpoints.join(', ')})`,
  );
  const set = leadings.filter(({ leading }) => leading.equals(step.px)).map(({ style }) => `leading of ${style}`);
  return [...spaces, ...new Set(set)].join(', ') || 'no grid';
}

function Suggestions({ spec, onAdd }: { spec: Spec; onAdd: (times: string) => void }) {
  const suggested = suggestedSteps(spec).slice(0, 4);
  if (suggested.length === 0) return null;
  return (
    <span className={styles.suggested}>
      <span className="soft">or</span>
      {suggested.map(({ times, px, why }) => (
        <Button key={times} look="quiet" title={`${times} × base: ${why}`} onClick={() => onAdd(times)}>
          <Fractions text={`${numeral(px)} px`} />
        </Button>
      ))}
    </span>
  );
}

function Outside({ uses }: { uses: Use[] }) {
  return (
    <p className={styles.outside}>
      Not on a step:{' '}
      {uses.map(({ breakpoint, given }, index) => (
        <span key={index}>
          {index > 0 && ', '}
          {given.name} of {breakpoint.name} <span className="number">{numeral(given.px)}</span>
        </span>
      ))}
      .
    </p>
  );
}
