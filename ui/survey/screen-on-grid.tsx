'use client';

import { type KeyboardEvent, type PointerEvent, useEffect, useMemo, useRef, useState } from 'react';
import { countingBoxes, type Part, type SurveyedScreen } from '../../core/survey/correct';
import { directionOf } from '../../core/survey/turned';
import { blocksAmong } from '../../core/survey/off';
import { useSize } from '../frame/use-size';
import type { Held } from './held-against';
import { ScreenOverlay } from './screen-overlay';
import { BoxSides } from './box-sides';
import { type Shows, steppedZoom } from './screen-tools';
import { useSurvey, useSurveyStore } from './survey-context';
import styles from './survey.module.scss';
import type { Correcting } from './use-correcting';

type Props = {
  held: Held;
  shows: Shows;
  /** The chosen boxes, the last of them the one that keys go on from. */
  choice: readonly number[];
  onChoose: (choice: readonly number[]) => void;
  correcting: Correcting;
  onShow: (shows: Shows) => void;
  /** Told the scale at which the screen is as wide as there is room. */
  onFit: (fit: number) => void;
  /** Is a part being left out? */
  isLeavingOut: boolean;
  onLeftOut: () => void;
};

const PAD = 16;

/** What keys make of the zoom. */
const ZOOM_KEYS: Record<string, (zoom: Shows['zoom'], fit: number) => Shows['zoom']> = {
  '+': (zoom, fit) => steppedZoom(zoom, 1, fit),
  '=': (zoom, fit) => steppedZoom(zoom, 1, fit),
  '-': (zoom, fit) => steppedZoom(zoom, -1, fit),
  '0': () => 'fit',
  '1': () => 1,
};
/** A part that is left out is at least so large, in px; less was a click. */
const LEAST_PART = 4;

/** A screen with its picture, the boxes that were found on it, the grid it is held against, and what is off. */
export function ScreenOnGrid({
  held,
  shows,
  choice,
  onChoose,
  correcting,
  onShow,
  onFit,
  isLeavingOut,
  onLeftOut,
}: Props) {
  const { screen } = held;
  const store = useSurveyStore();
  const url = usePicture(screen);
  const [desk, { width: room }] = useSize<HTMLDivElement>();
  const fit = Math.min(2, Math.max(0.05, (room - PAD * 2) / screen.width));
  const scale = shows.zoom === 'fit' ? fit : shows.zoom;
  useEffect(() => onFit(fit), [fit, onFit]);
  const chosen = choice.at(-1) ?? null;
  const [drawn, setDrawn] = useState<Part | null>(null);
  const [dragged, setDragged] = useState<Part | null>(null);
  const begun = useRef<{ x: number; y: number } | null>(null);
  const paper = useRef<HTMLDivElement>(null);
  const counting = useMemo(() => new Set(countingBoxes(screen)), [screen]);
  // from the top down, as keys go through them: the blocks before what is in them
  const order = useMemo(() => orderOf(screen), [screen]);

  const at = (event: PointerEvent): { x: number; y: number } => {
    const rect = paper.current!.getBoundingClientRect();
    const across = directionOf(screen) === 'rtl' ? rect.right - event.clientX : event.clientX - rect.left;
    return { x: across / scale, y: (event.clientY - rect.top) / scale };
  };
  const onPointerDown = (event: PointerEvent): void => {
    if (event.button !== 0) return;
    const here = at(event);
    if (isLeavingOut) {
      event.currentTarget.setPointerCapture(event.pointerId);
      begun.current = here;
      setDrawn({ ...here, width: 0, height: 0 });
    } else onChoose(withBox(choice, boxUnder(screen, here), event.shiftKey));
  };
  const onPointerMove = (event: PointerEvent): void => {
    const from = begun.current;
    if (from) setDrawn(between(from, at(event), screen));
  };
  const onPointerUp = (): void => {
    // what else is let go over the paper is no part
    if (!begun.current) return;
    begun.current = null;
    setDrawn(null);
    if (!drawn || drawn.width < LEAST_PART || drawn.height < LEAST_PART) return;
    store.getState().correct(screen.id, (before) => ({ ...before, leftOut: [...before.leftOut, drawn] }));
    onLeftOut();
  };

  const onKeyDown = (event: KeyboardEvent): void => {
    const { key } = event;
    if (event.ctrlKey || event.metaKey) return;
    if ((key === 'Delete' || key === 'Backspace') && chosen !== null) {
      event.preventDefault();
      return correcting.remove();
    }
    if (key === 'Escape') return onChoose([]);
    const zoomed = ZOOM_KEYS[key];
    if (zoomed) {
      event.preventDefault();
      // the keys of the pages beside it do not hear of it
      event.stopPropagation();
      return onShow({ ...shows, zoom: zoomed(shows.zoom, fit) });
    }
    const way = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[key];
    if (!way || order.length === 0) return;
    event.preventDefault();
    if (event.altKey && chosen !== null) {
      const isAcross = key === 'ArrowRight' || key === 'ArrowLeft';
      const side = isAcross ? (event.shiftKey ? 'start' : 'end') : event.shiftKey ? 'top' : 'foot';
      return correcting.move(side, isAcross && directionOf(screen) === 'rtl' ? -way : way);
    }
    const place = chosen === null ? (way === 1 ? -1 : 0) : order.indexOf(chosen);
    const next = order[(place + way + order.length) % order.length]!;
    onChoose(event.shiftKey ? withBox(choice, next, true) : [next]);
  };

  // what keys choose is brought into sight
  const box = chosen === null ? undefined : screen.boxes[chosen];
  useEffect(() => {
    const own = desk.current;
    if (!box || !own) return;
    const top = box.y * scale + PAD;
    if (top < own.scrollTop || top + Math.min(box.height * scale, 80) > own.scrollTop + own.clientHeight)
      own.scrollTop = Math.max(0, top - 60);
  }, [box, scale, desk]);

  return (
    <div
      ref={desk}
      className={styles.desk}
      tabIndex={0}
      role="group"
      aria-label={`${screen.name}: arrows go through its boxes, with Shift several, Delete removes them`}
      onKeyDown={onKeyDown}
    >
      {room > 0 && (
        <div
          ref={paper}
          className={styles.paper}
          data-tool={isLeavingOut ? 'leave-out' : 'choose'}
          style={{ width: screen.width * scale, height: screen.height * scale }}
          onPointerDown={onPointerDown}
          onPointerMove={onPointerMove}
          onPointerUp={onPointerUp}
        >
          {url && shows.picture && <img src={url} alt="" draggable={false} />}
          <ScreenOverlay
            {...{ held, shows, scale, counting }}
            drawn={drawn ?? dragged}
            chosen={choice.flatMap((index) => screen.boxes[index] ?? [])}
          />
          {box && choice.length === 1 && !isLeavingOut && (
            <BoxSides {...{ screen, box, scale }} onDrawn={setDragged} onMove={correcting.move} />
          )}
        </div>
      )}
    </div>
  );
}

