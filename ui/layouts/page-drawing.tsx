'use client';

import { useMemo, useState } from 'react';
import { columnsAt } from '../../core/columns/columns-at';
import { inksOf } from '../../core/overlay/inks';
import { leave } from '../../core/layouts/write-block';
import type { PlacedBlock } from '../../core/layouts/place-blocks';
import { solveLayout } from '../../core/layouts/solve-layout';
import { breakpointAt } from '../../core/spec/ranges';
import type { Breakpoint, Layout } from '../../core/spec/schema';
import { findingsOfDraft } from '../draft/findings-of-draft';
import { useDraft, useDraftStore, useMayEdit, useView, useViewStore } from '../draft/draft-context';
import { Overlays } from '../drawing/overlays';
import { SectionColumns } from './section-columns';
import { BlockOnPage, spokenBlock } from './block-on-page';
import { CardOverlays } from './card-overlays';
import { GapBands } from './gap-bands';
import styles from './layouts.module.scss';
import { ReasonDialog } from './reason-dialog';
import { handled, type Handling, type Held } from './handling';
import { blockKeys } from './block-keys';
import type { ChosenBlocks } from './use-chosen';

type Props = {
  layout: Layout;
  breakpoint: Breakpoint;
  viewport: number;
  scale: number;
  /** Is it the only page that is shown? */
  isAlone: boolean;
  chosen: ChosenBlocks;
  /** Says a sentence under the page. */
  say: (problem: string | null) => void;
};

/** What is said of a block that is handled takes about so many px of the window. */
const SAYS = 330;

type Leaving = { side: 'start' | 'end'; columns: [number, number]; beyond: number; block: string };

