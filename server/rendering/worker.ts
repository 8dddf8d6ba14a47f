import { parentPort } from 'node:worker_threads';
import { Resvg } from '@resvg/resvg-js';
import { indexedPng } from './indexed-png';
import { pagePdf } from './page-pdf';
import { writtenTexts } from './written-texts';

const MAKE: Record<'png' | 'pdf' | 'texts', (text: string) => Promise<Uint8Array> | Uint8Array> = {
  pdf: (text) => pagePdf(JSON.parse(text)),
  png: pictureOf,
  texts: (text) => {
    const { document, origin } = JSON.parse(text);
    return new TextEncoder().encode(JSON.stringify(writtenTexts(document, origin)));
  },
};

function pictureOf(drawing: string): Buffer {
  // edges lie on whole pixels; no font is looked for, since nothing is written
  const picture = new Resvg(drawing, { font: { loadSystemFonts: false }, shapeRendering: 1 }).render();
  const { width, height, pixels } = picture;
  return indexedPng({ width, height, pixels }) ?? picture.asPng();
}

// Files are written, drawings become pictures and pages become PDFs here, beside the thread that answers. An order is { becomes, text }.
parentPort?.on('message', async ({ becomes, text }: { becomes: 'png' | 'pdf' | 'texts'; text: string }) => {
  try {
    parentPort?.postMessage({ bytes: await MAKE[becomes](text) });
  } catch (error) {
    parentPort?.postMessage({ problem: String(error) });
  }
});
