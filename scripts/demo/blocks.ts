import type { Block, Holds, Placement } from '../../core/spec/schema';

/** What the demo's layouts are made of. */

type At = Record<string, Placement>;

export function block(id: string, name: string, holds: Holds, at: At): Block {
  return { id, name, holds, at };
}

export const inStyle = (text: string, said: string): Holds => ({ text, words: said });
export const picture = (ratio: string, cropped?: true): Holds => ({ picture: ratio, ...(cropped ? { cropped } : {}) });
export const area: Holds = { area: 'plain' };
