import { parentPort } from 'node:worker_threads';
import { Resvg } from '@resvg/resvg-js';
import { pagePdf } from './page-pdf.mjs';

// Drawings become pictures and pages become PDFs here, beside the thread that answers. An order is { becomes, text }.
parentPort?.on('message', async (/** @type {{ becomes: 'png' | 'pdf', text: string }} */ { becomes, text }) => {
  try {
    // edges lie on whole pixels; no font is looked for, since nothing is written
    const bytes =
      becomes === 'pdf'
        ? await pagePdf(JSON.parse(text))
        : new Resvg(text, { font: { loadSystemFonts: false }, shapeRendering: 1 }).render().asPng();
    parentPort?.postMessage({ bytes });
  } catch (error) {
    parentPort?.postMessage({ problem: String(error) });
  }
});
