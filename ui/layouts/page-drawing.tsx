'use client';

import { useEffect, useMemo, useRef, useState } from 'react';
import { blockOf } from '../../core/layouts/edit-layout';
import { isWorded } from '../../core/spec/block-kinds';
import { type DrawnBlock, offEdges } from '../../core/layouts/proof';
import { leave, writeWords } from '../../core/layouts/write-block';
import { counted } from '../../core/length/present';
import type { PlacedBlock } from '../../core/layouts/place-blocks';
import { sameJson } from '../../core/edits/same-json';
import { intoAt } from '../../core/layouts/move-block';
import { solveLayout } from '../../core/layouts/solve-layout';
import { breakpointAt } from '../../core/spec/ranges';
import type { Breakpoint, Layout } from '../../core/spec/schema';
import { findingsOfDraft } from '../draft/findings-of-draft';
import { useDraft, useDraftStore, useMayEdit, useView, useViewStore } from '../draft/draft-context';
import { blockInCard, flaggedBlocks, inStandingOrder, linesText, sectionOfBlock } from './page-blocks';
import { OffLine } from './off-line';
import { PageFrame } from './page-frame';
import { PageOverlays } from './page-overlays';
import { BlockOnPage, spokenBlock } from './block-on-page';
import styles from './layouts.module.scss';
import { ReasonDialog } from './reason-dialog';
import { handled, type Handling, type Held } from './handling';
import { blockKeys } from './block-keys';
import { useOwnPictures, usePicturesOf } from './own-pictures';
import { type PageActs, useStable } from './page-acts';
import type { ChosenBlocks } from './use-chosen';
import { useClipboard } from './use-clipboard';
import type { Typed } from './use-typing';

type Props = {
  team: string;
  layout: Layout;
  breakpoint: Breakpoint;
  viewport: number;
  scale: number;
  /** Is it the only page that is shown? */
  isAlone: boolean;
  chosen: ChosenBlocks;
  /** Says a sentence under the page. */
  say: (problem: string | null) => void;
  /** The block whose words are typed. */
  typing: string | null;
  onType: (block: string | null) => void;
};

/** What is said of a block that is handled takes about so many px of the window. */
const SAYS = 330;

type Leaving = { side: 'start' | 'end'; columns: [number, number]; beyond: number; block: string };

