import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { parentPort } from 'node:worker_threads';
import { Resvg } from '@resvg/resvg-js';
import { pagePdf } from './page-pdf.mjs';

/** The writers of files, as the build bundles them (`scripts/setup/build.mjs`). */
const WRITERS = pathToFileURL(join(process.cwd(), '.next/ypsiline-writers.mjs')).href;

/** @type {Record<'png' | 'pdf' | 'texts', (text: string) => Promise<Uint8Array> | Uint8Array>} */
const MAKE = {
  pdf: (text) => pagePdf(JSON.parse(text)),
  // edges lie on whole pixels; no font is looked for, since nothing is written
  png: (text) => new Resvg(text, { font: { loadSystemFonts: false }, shapeRendering: 1 }).render().asPng(),
  texts: async (text) => {
    const { writtenTexts } = await import(/* turbopackIgnore: true */ /* webpackIgnore: true */ WRITERS);
    const { document, origin } = JSON.parse(text);
    return new TextEncoder().encode(JSON.stringify(writtenTexts(document, origin)));
  },
};

// Files are written, drawings become pictures and pages become PDFs here, beside the thread that answers. An order is { becomes, text }.
parentPort?.on(
  'message',
  async (/** @type {{ becomes: 'png' | 'pdf' | 'texts', text: string }} */ { becomes, text }) => {
    try {
      parentPort?.postMessage({ bytes: await MAKE[becomes](text) });
    } catch (error) {
      parentPort?.postMessage({ problem: String(error) });
    }
  },
);
