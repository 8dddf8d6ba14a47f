import type { GridSystem } from './grid-systems';

/** A grid and what it stands in: `.col-* in .row in .container`. */
export function systemText({ name, kind, around }: GridSystem): string {
  const outer = (kind === 'tracks' ? around.slice(0, -1) : around).map((each) => `.${each.replaceAll(' ', '.')}`);
  return [name, ...outer.reverse()].join(' in ');
}
