import { imageSize } from 'image-size';
import type { FoundGrid } from '../../core/survey/find-grids';
import { boxesOfPicture, type FoundBox } from '../../core/survey/picture/boxes-of-picture';
import { proposedDensity } from '../../core/survey/picture/density';
import type { Screen } from '../../core/survey/screens';
import { foundByWidth, gridsTogether, type Together } from '../../core/survey/together';
import { type Verticals, verticalsOf } from '../../core/survey/verticals';

/** What the worker is asked: boxes of a picture, or the grids of screens. */
export type SurveyOrder =
  | { is: 'read'; file: Blob; name: string; densityFor: readonly number[]; density: number | null }
  | { is: 'find'; screens: readonly Screen[] };

/** What screens were found to be drawn on. */
export type Found = { grids: [width: number, grids: FoundGrid[]][]; together: Together | null; verticals: Verticals };

export type SurveyNews =
  | { is: 'progress'; done: number }
  | { is: 'refused'; problem: string }
  | { is: 'read'; width: number; height: number; density: number; boxes: FoundBox[] }
  | { is: 'found'; found: Found };

/** A picture has at most so many pixels: two screens of 4K in width, and very long. */
const MOST_PIXELS = 64_000_000;
const TAKEN = ['png', 'jpg', 'webp'];

const tell = (news: SurveyNews): void => self.postMessage(news);

self.onmessage = ({ data }: MessageEvent<SurveyOrder>): void => {
  if (data.is === 'read') void read(data);
  else find(data.screens);
};

function find(screens: readonly Screen[]): void {
  const grids = foundByWidth(screens);
  const together = gridsTogether(screens, grids);
  tell({ is: 'found', found: { grids: [...grids], together, verticals: verticalsOf(screens) } });
}

async function read({ file, name, densityFor, density: said }: SurveyOrder & { is: 'read' }): Promise<void> {
  const { size, problem } = await sizeOf(file, name);
  if (!size) return tell({ is: 'refused', problem: problem! });
  tell({ is: 'progress', done: 0.05 });
  const pixels = await decoded(file);
  if (!pixels) return tell({ is: 'refused', problem: `${name} is damaged. Save it again.` });
  const density = said ?? proposedDensity(pixels.width, densityFor);
  const boxes = boxesOfPicture(pixels, density, (done) => tell({ is: 'progress', done: 0.1 + done * 0.9 }));
  tell({ is: 'read', width: pixels.width / density, height: pixels.height / density, density, boxes });
}

/** The size that a file says of itself, before anything is decoded. */
async function sizeOf(file: Blob, name: string) {
  const head = new Uint8Array(await file.slice(0, 512 * 1024).arrayBuffer());
  let size: ReturnType<typeof imageSize>;
  try {
    size = imageSize(head);
  } catch {
    return { problem: `${name} isn’t a picture Survey can read. Use a PNG, JPEG or WebP.` };
  }
  if (!TAKEN.includes(size.type ?? ''))
    return { problem: `${name} is a ${(size.type ?? 'file').toUpperCase()}. Use a PNG, JPEG or WebP.` };
  if (size.width * size.height > MOST_PIXELS)
    return {
      problem: `${name} is ${size.width.toLocaleString('en')} × ${size.height.toLocaleString('en')} pixels; at most ${MOST_PIXELS / 1_000_000} million can be read. Cut it in two.`,
    };
  if (size.width < 40 || size.height < 40)
    return { problem: `${name} is ${size.width} × ${size.height} pixels, too small for a screen.` };
  return { size };
}

/** The picture’s pixels on white; null where it cannot be shown. */
async function decoded(file: Blob): Promise<ImageData | null> {
  try {
    const bitmap = await createImageBitmap(file);
    const { width, height } = bitmap;
    const context = new OffscreenCanvas(width, height).getContext('2d', { willReadFrequently: true })!;
    context.fillStyle = '#ffffff';
    context.fillRect(0, 0, width, height);
    context.drawImage(bitmap, 0, 0);
    bitmap.close();
    return context.getImageData(0, 0, width, height);
  } catch {
    return null;
  }
}
