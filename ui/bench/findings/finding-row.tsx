'use client';

import { memo } from 'react';
import { findingKey } from '../../../core/checks/finding-key';
import type { JudgedFinding } from '../../../core/checks/run';
import { WEIGHT_NAMES, WEIGHT_SAYS } from '../../../core/checks/rule';
import { mendLabel, sentenceOf } from '../../../core/checks/sentence';
import type { Waiver } from '../../../core/spec/schema';
import { Fractions } from '../../drawing/numeral';
import { WaiverForm } from '../../waivers/waiver-form';
import { useLastingMends } from '../../draft/use-lasting-mends';
import { useFindingActions } from './use-finding-actions';
import styles from './findings.module.scss';
import { BareButton } from '../../parts/bare-button';
import { Button } from '../../parts/button';

/** Views in which a finding is better understood, or mended. */
const SHOWN_IN: Record<string, { view: 'sweep' | 'finder'; title: string }[]> = {
  'column-whole': [
    { view: 'sweep', title: 'Show whole widths' },
    { view: 'finder', title: 'Find whole columns' },
  ],
  'parts-whole': [{ view: 'finder', title: 'Find whole columns' }],
  'blocks-whole': [{ view: 'finder', title: 'Find whole columns' }],
  'content-grows': [{ view: 'sweep', title: 'Show the jump' }],
  'line-length': [{ view: 'sweep', title: 'Show in Sweep' }],
};

/** Where a finding leads, by what it is about. */
const GO_TO: Record<string, string> = {
  layouts: 'Go to the layout',
  type: 'Go to the text style',
  spacing: 'Go to the scale',
};

type RowProps = {
  finding: JudgedFinding;
  /** A waiver of it that held until its numbers changed. */
  lapsed: Waiver | null;
  name: string;
  person: string;
  /** Was it not there in the last edition? */
  isNew: boolean;
  isSelected: boolean;
  isWaiving: boolean;
  onWaive: (key: string | null) => void;
};

/** One finding: what it says, and what can be done about it. An edit that leaves it as it is does not draw it anew. */
export const FindingRow = memo(
  function FindingRow({ finding, lapsed, name, person, isNew, isSelected, isWaiving, onWaive }: RowProps) {
    const { rule, weight, waiver, subject } = finding;
    const mends = useLastingMends(waiver ? undefined : finding);
    const act = useFindingActions(finding, person);
    return (
      <li className={styles.row} data-waived={waiver ? true : undefined} data-selected={isSelected || undefined}>
        <span data-weight={weight} title={WEIGHT_SAYS[weight]}>
          {waiver ? 'Waived' : WEIGHT_NAMES[weight]}
        </span>
        <span>{name}</span>
        <div>
          {isNew && (
            <span className={styles.new} title="New since the last edition">
              new
            </span>
          )}
          <BareButton
            className={styles.message}
            onClick={act.goTo}
            title={GO_TO[subject[0]?.[0] ?? ''] ?? 'Go to the cell'}
          >
            <Fractions text={sentenceOf(finding)} />
          </BareButton>
          {waiver && (
            <span className="soft">
              {' '}
              {waiver.reason} ({waiver.by})
            </span>
          )}
          {lapsed && (
            <span className={styles.lapsed}>
              {' '}
              Waiver expired, the numbers changed: {lapsed.reason} ({lapsed.by})
            </span>
          )}
          {isWaiving && (
            <WaiverForm
              onWaive={(reason) => {
                act.waive(reason);
                onWaive(null);
              }}
              onCancel={() => onWaive(null)}
            />
          )}
        </div>
        <div className={styles.mends}>
          {!waiver &&
            mends.slice(0, 2).map((mend, index) => (
              <Button key={index} look="quiet" data-edits onClick={() => act.mend(mend)}>
                <Fractions text={mendLabel(finding, mend)} />
              </Button>
            ))}
          {!waiver &&
            SHOWN_IN[rule]?.map(({ view, title }) => (
              <Button key={view} look="quiet" onClick={() => act.showIn(view)}>
                {title}
              </Button>
            ))}
          {waiver ? (
            <Button look="quiet" data-edits onClick={act.withdraw}>
              Remove waiver
            </Button>
          ) : (
            !isWaiving && (
              <Button look="quiet" data-edits onClick={() => onWaive(findingKey(finding))}>
                Waive…
              </Button>
            )
          )}
        </div>
      </li>
    );
  },
  (before, after) =>
    before.name === after.name &&
    before.person === after.person &&
    before.isWaiving === after.isWaiving &&
    before.isNew === after.isNew &&
    before.isSelected === after.isSelected &&
    before.lapsed === after.lapsed &&
    before.finding.waiver === after.finding.waiver &&
    before.finding.weight === after.finding.weight &&
    sentenceOf(before.finding) === sentenceOf(after.finding) &&
    findingKey(before.finding) === findingKey(after.finding) &&
    before.finding.mends.length === after.finding.mends.length &&
    before.finding.mends.every(
      (mend, index) => mendLabel(before.finding, mend) === mendLabel(after.finding, after.finding.mends[index]!),
    ),
);
