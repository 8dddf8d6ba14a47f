'use client';

import type { JudgedFinding } from '../../../core/checks/run';
import { type Weight, WEIGHT_NAMES, weightCount } from '../../../core/checks/rule';
import { Toggle } from '../../parts/toggle';
import { Select } from '../../parts/select';
import styles from './findings.module.scss';

/** Which findings are looked at; null for all of a kind. */
export type FindingFilter = { breakpoint: string | null; weight: Weight | null; isNew: boolean };

export const EVERYTHING: FindingFilter = { breakpoint: null, weight: null, isNew: false };

type Props = {
  open: JudgedFinding[];
  names: Map<string, string>;
  filter: FindingFilter;
  /** How many were not there in the last edition; null before the first. */
  fresh: { version: string; count: number } | null;
  onFilter: (filter: FindingFilter) => void;
};

/** How many there are of each weight, each a way to see those alone; those of one breakpoint; those that are new. */
export function FindingFilters({ open, names, filter, fresh, onFilter }: Props) {
  return (
    <span className={styles.filters} role="group" aria-label="Filter findings">
      {(Object.keys(WEIGHT_NAMES) as Weight[]).map((weight) => {
        const count = open.filter((finding) => finding.weight === weight).length;
        return (
          count > 0 && (
            <Toggle
              key={weight}
              data-weight={weight}
              isOn={filter.weight === weight}
              title="Show only these, or all"
              onClick={() => onFilter({ ...filter, weight: filter.weight === weight ? null : weight })}
            >
              {weightCount(weight, count)}
            </Toggle>
          )
        );
      })}
      {open.length > 0 && (
        <Select
          isSmall
          aria-label="Breakpoint"
          value={filter.breakpoint ?? ''}
          onChange={(event) => onFilter({ ...filter, breakpoint: event.target.value || null })}
        >
          <option value="">all breakpoints</option>
          {[...names].map(([id, name]) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </Select>
      )}
      {fresh && fresh.count > 0 && (
        <Toggle
          isOn={filter.isNew}
          onClick={() => onFilter({ ...filter, isNew: !filter.isNew })}
          title={`New since edition ${fresh.version}`}
        >
          {fresh.count} new since {fresh.version}
        </Toggle>
      )}
    </span>
  );
}