/** A page as it is built, to scale, with its grid and handles over it. While a block is handled, the page is as it would be were it let go now. */
export function PageDrawing({
  team,
  layout,
  breakpoint,
  viewport,
  scale,
  isAlone,
  chosen,
  say,
  typing,
  onType,
}: Props) {
  const document = useDraft((draft) => draft.document);
  const store = useDraftStore();
  const mayEdit = useMayEdit();
  const view = useViewStore();
  const direction = useView((view) => view.direction);
  const [drawn, setDrawn] = useState<readonly DrawnBlock[] | null>(null);
  const [lines, setLines] = useState(0);
  const [held, setHeld] = useState<Held>(null);
  const own = useOwnPictures();
  const pictures = usePicturesOf(layout.id);
  /** A file that is dropped on a block, or pasted while one is chosen. */
  const hangUp = (block: string | undefined, file: File): void => {
    const holds = block === undefined ? undefined : blockOf(layout, block)?.block.holds;
    if (!holds || !('picture' in holds)) return say('Drop a picture on a picture block, or select one and paste it.');
    void own.put(`${layout.id}/${block!}`, file).then(say);
  };
  const clipboard = useClipboard(layout, chosen, say, (file) => hangUp(chosen.blocks[0], file));
  const surface = useRef<HTMLDivElement>(null);
  const [leaving, setLeaving] = useState<Leaving | null>(null);
  const given = useView((view) => view.pageHeights[breakpoint.id]);
  const tall = given ?? breakpoint.reference.height;
  const solved = useMemo(() => solveLayout(document, layout, viewport, tall), [document, layout, viewport, tall]);
  const spec = useMemo(
    () =>
      held ? (handled(document, layout, solved, held.block, held.handling, chosen.blocks).value ?? document) : document,
    // those that are chosen stay so while one of them is held
    [document, layout, solved, held, chosen.blocks],
  );
  const now = spec.layouts.find(({ id }) => id === layout.id) ?? layout;
  const shown = useMemo(
    () => (spec === document ? solved : solveLayout(spec, now, viewport, tall)),
    [spec, document, now, solved, viewport, tall],
  );
  const heldPage = useMemo(() => (held ? { shown, before: solved } : null), [held, shown, solved]);
  const off = useMemo(() => drawn && offEdges(shown, drawn), [shown, drawn]);
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
    say(store.getState().take(handled(document, layout, solved, block, handling, chosen.blocks)));
  };
  const type = (block: string): void => {
    if (!mayEdit) return;
    choose(block);
    onType(block);
  };
  const typed = (what: Typed): boolean => {
    if (typing === null) return true;
    if (what.is === 'lines') {
      setLines(what.lines);
      return true;
    }
    const block = blockOf(layout, typing)?.block;
    const refused =
      what.words !== null && block
        ? store.getState().take(writeWords(store.getState().document, layout.id, block, what.words))
        : null;
    say(refused);
    if (refused !== null) return false;
    const texts = shown.blocks.filter(({ placed }) => isWorded(placed.block.holds)).map(({ id }) => id);
    const next = what.next === 0 ? undefined : texts[texts.indexOf(typing) + what.next];
    if (next !== undefined) type(next);
    else {
      onType(null);
      surface.current?.querySelector<HTMLElement>(`[data-block="${CSS.escape(typing)}"]`)?.focus();
    }
    return true;
  };
  // blocks that stay as they are are not drawn anew for what can be done with them
  const latest = useRef<PageActs>(null!);
  latest.current = {
    block: (id) => shown.blocks.find((block) => block.id === id)!,
    point: (clientX, clientY) => {
      const { left, right, top } = surface.current!.getBoundingClientRect();
      const across = direction === 'ltr' ? clientX - left : right - clientX;
      return { x: Math.round(across / scale), y: Math.round((clientY - top) / scale) };
    },
    // of the page as it stands, not as it would be
    into: (id, point) => intoAt(solved, id, point),
    choose,
    open: (card, x, y) => {
      const inside = blockInCard(shown.blocks, card, { x, y });
      if (inside) choose(inside.id);
    },
    type,
    typed,
    handle: (block, handling) => {
      const next = handling && { block, handling, breakpoint: breakpoint.id };
      // most moves come to the same lines
      if (!sameJson(held, next)) setHeld(next);
    },
    letGo,
    leave: (block, side, own, beyond) => setLeaving({ side, columns: own, beyond, block }),
    press: (id, event) => {
      const block = solved.blocks.find((each) => each.id === id)!;
      blockKeys({ store, layout, solved, block, chosen, say, direction, type, breakpoint: breakpoint.id })(event);
    },
  };
  const acts = useStable(latest);
  // what is chosen elsewhere, or was just added, comes into sight
  const [first] = chosen.blocks;
  useEffect(() => {
    if (!isAlone || first === undefined) return;
    const block = surface.current?.querySelector(`[data-block="${CSS.escape(first)}"]`);
    const desk = surface.current?.closest('[data-shown]')?.getBoundingClientRect();
    const at = block?.getBoundingClientRect();
    if (at && desk && (at.bottom < desk.top || at.top > desk.bottom)) block!.scrollIntoView({ block: 'center' });
  }, [first, isAlone]);
  const typedBlock = typing && shown.blocks.find(({ id }) => id === typing);
  const under = ({ x, y, height: high }: PlacedBlock) => ({
    insetInlineStart: Math.max(0, Math.min(x.valueOf(), viewport - SAYS / scale)) * scale,
    top: (y.valueOf() + high.valueOf()) * scale + 4,
  });
  const holding = held && shown.blocks.find(({ id }) => id === held.block);
  return (
    <div
      ref={surface}
      className={styles.page}
      // its paper is white, as the page will be
      data-bs-theme="light"
      data-page
      data-proof={
        off && (off.length === 0 ? `${counted(shown.blocks.length * 4, 'edge')} match at ${viewport}` : 'off')
      }
      dir={direction}
      style={{ width: viewport * scale, height: height * scale }}
      onClick={(event) => event.target === event.currentTarget && chosen.clear()}
      {...clipboard.handlers}
      onDragOver={(event) => event.dataTransfer.types.includes('Files') && event.preventDefault()}
      onDrop={(event) => {
        const [file] = event.dataTransfer.files;
        if (!file) return;
        event.preventDefault();
        const block = (event.target as HTMLElement).closest<HTMLElement>('[data-block]')?.dataset['block'];
        const point = latest.current.point(event.clientX, event.clientY);
        // a card that is shut takes it for what it holds there
        hangUp(block && (blockInCard(shown.blocks, block, point)?.id ?? block), file);
      }}
    >
      <PageFrame
        {...{ team, viewport, height, tall, scale, direction, breakpoint }}
        // words and styles are those of the document; where blocks stand is worked out while one is held
        spec={document}
        layout={layout}
        held={heldPage}
        pictures={pictures}
        typing={typing}
        onTyped={acts.typed}
        onDrawn={setDrawn}
      />
      <PageOverlays
        // inks and grids are those of the document, which stays the same object while a block is held
        {...{ spec: document, breakpoint, viewport, height, scale, direction, shown }}
        layout={now}
        isStrong={held !== null}
        section={sectionOfBlock(shown.blocks, held?.block ?? chosen.blocks[0])}
      />
      {inStandingOrder(shown.blocks, solved.blocks).map((block) => (
        <BlockOnPage
          key={block.id}
          block={block}
          name={names.get(block.id)!}
          scale={scale}
          direction={direction}
          isTyped={typing === block.id}
          isChosen={chosen.blocks.includes(block.id)}
          isHeld={held?.block === block.id}
          isFlagged={flagged.has(block.id)}
          isTarget={isAlone}
          isFixed={!mayEdit}
          isShut={block.card !== null && !opened.has(block.card)}
          acts={acts}
        />
      ))}
      {holding && (
        <output className={styles.says} style={under(holding)}>
          <bdi dir="ltr">{spokenBlock(holding)}</bdi>
        </output>
      )}
      {typedBlock && (
        <output className={styles.says} style={under(typedBlock)}>
          <bdi dir="ltr">{linesText(lines, typedBlock)}</bdi>
        </output>
      )}
      {off !== null && held === null && typing === null && <OffLine off={off} viewport={viewport} />}
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