/** A page to scale on its grid. While a block is handled, the page is drawn as it would be were it let go now. */
export function PageDrawing({ layout, breakpoint, viewport, scale, isAlone, chosen, say }: Props) {
  const document = useDraft((draft) => draft.document);
  const store = useDraftStore();
  const mayEdit = useMayEdit();
  const view = useViewStore();
  const overlays = useView((view) => view.overlays);
  const [held, setHeld] = useState<Held>(null);
  const [leaving, setLeaving] = useState<Leaving | null>(null);
  const given = useView((view) => view.pageHeights[breakpoint.id]);
  const tall = given ?? breakpoint.reference.height;
  const solved = useMemo(() => solveLayout(document, layout, viewport, tall), [document, layout, viewport, tall]);
  const spec = useMemo(
    () => (held ? (handled(document, layout, solved, held.block, held.handling).value ?? document) : document),
    [document, layout, solved, held],
  );
  const shown = useMemo(() => {
    const now = spec.layouts.find(({ id }) => id === layout.id);
    return spec === document || !now ? solved : solveLayout(spec, now, viewport, tall);
  }, [spec, document, layout.id, solved, viewport, tall]);
  const columns = useMemo(() => columnsAt(document, breakpoint, viewport), [document, breakpoint, viewport]);
  const inks = useMemo(() => inksOf(document), [document]);
  const flagged = useMemo(
    () => flaggedBlocks(findingsOfDraft(document), layout.id, breakpoint.id),
    [document, layout.id, breakpoint.id],
  );
  const height = Math.max(shown.height.valueOf(), tall);
  const names = useMemo(() => new Map(shown.blocks.map(({ id, placed }) => [id, placed.block.name])), [shown]);

  // a card is open as long as something in it is chosen
  const opened = new Set(
    shown.blocks.flatMap(({ id, card }) => (card !== null && chosen.blocks.includes(id) ? [card] : [])),
  );

  // what is done to a block is done at the breakpoint at which it was chosen
  const choose = (block: string, withOthers = false): void => {
    if (breakpointAt(document, view.getState().viewport).id !== breakpoint.id) view.getState().show(viewport);
    chosen.choose(block, withOthers);
  };

  const letGo = (block: string, handling: Handling): void => {
    setHeld(null);
    say(store.getState().take(handled(document, layout, solved, block, handling)));
  };
  const holding = held && shown.blocks.find(({ id }) => id === held.block);
  return (
    <div
      className={styles.page}
      data-page
      style={{ width: viewport * scale, height: height * scale }}
      onClick={(event) => event.target === event.currentTarget && chosen.clear()}
    >
      <svg width={viewport * scale} height={height * scale} viewBox={`0 0 ${viewport} ${height}`} aria-hidden="true">
        <Overlays
          {...{ spec: document, breakpoint, solved: columns, scale, id: `page-${breakpoint.id}` }}
          width={viewport}
          height={height}
          shown={overlays}
        />
        {overlays.columns && (
          <SectionColumns
            spec={spec}
            layout={layout}
            sections={shown.sections}
            breakpoint={breakpoint}
            viewport={viewport}
            scale={scale}
          />
        )}
        {shown.sections.slice(1).map(({ id, top }) => (
          <path key={id} d={`M0 ${top.valueOf()}h${viewport}`} className={styles.seam} strokeWidth={1 / scale} />
        ))}
        <CardOverlays blocks={shown.blocks} shown={overlays} inks={inks} />
        {(held || chosen.blocks.length > 0) && (
          <GapBands
            solved={shown}
            section={sectionOf(shown, held?.block ?? chosen.blocks[0]!)}
            scale={scale}
            isStrong={held !== null}
          />
        )}
      </svg>
      {shown.blocks.map((block) => (
        <BlockOnPage
          key={block.id}
          block={block}
          name={names.get(block.id)!}
          scale={scale}
          isChosen={chosen.blocks.includes(block.id)}
          isHeld={held?.block === block.id}
          isFlagged={flagged.has(block.id)}
          isTarget={isAlone}
          isFixed={!mayEdit}
          isShut={block.card !== null && !opened.has(block.card)}
          onOpen={(x, y) => {
            const inside = shown.blocks.findLast(({ card, ...own }) => card === block.id && covers(own, x, y));
            if (inside) choose(inside.id);
          }}
          onChoose={(withOthers) => choose(block.id, withOthers)}
          onHandle={(handling) => setHeld(handling && { block: block.id, handling, breakpoint: breakpoint.id })}
          onLetGo={(handling) => letGo(block.id, handling)}
          onLeave={(side, own, beyond) => setLeaving({ side, columns: own, beyond, block: block.id })}
          onKeyDown={blockKeys({ store, layout, solved, block, chosen, say, breakpoint: breakpoint.id })}
        />
      ))}
      {holding && (
        <output
          className={styles.says}
          style={{
            left: Math.max(0, Math.min(holding.x.valueOf(), viewport - SAYS / scale)) * scale,
            top: (holding.y.valueOf() + holding.height.valueOf()) * scale + 4,
          }}
        >
          {spokenBlock(holding)}
        </output>
      )}
      {leaving && (
        <ReasonDialog
          name={names.get(leaving.block) ?? ''}
          side={leaving.side}
          beyond={leaving.beyond}
          onCancel={() => setLeaving(null)}
          onReason={(side, to, reason) => {
            const on = { layout: layout.id, blocks: [leaving.block], breakpoint: breakpoint.id };
            const handling = { is: 'stretched' as const, columns: leaving.columns };
            const moved = handled(document, layout, solved, leaving.block, handling);
            const problem = store.getState().take(leave(moved.value ?? document, on, side, { to, reason }));
            if (problem === null) setLeaving(null);
            return problem;
          }}
        />
      )}
    </div>
  );
}

function sectionOf({ blocks }: { blocks: readonly { id: string; section: string }[] }, id: string): string | null {
  return blocks.find((block) => block.id === id)?.section ?? null;
}

function covers(
  { x, y, width, height }: Pick<PlacedBlock, 'x' | 'y' | 'width' | 'height'>,
  left: number,
  top: number,
): boolean {
  const [fromX, fromY] = [left - x.valueOf(), top - y.valueOf()];
  return fromX >= 0 && fromY >= 0 && fromX <= width.valueOf() && fromY <= height.valueOf();
}

/** The blocks of a layout that some finding at this breakpoint is about. */
function flaggedBlocks(findings: ReturnType<typeof findingsOfDraft>, layout: string, breakpoint: string): Set<string> {
  const about = findings
    .filter((finding) => finding.breakpoint === breakpoint)
    .flatMap(({ subject }) => subject)
    .filter(([room, own]) => room === 'layouts' && own === layout);
  return new Set(about.flatMap((at) => (at.includes('blocks') ? [at[at.lastIndexOf('blocks') + 1]!] : [])));
}
