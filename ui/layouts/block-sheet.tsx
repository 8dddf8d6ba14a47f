'use client';

import { useMemo, useState } from 'react';
import { blocksOf, placementCells, type PlacementPart } from '../../core/quantities/layouts/placement-cells';
import { byWidth } from '../../core/spec/ranges';
import type { Breakpoint, Layout } from '../../core/spec/schema';
import { CellSheet } from '../draft/cells/cell-sheet';
import { useDraft } from '../draft/draft-context';
import { Choice } from '../parts/choice';
import styles from './layouts.module.scss';
import type { ChosenBlocks } from './use-chosen';

const PARTS: readonly { value: PlacementPart; title: string }[] = [
  { value: 'columns', title: 'Columns' },
  { value: 'lanes', title: 'Lanes' },
  { value: 'height', title: 'Heights' },
  { value: 'stands', title: 'Position' },
];

type Props = { layout: Layout; breakpoint: Breakpoint; chosen: ChosenBlocks };

/** Blocks down, breakpoints across: one part of where they stand at a time. */
export function BlockSheet({ layout, breakpoint, chosen }: Props) {
  const document = useDraft((draft) => draft.document);
  const [part, setPart] = useState<PlacementPart>('columns');
  const rows = useMemo(() => placementCells(layout, part), [layout, part]);
  const depths = useMemo(() => new Map(blocksOf(layout).map(({ id, depth }) => [id, depth])), [layout]);
  if (rows.length === 0) return null;
  return (
    <section className={styles.sheet} aria-label="Block positions">
      <Choice label="Block values" options={PARTS} value={part} onChange={setPart} />
      <CellSheet
        key={`${layout.id} ${part}`}
        label={`${PARTS.find(({ value }) => value === part)!.title} of the blocks`}
        rows={rows}
        breakpoints={byWidth(document.breakpoints)}
        shown={breakpoint.id}
        head="Block"
        labels={styles.labels}
        depth={(id) => depths.get(id) ?? 0}
        isChosen={(id) => chosen.blocks.includes(id)}
        onRow={(id) => chosen.choose(id)}
      />
    </section>
  );
}
