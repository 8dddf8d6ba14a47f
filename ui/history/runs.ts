import type { Wire } from '../../app/wire';
import type { Revision } from '../../server/specs/history';

/** A revision in a list. */
export type ListedRevision = Wire<Revision>;

/** Saves of one person belong together as long as less than this lies between them, in ms. */
const APART = 10 * 60_000;

/**
 * Revisions, the newest first, in runs: saves in a row by one person. A revision with a name or an edition begins a run, so that it is seen.
 */
export function runsOf(revisions: readonly ListedRevision[]): ListedRevision[][] {
  const runs: ListedRevision[][] = [];
  for (const revision of revisions) {
    const run = runs.at(-1);
    const later = run?.at(-1);
    const isNear = later && Date.parse(later.madeAt) - Date.parse(revision.madeAt) < APART;
    const isMarked = revision.name !== null || revision.edition !== null || revision.revision === 1;
    if (run && isNear && later.madeById === revision.madeById && !isMarked) run.push(revision);
    else runs.push([revision]);
  }
  return runs;
}
