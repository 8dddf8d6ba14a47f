import { createStore, del, get, set } from 'idb-keyval';
import type { Pixels } from '../../../../core/picture/pixels';

/** How a picture lies under the grid: its strength and size in percent, moved by so many px of the screen. */
export type Placement = { strength: number; across: number; down: number; scale: number };

export const AS_IT_COMES: Placement = { strength: 100, across: 0, down: 0, scale: 100 };

/** A picture as the browser keeps it: the file, and how it lies. It is never sent. */
export type KeptPicture = { file: Blob; placement: Placement };

/** A picture that is shown. */
export type Picture = {
  url: string;
  width: number;
  height: number;
  pixels: Pixels | null;
  /** Its darkest, its average and its lightest colour, for the contrast of the overlays. */
  grounds: string[];
  placement: Placement;
};

const store = typeof indexedDB === 'undefined' ? undefined : createStore('ypsiline-pictures', 'pictures');

export const pictureKey = (specId: string, breakpoint: string): string => `${specId} ${breakpoint}`;

export async function readPicture(key: string): Promise<KeptPicture | null> {
  return (await get<KeptPicture>(key, store)) ?? null;
}

export async function writePicture(key: string, picture: KeptPicture | null): Promise<void> {
  await (picture ? set(key, picture, store) : del(key, store));
}

/** Beyond so many pixels a picture is shown, and not looked into for its edges. */
const MOST_PIXELS = 40_000_000;

/**
 * Decodes a picture.
 *
 * @throws when the browser cannot show it
 */
export async function shownPicture({ file, placement }: KeptPicture): Promise<Picture> {
  const url = URL.createObjectURL(file);
  try {
    const image = new Image();
    image.src = url;
    await image.decode();
    const [width, height] = [image.naturalWidth || 1280, image.naturalHeight || 800];
    const pixels = width * height <= MOST_PIXELS ? pixelsOf(image, width, height) : null;
    return { url, width, height, pixels, grounds: pixels ? sampledColours(pixels) : [], placement };
  } catch (error) {
    URL.revokeObjectURL(url);
    throw error;
  }
}

function pixelsOf(image: HTMLImageElement, width: number, height: number): Pixels {
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [width, height];
  const context = canvas.getContext('2d', { willReadFrequently: true })!;
  context.fillStyle = '#ffffff';
  context.fillRect(0, 0, width, height);
  context.drawImage(image, 0, 0, width, height);
  return { width, height, data: context.getImageData(0, 0, width, height).data };
}

const SAMPLES = 24;

/** The darkest, the average and the lightest colour of a picture, as hexadecimal text, from a sample of it. */
function sampledColours({ width, height, data }: Pixels): string[] {
  const pixels = Array.from({ length: SAMPLES * SAMPLES }, (_, index) => {
    const x = Math.floor(((index % SAMPLES) + 0.5) * (width / SAMPLES));
    const y = Math.floor((Math.floor(index / SAMPLES) + 0.5) * (height / SAMPLES));
    const at = (y * width + x) * 4;
    return [data[at]!, data[at + 1]!, data[at + 2]!];
  });
  const light = (pixel: number[]): number => pixel[0]! * 0.2126 + pixel[1]! * 0.7152 + pixel[2]! * 0.0722;
  const sorted = pixels.toSorted((a, b) => light(a) - light(b));
  const average = [0, 1, 2].map((channel) => pixels.reduce((sum, pixel) => sum + pixel[channel]!, 0) / pixels.length);
  return [sorted[0]!, average, sorted.at(-1)!].map(hexadecimal);
}

function hexadecimal(channels: number[]): string {
  return `#${channels.map((channel) => Math.round(channel).toString(16).padStart(2, '0')).join('')}`;
}
