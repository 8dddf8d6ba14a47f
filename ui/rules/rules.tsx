'use client';

import { RULES } from '../../core/checks/registry';
import { type Rule, type Threshold, WEIGHT_NAMES, WEIGHT_SAYS, type Weight } from '../../core/checks/rule';
import { lapsedWaivers } from '../../core/checks/waivers';
import { settingOf, thresholdsOf, withRuleSetting } from '../../core/checks/rule-settings';
import type { RuleSetting } from '../../core/spec/schema';
import { useDraft } from '../draft/draft-context';
import { EditFields } from '../draft/edit-fields';
import { findingsOfDraft } from '../draft/findings-of-draft';
import { CommitField } from '../parts/commit-field';
import { ViewFrame } from '../frame/view-frame';
import { WaiverList } from './waiver-list';
import { NumberTable } from '../parts/number-table';
import { Check } from '../parts/check';
import { Select } from '../parts/select';
import styles from './rules.module.scss';

const WEIGHTS = Object.entries(WEIGHT_NAMES) as [Weight, string][];

/** Every rule: what it asks, why, and on what ground; on or off, weighed, and its numbers, for this spec. */
export function Rules() {
  const document = useDraft((draft) => draft.document);
  const change = useDraft((draft) => draft.change);
  const findings = findingsOfDraft(document);
  const counts = new Map<string, number>();
  for (const { rule, waiver } of findings) if (!waiver) counts.set(rule, (counts.get(rule) ?? 0) + 1);
  const off = RULES.filter(({ id }) => document.rules?.[id]?.on === false).length;

  return (
    <ViewFrame
      view="rules"
      head={
        <>
          <p className={styles.summary}>
            <strong>{RULES.length} rules</strong> {off > 0 ? `${off} of them off. ` : 'all on. '}
            <span className="soft">These settings apply to this specification and are published with it.</span>
          </p>
          <dl className={styles.weights}>
            {WEIGHTS.map(([weight, name]) => (
              <div key={weight}>
                <dt data-weight={weight}>{name}</dt> <dd>{WEIGHT_SAYS[weight]}</dd>
              </div>
            ))}
          </dl>
        </>
      }
    >
      <div className={styles.body}>
        <WaiverList waivers={document.waivers} lapsed={lapsedWaivers(document, findings)} />
        <EditFields>
          <NumberTable of="words" className={styles.rules}>
            <thead>
              <tr>
                <th scope="col">On</th>
                <th scope="col">Rule</th>
                <th scope="col">Weight</th>
                <th scope="col">Numbers</th>
                <th scope="col">Findings</th>
              </tr>
            </thead>
            <tbody>
              {RULES.map((rule) => (
                <RuleRow
                  key={rule.id}
                  rule={rule}
                  setting={settingOf(document, rule)}
                  thresholds={thresholdsOf(document, rule)}
                  findings={counts.get(rule.id) ?? 0}
                  onChange={(setting) => change(withRuleSetting(document, rule, setting))}
                />
              ))}
            </tbody>
          </NumberTable>
        </EditFields>
      </div>
    </ViewFrame>
  );
}

type Full = Required<RuleSetting>;
type RowProps = {
  rule: Rule;
  setting: Full;
  thresholds: Record<string, number>;
  findings: number;
  onChange: (setting: Full) => void;
};

function RuleRow({ rule, setting, thresholds, findings, onChange }: RowProps) {
  const { id, title, asks, why, source, weight } = rule;
  return (
    <tr data-off={!setting.on || undefined}>
      <td>
        <Check
          type="checkbox"
          checked={setting.on}
          aria-label={`${title}: on`}
          onChange={(event) => onChange({ ...setting, on: event.target.checked })}
        />
      </td>
      <th scope="row">
        <strong>{title}</strong> <code>{id}</code>
        <p>{asks}</p>
        <p className="soft">
          {why} <em>{source}.</em>
        </p>
      </th>
      <td>
        <Select
          isSmall
          value={setting.weight}
          aria-label={`Weight of ${title}`}
          data-weight={setting.weight}
          onChange={(event) => onChange({ ...setting, weight: event.target.value as Weight })}
        >
          {WEIGHTS.map(([value, name]) => (
            <option key={value} value={value}>
              {name}
              {value === weight ? ' (default)' : ''}
            </option>
          ))}
        </Select>
      </td>
      <td>
        {rule.thresholds?.map((threshold) => (
          <ThresholdField
            key={threshold.id}
            threshold={threshold}
            value={thresholds[threshold.id]!}
            onChange={(value) => onChange({ ...setting, thresholds: { ...setting.thresholds, [threshold.id]: value } })}
          />
        ))}
      </td>
      <td className="number">{findings > 0 ? findings : ''}</td>
    </tr>
  );
}

type ThresholdProps = { threshold: Threshold; value: number; onChange: (value: number) => void };

function ThresholdField({ threshold: { title, unit, usual }, value, onChange }: ThresholdProps) {
  const commit = (text: string): string | null => {
    const wanted = text.trim() === '' ? usual : Number(text);
    if (!/^(\d+(\.\d+)?)?$/.test(text.trim()) || wanted > 100_000)
      return `“${text.slice(0, 40)}” isn’t a number from 0 to 100,000. The default is ${usual}.`;
    onChange(wanted);
    return null;
  };
  return (
    <div className={styles.threshold}>
      <span>{title}</span>
      <CommitField
        label={title}
        value={String(value)}
        title={`Default: ${usual}. Leave empty for the default`}
        maxLength={12}
        onCommit={commit}
      />
      <span className="soft">{unit}</span>
    </div>
  );
}
