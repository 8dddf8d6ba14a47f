const SAMPLES = 24;

/**
 * The darkest, the average and the lightest colour of a picture, as hexadecimal text, from a small sample of it.
 *
 * @throws when the browser cannot show the picture
 */
export async function sampledColours(picture: Blob): Promise<string[]> {
  const image = await loaded(picture);
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [SAMPLES, SAMPLES];
  const context = canvas.getContext('2d', { willReadFrequently: true })!;
  context.fillStyle = '#ffffff';
  context.fillRect(0, 0, SAMPLES, SAMPLES);
  context.drawImage(image, 0, 0, SAMPLES, SAMPLES);
  const { data } = context.getImageData(0, 0, SAMPLES, SAMPLES);
  const pixels = Array.from({ length: SAMPLES * SAMPLES }, (_, index) => [...data.slice(index * 4, index * 4 + 3)]);
  const light = (pixel: number[]): number => pixel[0]! * 0.2126 + pixel[1]! * 0.7152 + pixel[2]! * 0.0722;
  const sorted = pixels.toSorted((a, b) => light(a) - light(b));
  const average = [0, 1, 2].map((channel) => pixels.reduce((sum, pixel) => sum + pixel[channel]!, 0) / pixels.length);
  return [sorted[0]!, average, sorted.at(-1)!].map(hexadecimal);
}

async function loaded(picture: Blob): Promise<HTMLImageElement> {
  const image = new Image();
  image.src = URL.createObjectURL(picture);
  try {
    await image.decode();
  } finally {
    URL.revokeObjectURL(image.src);
  }
  return image;
}

function hexadecimal(channels: number[]): string {
  return `#${channels.map((channel) => Math.round(channel).toString(16).padStart(2, '0')).join('')}`;
}
