'use client';

import { useEffect, useMemo, useRef, useState } from 'react';
import { columnsAt } from '../../core/columns/columns-at';
import { inksOf } from '../../core/overlay/inks';
import { blockOf } from '../../core/layouts/edit-layout';
import { type DrawnBlock, offEdges } from '../../core/layouts/proof';
import { specOfSection } from '../../core/layouts/section-grid';
import { leave, writeWords } from '../../core/layouts/write-block';
import { counted } from '../../core/length/present';
import type { PlacedBlock } from '../../core/layouts/place-blocks';
import { sameJson } from '../../core/edits/same-json';
import { intoAt, type Point } from '../../core/layouts/move-block';
import { solveLayout } from '../../core/layouts/solve-layout';
import { breakpointAt } from '../../core/spec/ranges';
import type { Breakpoint, Layout } from '../../core/spec/schema';
import { findingsOfDraft } from '../draft/findings-of-draft';
import { useDraft, useDraftStore, useMayEdit, useView, useViewStore } from '../draft/draft-context';
import { Overlays } from '../drawing/overlays';
import { PageFrame } from './page-frame';
import { SectionColumns } from './section-columns';
import { BlockOnPage, spokenBlock } from './block-on-page';
import { CardOverlays } from './card-overlays';
import { GapBands } from './gap-bands';
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
  const overlays = useView((view) => view.overlays);
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
    () => (held ? (handled(document, layout, solved, held.block, held.handling).value ?? document) : document),
    [document, layout, solved, held],
  );
  const now = spec.layouts.find(({ id }) => id === layout.id) ?? layout;
  const shown = useMemo(
    () => (spec === document ? solved : solveLayout(spec, now, viewport, tall)),
    [spec, document, now, solved, viewport, tall],
  );
  const heldPage = useMemo(() => (held ? { shown, before: solved } : null), [held, shown, solved]);
  const columns = useMemo(() => columnsAt(document, breakpoint, viewport), [document, breakpoint, viewport]);
  const off = useMemo(() => drawn && offEdges(shown, drawn), [shown, drawn]);
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
  const type = (block: string): void => {
    choose(block);
    onType(block);
  };
  const typed = (what: Typed): void => {
    if (typing === null) return;
    if (what.is === 'lines') return setLines(what.lines);
    const block = blockOf(layout, typing)?.block;
    if (what.words !== null && block)
      say(store.getState().take(writeWords(store.getState().document, layout.id, block, what.words)));
    const texts = shown.blocks.filter(({ placed }) => 'text' in placed.block.holds).map(({ id }) => id);
    const next = what.next === 0 ? undefined : texts[texts.indexOf(typing) + what.next];
    if (next !== undefined) return type(next);
    onType(null);
    surface.current?.querySelector<HTMLElement>(`[data-block="${CSS.escape(typing)}"]`)?.focus();
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
      const inside = shown.blocks.findLast(({ card: around, ...own }) => around === card && covers(own, x, y));
      if (inside) choose(inside.id);
    },
    type: mayEdit ? type : () => {},
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
      const at = { breakpoint: breakpoint.id, direction, type: mayEdit ? type : () => {} };
      blockKeys({ store, layout, solved, block, chosen, say, ...at })(event);
    },
  };
  const acts = useStable(latest);
  // what is chosen elsewhere, or was just added, comes into sight
  const [first] = chosen.blocks;
  useEffect(() => {
    if (!isAlone || first === undefined) return;
    surface.current?.querySelector(`[data-block="${CSS.escape(first)}"]`)?.scrollIntoView({ block: 'nearest' });
  }, [first, isAlone]);
  const typedBlock = typing && shown.blocks.find(({ id }) => id === typing);
  const under = ({ x, y, height: high }: PlacedBlock) => ({
    insetInlineStart: Math.max(0, Math.min(x.valueOf(), viewport - SAYS / scale)) * scale,
    top: (y.valueOf() + high.valueOf()) * scale + 4,
  });
  const hasOwnGrids = now.sections.some((section) => specOfSection(spec, section) !== spec);
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
        hangUp(block && insideOf(shown.blocks, block, latest.current.point(event.clientX, event.clientY)), file);
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
      <svg width={viewport * scale} height={height * scale} viewBox={`0 0 ${viewport} ${height}`} aria-hidden="true">
        <g {...(direction === 'rtl' && { transform: `translate(${viewport} 0) scale(-1 1)` })}>
          <Overlays
            {...{ spec: document, breakpoint, solved: columns, scale, id: `page-${breakpoint.id}` }}
            width={viewport}
            height={height}
            shown={hasOwnGrids ? { ...overlays, columns: false } : overlays}
          />
          {overlays.columns && hasOwnGrids && (
            <SectionColumns
              spec={spec}
              layout={now}
              sections={shown.sections}
              breakpoint={breakpoint}
              viewport={viewport}
              height={height}
              scale={scale}
            />
          )}
          <CardOverlays blocks={shown.blocks} shown={overlays} inks={inks} />
        </g>
        {shown.sections.map(({ id, top }) => {
          const section = now.sections.find((each) => each.id === id);
          return section?.blocks.length === 0 ? (
            <text
              key={id}
              className={styles.emptySection}
              x={12 / scale}
              y={top.valueOf() + 16 / scale}
              fontSize={12 / scale}
            >
              {section.name}: empty. Add a block to it.
            </text>
          ) : null;
        })}
        {shown.sections.slice(1).map(({ id, top }) => (
          <path key={id} d={`M0 ${top.valueOf()}h${viewport}`} className={styles.seam} strokeWidth={1 / scale} />
        ))}
        {(held || chosen.blocks.length > 0) && (
          <GapBands
            solved={shown}
            section={sectionOf(shown, held?.block ?? chosen.blocks[0]!)}
            scale={scale}
            isStrong={held !== null}
          />
        )}
      </svg>
      {inOrder(shown.blocks, solved.blocks).map((block) => (
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
      {off !== null && off.length > 0 && held === null && typing === null && (
        <p className={styles.off} role="status" dir="ltr">
          At {viewport} px {off.slice(0, 2).join('; ')}
          {off.length > 2 ? `; and ${off.length - 2} more` : ''}.
        </p>
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

/** `2 of 3 lines`; how many the words take, where the block says how many it has. */
function linesText(lines: number, { placed: { height } }: PlacedBlock): string {
  const given = typeof height === 'object' && 'lines' in height ? height.lines : null;
  return given === null ? counted(lines, 'line') : `${lines} of ${counted(given, 'line')}`;
}

/** Blocks in the order of the page as it stands: what is held stays where it is in the document that it is dragged over. */
function inOrder(blocks: readonly PlacedBlock[], before: readonly PlacedBlock[]): readonly PlacedBlock[] {
  if (blocks === before) return blocks;
  const places = new Map(before.map(({ id }, place) => [id, place]));
  return blocks.toSorted((a, b) => (places.get(a.id) ?? 0) - (places.get(b.id) ?? 0));
}

/** The picture in a card under a place: a card that is shut takes what is dropped on what it holds. */
function insideOf(blocks: readonly PlacedBlock[], id: string, { x, y }: Point): string {
  const inside = blocks.find(
    (block) => block.card === id && 'picture' in block.placed.block.holds && covers(block, x, y),
  );
  return inside?.id ?? id;
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
