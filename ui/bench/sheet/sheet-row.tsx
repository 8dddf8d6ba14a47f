'use client';

import { Plus } from 'lucide-react';
import type { ReactNode } from 'react';
import type { CellQuantity } from '../../../core/quantities/quantity';
import { GridChoice } from '../grids/grid-choice';
import { MainGridValues } from '../grids/main-grid-values';
import { BareButton } from '../../parts/bare-button';
import { GROUP_NAMES, GroupMark, type SheetGroup } from './group-mark';
import { RhythmFields } from './rhythm-fields';
import styles from './sheet.module.scss';

type Props = {
  quantity: CellQuantity;
  /** Does a group of quantities begin with it? */
  opensGroup: boolean;
  /** How many breakpoints stand across. */
  across: number;
  onAdd: () => void;
  onUnits: () => void;
  onAll: () => void;
  onGrid: (asks: 'new' | 'name') => void;
  onProblem: (problem: string | null) => void;
  children: ReactNode;
};

/** A row of the sheet, under the head of its group. */
export function SheetRow({ quantity, opensGroup, across, onAdd, onUnits, onAll, onGrid, onProblem, children }: Props) {
  const group = quantity.group as SheetGroup;
  const isHead = quantity.id === 'name';
  return (
    <>
      {opensGroup && (
        <tr className={styles.group} role="row">
          <th colSpan={across + 1} scope="rowgroup">
            <div>
              <GroupMark group={group} /> {GROUP_NAMES[group]}
              {group === 'columns' && (
                <>
                  <GridChoice onName={onGrid} />
                  <MainGridValues />
                </>
              )}
              {group === 'screen' && (
                <>
                  <BareButton data-edits onClick={onUnits} title="What rem, pt, mm and in are based on">
                    Units…
                  </BareButton>
                  <BareButton
                    data-edits
                    aria-keyshortcuts="Alt+A"
                    onClick={onAll}
                    title="One value for every breakpoint, or scaled with the screen (Alt+A)"
                  >
                    All breakpoints…
                  </BareButton>
                  <BareButton data-edits onClick={onAdd} title="Split the range at the viewport marker">
                    <Plus size={13} aria-hidden /> Add a breakpoint
                  </BareButton>
                </>
              )}
            </div>
          </th>
        </tr>
      )}
      <tr className={isHead ? styles.head : undefined} role="row">
        <th scope="row">{isHead ? <RhythmFields onProblem={onProblem} /> : quantity.label}</th>
        {children}
      </tr>
    </>
  );
}
