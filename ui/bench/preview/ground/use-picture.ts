'use client';

import { get, set } from 'idb-keyval';
import { useEffect, useState } from 'react';
import { useDraft } from '../../../draft/draft-context';
import { sampledColours } from './sampled-colours';

/** A person's own picture under the overlays. */
export type Picture = {
  url: string | null;
  problem: string | null;
  /** Its darkest, its average and its lightest colour, for the contrast of the overlays. */
  grounds: string[];
  bring: (file: File) => Promise<boolean>;
};

const LARGEST = 50 * 1024 * 1024;

/** The picture that was laid under this spec. It is kept by the browser, and never sent. */
export function usePicture(): Picture {
  const specId = useDraft((bench) => bench.specId);
  const [url, setUrl] = useState<string | null>(null);
  const [grounds, setGrounds] = useState<string[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const key = `ypsiline:picture:${specId}`;

  const show = async (picture: Blob): Promise<void> => {
    setGrounds(await sampledColours(picture));
    setUrl(URL.createObjectURL(picture));
  };
  useEffect(() => {
    if (url) return () => URL.revokeObjectURL(url);
  }, [url]);

  useEffect(() => {
    let isGone = false;
    get<Blob>(key)
      .then((kept) => (kept && !isGone ? show(kept) : undefined))
      .catch(() => {}); // a browser that keeps nothing, as in a private window
    return () => {
      isGone = true;
    };
  }, [key]);

  const bring = async (file: File): Promise<boolean> => {
    if (file.size > LARGEST) {
      setProblem(`${file.name} has ${Math.round(file.size / 1024 / 1024)} MB; a picture to lay under has at most 50.`);
      return false;
    }
    try {
      await show(file);
    } catch {
      setProblem(`${file.name} is no picture that this browser can show; choose a PNG, JPEG, WebP or SVG.`);
      return false;
    }
    setProblem(null);
    await set(key, file).catch(() => {});
    return true;
  };

  return { url, problem, grounds, bring };
}
