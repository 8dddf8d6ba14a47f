'use client';

import { createStore as createKept, del, get, keys, set as write } from 'idb-keyval';
import { createContext, useContext, useMemo } from 'react';
import { useStore } from 'zustand';
import { createStore } from 'zustand/vanilla';
import { FILE_BYTES } from '../../core/limits';
import { megabytes } from '../frame/megabytes';

/** How a picture of one’s own lies in its block: filling it, or whole in it, around a point of it in percent. */
export type PictureLies = { fit: 'cover' | 'contain'; across: number; down: number };

type Kept = PictureLies & { file: Blob };

/** A picture that stands in a block. */
export type OwnPicture = PictureLies & { url: string };

type Pictures = Readonly<Record<string, OwnPicture>>;

const database = typeof indexedDB === 'undefined' ? undefined : createKept('ypsiline-block-pictures', 'block-pictures');

/**
 * Pictures that somebody tries in blocks of a specification’s layouts, by `layout/block`. The browser keeps them; they are never sent, and are no part of the
 * specification. They are shown as pictures alone: what an SVG would run or fetch, it does not.
 */
export function createOwnPictures(specId: string) {
  const place = `${specId} `;
  const store = createStore<{ pictures: Pictures }>()(() => ({ pictures: {} }));
  const show = (id: string, { file, ...kept }: Kept): void => {
    const before = store.getState().pictures[id];
    const url = URL.createObjectURL(file);
    store.setState(({ pictures }) => ({ pictures: { ...pictures, [id]: { ...kept, url } } }));
    if (before) URL.revokeObjectURL(before.url);
  };
  const load = async (): Promise<void> => {
    for (const key of (await keys<string>(database)).filter((each) => each.startsWith(place))) {
      const kept = await get<Kept>(key, database);
      if (kept) show(key.slice(place.length), kept);
    }
  };
  // a browser that keeps nothing shows what is dropped now
  void load().catch(() => {});
  const keep = async (id: string, kept: Kept): Promise<void> => {
    show(id, kept);
    await write(place + id, kept, database).catch(() => {});
  };
  return {
    store,
    /** Puts a file into a block; a sentence where it is no picture, or too large. */
    put: async (id: string, file: File): Promise<string | null> => {
      if (file.size > FILE_BYTES.picture)
        return `${file.name} has ${megabytes(file.size)} MB; a picture can have up to ${megabytes(FILE_BYTES.picture)}.`;
      if (!(await isPicture(file))) return `${file.name} can’t be shown. Use a PNG, JPEG, WebP, AVIF, GIF or SVG file.`;
      await keep(id, { file, fit: 'cover', across: 50, down: 50 });
      return null;
    },
    lie: async (id: string, lies: Partial<PictureLies>): Promise<void> => {
      const kept = await get<Kept>(place + id, database).catch(() => undefined);
      if (kept) return keep(id, { ...kept, ...lies });
      store.setState(({ pictures }) => ({ pictures: { ...pictures, [id]: { ...pictures[id]!, ...lies } } }));
    },
    remove: async (id: string): Promise<void> => {
      const { [id]: gone, ...others } = store.getState().pictures;
      store.setState({ pictures: others });
      if (gone) URL.revokeObjectURL(gone.url);
      await del(place + id, database).catch(() => {});
    },
  };
}

export type OwnPictures = ReturnType<typeof createOwnPictures>;

const OwnPicturesContext = createContext<OwnPictures | null>(null);
export const OwnPicturesProvider = OwnPicturesContext.Provider;

export function useOwnPictures(): OwnPictures {
  const pictures = useContext(OwnPicturesContext);
  if (!pictures) throw new Error('this part of a layout is used outside of it');
  return pictures;
}

/** Those of one layout, by the ids of its blocks. */
export function usePicturesOf(layout: string): Readonly<Record<string, OwnPicture>> {
  const all = useStore(useOwnPictures().store, ({ pictures }) => pictures);
  return useMemo(() => {
    const at = `${layout}/`;
    const found = Object.entries(all).filter(([id]) => id.startsWith(at));
    return Object.fromEntries(found.map(([id, picture]) => [id.slice(at.length), picture]));
  }, [all, layout]);
}

async function isPicture(file: Blob): Promise<boolean> {
  const url = URL.createObjectURL(file);
  try {
    const image = new Image();
    image.src = url;
    await image.decode();
    return true;
  } catch {
    return false;
  } finally {
    URL.revokeObjectURL(url);
  }
}
