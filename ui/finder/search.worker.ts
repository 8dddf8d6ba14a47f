import { type Conditions, type Found, type Now, search } from '../../core/finder/search';

/** Searches off the page's thread: told conditions, answers with its progress and then with what it found. */
export type SearchOrder = { conditions: Conditions; now: Now };
export type SearchNews = { done: number } | { found: Found };

const PAUSE_MS = 60;

self.onmessage = ({ data: { conditions, now } }: MessageEvent<SearchOrder>): void => {
  let last = performance.now();
  const tell = (news: SearchNews): void => self.postMessage(news);
  const found = search(conditions, now, (done) => {
    if (performance.now() - last < PAUSE_MS) return;
    last = performance.now();
    tell({ done: done / conditions.widths.length });
  });
  tell({ found });
};
