import { type KeyboardEvent, type RefObject, useState } from 'react';
import type { Into, Point } from '../../core/layouts/move-block';
import type { PlacedBlock } from '../../core/layouts/place-blocks';
import type { Handling } from './handling';
import type { Typed } from './use-typing';

/** What can be done on a page, by the ids of its blocks. */
export type PageActs = {
  /** A block as it stands now. */
  block: (id: string) => PlacedBlock;
  /** A place of the window on the page, in px from its start and its top. */
  point: (x: number, y: number) => Point;
  /** What lies there for a block that is dragged over it. */
  into: (id: string, point: Point) => Into | null;
  choose: (id: string, withOthers: boolean) => void;
  /** A card is opened by a double click on something in it, in px of the page. */
  open: (card: string, x: number, y: number) => void;
  type: (id: string) => void;
  typed: (typed: Typed) => boolean;
  /** While it is handled; null where it is let go without a change. */
  handle: (id: string, handling: Handling | null) => void;
  letGo: (id: string, handling: Handling) => void;
  /** Let go off the lines, so many px beyond the nearest, for a reason that is asked for. */
  leave: (id: string, side: 'start' | 'end', columns: [number, number], beyond: number) => void;
  press: (id: string, event: KeyboardEvent) => void;
};

/** The same acts for as long as the page is there, each doing what it does at the time it is called. */
export function useStable(latest: RefObject<PageActs>): PageActs {
  const [acts] = useState<PageActs>(() => ({
    block: (...given) => latest.current.block(...given),
    point: (...given) => latest.current.point(...given),
    into: (...given) => latest.current.into(...given),
    choose: (...given) => latest.current.choose(...given),
    open: (...given) => latest.current.open(...given),
    type: (...given) => latest.current.type(...given),
    typed: (...given) => latest.current.typed(...given),
    handle: (...given) => latest.current.handle(...given),
    letGo: (...given) => latest.current.letGo(...given),
    leave: (...given) => latest.current.leave(...given),
    press: (...given) => latest.current.press(...given),
  }));
  return acts;
}
