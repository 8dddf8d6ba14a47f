import { chance, real } from './generator';
import { type Page, photo, put, words } from './picture-parts';

/** Pages that stand on no grid of columns: a table of data, a document. */

export function tableOf(page: Page): void {
  const { truth, random, look } = page;
  const count = random.whole(4, 8);
  const shares = Array.from({ length: count }, () => 0.4 + real(random));
  const sum = shares.reduce((all, each) => all + each, 0);
  const high = random.oneOf([36, 40, 48]);
  const isStriped = chance(random, 0.5);
  for (let row = 0; row < random.whole(8, 18); row++) {
    const ground = isStriped && row % 2 === 1 ? `background:${look.paper};` : '';
    put(page, truth.start, page.y, truth.end - truth.start, high, `${ground}border-bottom:1px solid ${look.line}`);
    let x = truth.start;
    for (const share of shares) {
      const width = ((truth.end - truth.start) * share) / sum;
      put(
        page,
        x + 12,
        page.y + (high - 24) / 2,
        width - 24,
        24,
        'white-space:nowrap;overflow:hidden',
        words(random, random.whole(1, 2)),
      );
      x += width;
    }
    page.y += high;
  }
}

export function documentOf(page: Page): void {
  const { truth, random } = page;
  const measure = Math.min(truth.width - 64, random.whole(70, 90) * 8);
  const x = Math.round((truth.width - measure) / 2);
  for (let part = 0; part < random.whole(4, 8); part++) {
    put(
      page,
      x,
      page.y,
      measure,
      40,
      'font:700 28px/40px sans-serif;white-space:nowrap;overflow:hidden',
      words(random, 3),
    );
    const lines = random.whole(3, 9);
    put(page, x, page.y + 48, measure, lines * 24, 'overflow:hidden', words(random, lines * 16));
    page.y += 48 + lines * 24 + 24;
    if (chance(random, 0.2)) {
      put(page, x, page.y, measure, 240, photo(random));
      page.y += 264;
    }
  }
}
