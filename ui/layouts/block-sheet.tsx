'use client';

import { type KeyboardEvent, useMemo, useState } from 'react';
import { blocksOf, placementCells, type PlacementPart } from '../../core/quantities/layouts/placement-cells';
import { readBy } from '../../core/layouts/reading-order';
import { byWidth } from '../../core/spec/ranges';
import type { Breakpoint, Layout } from '../../core/spec/schema';
import { CellSheet } from '../draft/cells/cell-sheet';
import { useDraft, useDraftStore } from '../draft/draft-context';
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
  const store = useDraftStore();
  const [part, setPart] = useState<PlacementPart>('columns');
  const rows = useMemo(() => placementCells(layout, part), [layout, part]);
  const depths = useMemo(() => new Map(blocksOf(layout).map(({ id, depth }) => [id, depth])), [layout]);
  const [block] = chosen.blocks;
  /** Rows stand in the order of reading, in which Alt and an arrow move them. */
  const onKeyDown = (event: KeyboardEvent): void => {
    const by = event.key === 'ArrowUp' ? -1 : event.key === 'ArrowDown' ? 1 : 0;
    if (!event.altKey || by === 0 || block === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    const { document: now, take } = store.getState();
    take({ value: readBy(now, layout.id, block, by) });
  };
  if (rows.length === 0) return null;
  return (
    <section className={styles.sheet} aria-label="Block positions" onKeyDownCapture={onKeyDown}>
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
