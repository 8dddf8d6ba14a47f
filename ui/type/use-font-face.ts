'use client';

import { useEffect, useState } from 'react';
import type { Font } from '../../core/spec/schema';
import { faceOf, fontAddress } from './font-address';

/** Loads a font of the team for this page; false until it is there, or where its file is gone. */
export function useFontFace(team: string, font: Font | null): boolean {
  const [loaded, setLoaded] = useState<string | null>(null);
  const face = font ? faceOf(font) : null;
  const address = font ? fontAddress(team, font) : null;
  useEffect(() => {
    if (!face || !address) return;
    let isGone = false;
    load(face, address)
      .then(() => !isGone && setLoaded(face))
      .catch(() => {});
    return () => {
      isGone = true;
    };
  }, [face, address]);
  return face !== null && loaded === face;
}

const loading = new Map<string, Promise<void>>();

/** Loads a font once, however many parts of the page ask for it; what failed may be asked for again. */
function load(face: string, address: string): Promise<void> {
  const begun = loading.get(face) ?? loadNow(face, address);
  loading.set(face, begun);
  begun.catch(() => loading.delete(face));
  return begun;
}

async function loadNow(face: string, address: string): Promise<void> {
  document.fonts.add(await new FontFace(face, `url(${address})`).load());
}
