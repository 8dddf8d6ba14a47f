'use client';

import { FILE_BYTES } from '../../../../core/limits';
import { useEffect, useRef, useState } from 'react';
import { successor } from '../../../../core/sheet/place';
import { useDraft, useDraftStore } from '../../../draft/draft-context';
import {
  AS_IT_COMES,
  type KeptPicture,
  type Picture,
  pictureKey,
  type Placement,
  readPicture,
  shownPicture,
  writePicture,
} from './kept-picture';

export type Pictures = {
  /** By breakpoint. */
  shown: Readonly<Record<string, Picture>>;
  problem: string | null;
  bring: (breakpoint: string, file: File) => Promise<boolean>;
  place: (breakpoint: string, placement: Placement) => void;
};

/** Keeps the picture of a breakpoint under its new id, too; undo finds it under the old one. */
async function follow(specId: string, before: string, now: string): Promise<KeptPicture | null> {
  const kept = await readPicture(pictureKey(specId, before)).catch(() => null);
  if (kept) await writePicture(pictureKey(specId, now), kept).catch(() => {});
  return kept;
}

/** A person's own pictures under the grids of a spec, one for each breakpoint. They are kept by the browser, and never sent. */
export function usePictures(): Pictures {
  const specId = useDraft((draft) => draft.specId);
  const ids = useDraft((draft) => draft.document.breakpoints.map(({ id }) => id).join(' '));
  const [shown, setShown] = useState<Record<string, Picture>>({});
  const [problem, setProblem] = useState<string | null>(null);

  const newest = useRef(shown);
  useEffect(() => {
    newest.current = shown;
  }, [shown]);
  useEffect(() => () => Object.values(newest.current).forEach(({ url }) => URL.revokeObjectURL(url)), []);

  const show = async (breakpoint: string, kept: KeptPicture): Promise<void> => {
    const picture = await shownPicture(kept);
    const replaced = newest.current[breakpoint];
    if (replaced) URL.revokeObjectURL(replaced.url);
    setShown((before) => ({ ...before, [breakpoint]: picture }));
  };

  // a picture goes on lying under a breakpoint that has another id since: one that was given its first name
  const store = useDraftStore();
  useEffect(
    () =>
      store.subscribe(({ document }, { document: before }) => {
        if (document === before) return;
        for (const { id } of before.breakpoints) {
          const now = successor(before, document, id);
          const isRenamed = now !== id && !before.breakpoints.some((each) => each.id === now);
          if (isRenamed) void follow(specId, id, now).then((kept) => kept && show(now, kept));
        }
      }),
    [store, specId],
  );

  // those of breakpoints that have come since are read too
  useEffect(() => {
    for (const id of ids.split(' ')) {
      if (newest.current[id]) continue;
      readPicture(pictureKey(specId, id))
        .then((kept) => (kept ? show(id, kept) : undefined))
        .catch(() => {}); // a browser that keeps nothing, as in a private window
    }
  }, [specId, ids]);

  const bring = async (breakpoint: string, file: File): Promise<boolean> => {
    if (file.size > FILE_BYTES.picture) {
      setProblem(`${file.name} has ${Math.round(file.size / 1024 / 1024)} MB; backdrops can have up to 50 MB.`);
      return false;
    }
    const kept = { file, placement: shown[breakpoint]?.placement ?? AS_IT_COMES };
    try {
      await show(breakpoint, kept);
    } catch {
      setProblem(`${file.name} isn’t a picture this browser can show. Choose a PNG, JPEG, WebP or SVG.`);
      return false;
    }
    setProblem(null);
    await writePicture(pictureKey(specId, breakpoint), kept).catch(() => {});
    return true;
  };

  const place = (breakpoint: string, placement: Placement): void => {
    setShown((before) =>
      before[breakpoint] ? { ...before, [breakpoint]: { ...before[breakpoint], placement } } : before,
    );
    const key = pictureKey(specId, breakpoint);
    void readPicture(key)
      .then((kept) => kept && writePicture(key, { ...kept, placement }))
      .catch(() => {});
  };

  return { shown, problem, bring, place };
}
