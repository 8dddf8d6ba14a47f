import type { Browser, Page } from '@playwright/test';
import type { Screen } from '../../core/survey/screens';
import type { boxesOfPicture, FoundBox } from '../../core/survey/picture/boxes-of-picture';
import { pageHtml } from './drawn-page';
import { pictureScript } from './picture-in-page';

export type PictureKind = { type: 'png' | 'jpeg'; density: 1 | 2 };

export const PICTURE_KINDS: readonly PictureKind[] = [
  { type: 'png', density: 1 },
  { type: 'jpeg', density: 1 },
  { type: 'png', density: 2 },
  { type: 'jpeg', density: 2 },
];

type Read = { boxes: FoundBox[]; ms: number; height: number };

/** Renders pages of boxes to pictures in Chromium (JPEG at quality 70), and reads the boxes out of them in Chromium again. */
export async function pictureReader(browser: Browser) {
  const drawing = new Map<number, Page>();
  for (const density of [1, 2])
    drawing.set(density, await (await browser.newContext({ deviceScaleFactor: density })).newPage());
  const reading = await (await browser.newContext()).newPage();
  await reading.addScriptTag({ content: pictureScript() });

  const pictured = (screen: Screen, seed: number, kind: PictureKind): Promise<Buffer> =>
    picturedPage(pageHtml(screen, seed), screen.width, kind);
  const picturedPage = async (html: string, width: number, { type, density }: PictureKind): Promise<Buffer> => {
    const page = drawing.get(density)!;
    await page.setViewportSize({ width, height: 800 });
    await page.setContent(html);
    return page.screenshot({ type, fullPage: true, ...(type === 'jpeg' ? { quality: 70 } : {}) });
  };
  const read = async (picture: Buffer, { type, density }: PictureKind): Promise<Read> =>
    reading.evaluate(
      async ([data, mime, by]) => {
        const blob = await (await fetch(`data:image/${mime};base64,${data}`)).blob();
        const bitmap = await createImageBitmap(blob);
        const context = new OffscreenCanvas(bitmap.width, bitmap.height).getContext('2d')!;
        context.drawImage(bitmap, 0, 0);
        const pixels = context.getImageData(0, 0, bitmap.width, bitmap.height);
        const began = performance.now();
        const { survey } = globalThis as unknown as {
          survey: { boxesOfPicture: typeof boxesOfPicture };
        };
        const boxes = survey.boxesOfPicture(pixels, by);
        return { boxes, ms: performance.now() - began, height: bitmap.height / by };
      },
      [picture.toString('base64'), type, density] as const,
    );
  return { pictured, picturedPage, read };
}
