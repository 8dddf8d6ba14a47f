import { systemText } from '../site/system-text';
import type { GridSystem } from '../site/grid-systems';

/** Less sure than this, a grid is not compared by itself. */
export const LEAST_SURE = 0.8;

/** A grid of style sheets as a comparison names it: what it is made of, how sure it is from 0 to 1, and why not wholly. */
export type ComparedSystem = {
  title: string;
  container: string | null;
  row: string | null;
  columns: string | null;
  sure: number;
  why: string[];
};

export function comparedSystem(system: GridSystem): ComparedSystem {
  const { kind, around, name, sure, doubts } = system;
  const classes = around.map((each) => `.${each.replaceAll(' ', '.')}`);
  return {
    title: systemText(system),
    container: classes.length > 1 ? classes[0]! : null,
    row: classes.at(-1) ?? null,
    columns: kind === 'shares' ? name : null,
    sure: Math.round(Math.max(0, sure) * 100) / 100,
    why: doubts,
  };
}
