import { expect, test } from './app';

/** 640 × 400 is what 1280 × 800 becomes at 200 % (WCAG 2.2, 1.4.10 asks for reflow down to 320 at 400 %). */
const WINDOWS: [width: number, height: number][] = [
  [640, 400],
  // `YPSILINE_LONG=1` takes what lies between, and beyond; at 1280 × 800 every view is looked at elsewhere
  ...(process.env.YPSILINE_LONG
    ? ([
        [1024, 768],
        [1280, 800],
        [900, 700],
        [1920, 1080],
      ] as [number, number][])
    : []),
];

const DRAFT = ['', '/finder', '/sweep', '/type', '/layouts', '/survey', '/rules'];
/** One page of those that are read, and with `YPSILINE_LONG=1` the others. */
const PAGES = ['/publish', ...(process.env.YPSILINE_LONG ? ['/editions', '/editions/1.0.0'] : [])];

for (const [width, height] of WINDOWS) {
  test(`everything is reached in a window of ${width} × ${height}`, async ({ signedIn: page }) => {
    await page.setViewportSize({ width, height });
    for (const path of [...DRAFT, ...PAGES]
      .map((view) => `/tidewick/passenger-site${view}`)
      .concat('/tidewick', process.env.YPSILINE_LONG ? ['/survey/tidewick', '/account'] : [])) {
      await page.goto(path);
      const wide = await page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
      );
      expect(wide, `${path} scrolls sideways`).toBe(0);
      const bar = page.getByRole('banner');
      await expect(bar.getByRole('button', { name: 'Account of Ansa Brisk' })).toBeInViewport({ ratio: 1 });
      if (!path.includes('passenger')) continue;
      await expect(bar.getByRole('link', { name: 'Passenger site' })).toBeInViewport({ ratio: 1 });
      for (const view of ['Bench', 'Finder', 'Sweep', 'Type rhythm', 'Layouts', 'Survey', 'Rules', 'Editions'])
        await expect(bar.getByRole('link', { name: view, exact: true })).toBeInViewport({ ratio: 1 });
      if (!DRAFT.some((view) => path === `/tidewick/passenger-site${view}`)) continue;
      await expect(page.getByRole('link', { name: 'Publish…' })).toBeInViewport({ ratio: 1 });
      await expect(page.getByRole('button', { name: 'Undo', exact: true })).toBeInViewport({ ratio: 1 });
    }
    await page.goto('/tidewick/passenger-site');
    const drawing = page.getByRole('application');
    const inSight = async (): Promise<number> => {
      const box = (await drawing.boundingBox()) ?? { y: height, height: 0 };
      return Math.min(height, box.y + box.height) - box.y;
    };
    await expect.poll(inSight, { message: 'px of the drawing at once in sight' }).toBeGreaterThan(100);
    for (const tool of ['Distance', 'Zoom in', '1:1', 'Overlays…']) {
      const button = page.getByRole('button', { name: tool });
      await button.scrollIntoViewIfNeeded();
      await expect(button).toBeInViewport({ ratio: 1 });
    }
    const last = page.getByRole('gridcell', { name: /^Lines in screen, Phone/ });
    await last.scrollIntoViewIfNeeded();
    await expect(last).toBeInViewport({ ratio: 0.9 });
  });
}
