import { type OffOnPage, type OffThing, thingKey } from './measurement';

/** What was off on pages when they were measured. */
type Counted = { off: number; counts: readonly OffOnPage[] };

/** How much was off on one page, the oldest measurement first; null where it was not measured. */
export type PageOverTime = { page: string; off: (number | null)[] };

/**
 * How much was off over time, page by page, those with the most now first.
 *
 * @param measured the newest first
 */
export function pagesOverTime(measured: readonly Counted[]): PageOverTime[] {
  const times = measured.map(({ counts }) => new Map(counts.map(({ page, off }) => [page, off]))).reverse();
  const pages = [...new Set(times.flatMap((own) => [...own.keys()]))];
  const last = (off: readonly (number | null)[]): number => off.findLast((each) => each !== null) ?? 0;
  return pages
    .map((page) => ({ page, off: times.map((own) => own.get(page) ?? null) }))
    .sort((a, b) => last(b.off) - last(a.off) || (a.page < b.page ? -1 : 1));
}

/**
 * What came back: off now, not off when the same page was measured the time before, and off some time earlier.
 *
 * @param measured what was off, the newest first
 */
export function cameBack(measured: readonly Pick<Counted, 'counts'>[]): { page: string; things: OffThing[] }[] {
  const [now] = measured;
  return (now?.counts ?? []).flatMap(({ page, named }) => {
    const earlier = measured.slice(1).flatMap(({ counts }) => counts.filter((own) => own.page === page));
    const [before, ...older] = earlier.map((own) => new Set(own.named.map(thingKey)));
    const things = named.filter((thing) => {
      const key = thingKey(thing);
      return before && !before.has(key) && older.some((keys) => keys.has(key));
    });
    return things.length > 0 ? [{ page, things }] : [];
  });
}
