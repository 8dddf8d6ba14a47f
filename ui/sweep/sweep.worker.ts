import type { Spec } from '../../core/spec/schema';
import { type CharacterLine, characterLines } from '../../core/sweep/swept-text';
import { type Sweep, sweepWidths } from '../../core/sweep/sweep';

/** Sweeps off the page's thread; the arrays are handed over, not copied. */
export type SweepOrder = { spec: Spec; from: number; to: number; number: number };
export type SweepNews = { sweep: Sweep; characters: CharacterLine[]; number: number };

self.onmessage = ({ data: { spec, from, to, number } }: MessageEvent<SweepOrder>): void => {
  const sweep = sweepWidths(spec, from, to);
  const news: SweepNews = { sweep, characters: characterLines(spec, sweep), number };
  const buffers = Object.values(sweep).flatMap((part) =>
    typeof part === 'object' ? [part.buffer as ArrayBuffer] : [],
  );
  (self as unknown as Worker).postMessage(news, buffers);
};