/** The address of a screen’s picture in this window. */
function usePicture({ id }: SurveyedScreen): string | null {
  const file = useSurvey((survey) => survey.pictures[id]);
  const [url, setUrl] = useState<string | null>(null);
  useEffect(() => {
    if (!file) return setUrl(null);
    const made = URL.createObjectURL(file);
    setUrl(made);
    return () => URL.revokeObjectURL(made);
  }, [file]);
  return url;
}

function orderOf({ boxes }: SurveyedScreen): number[] {
  const blocks = new Set(blocksAmong(boxes));
  return boxes
    .map((_, index) => index)
    .sort((a, b) => {
      const [one, other] = [boxes[a]!, boxes[b]!];
      return Number(blocks.has(other)) - Number(blocks.has(one)) || one.y - other.y || one.x - other.x;
    });
}

/** The choice with a box more, or less where it was chosen; without Shift, that box alone. */
function withBox(choice: readonly number[], index: number | null, isMore: boolean): readonly number[] {
  if (index === null) return isMore ? choice : [];
  if (!isMore) return [index];
  return choice.includes(index) ? choice.filter((each) => each !== index) : [...choice, index];
}

/** The smallest box under a place. */
function boxUnder({ boxes }: SurveyedScreen, { x, y }: { x: number; y: number }): number | null {
  let found: { index: number; area: number } | null = null;
  for (const [index, box] of boxes.entries()) {
    const isUnder = x >= box.x && x <= box.x + box.width && y >= box.y && y <= box.y + box.height;
    const area = box.width * box.height;
    if (isUnder && (!found || area < found.area)) found = { index, area };
  }
  return found?.index ?? null;
}

function between(
  from: { x: number; y: number },
  to: { x: number; y: number },
  { width, height }: SurveyedScreen,
): Part {
  const [x, y] = [Math.max(0, Math.min(from.x, to.x)), Math.max(0, Math.min(from.y, to.y))].map(Math.round) as [
    number,
    number,
  ];
  const [right, foot] = [Math.min(width, Math.max(from.x, to.x)), Math.min(height, Math.max(from.y, to.y))];
  return { x, y, width: Math.round(right - x), height: Math.round(foot - y) };
}
