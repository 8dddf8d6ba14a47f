'use client';

import { usePathname } from 'next/navigation';
import { useEffect, useRef } from 'react';
import { placeKey } from '../../../core/sheet/place';
import { send } from '../../frame/send';
import { viewAt } from '../../frame/views';
import type { Sync } from '../saving/sync';
import type { ViewStore } from '../view-store';
import { listenTo } from './events';
import type { TogetherStore } from './together-store';

/** Where one is, is said so often at most, in ms. */
const SAID_EVERY = 250;

/** Listens to what others do with the draft, and says where this window is in it. */
export function useWorkingTogether(specId: string, sync: Sync, together: TogetherStore, view: ViewStore): void {
  const at = viewAt(usePathname());
  const newest = useRef(at);
  newest.current = at;

  useEffect(() => {
    const stream = listenTo(specId, () => newest.current, sync.revision, {
      saved: sync.hear,
      here: (people, window) => {
        together.setState({ others: people.filter((each) => each.window !== window) });
        say();
      },
      far: () => void sync.readAnew(),
      // the answer says which it is
      over: () => void sync.readAnew(),
      cut: () => together.setState({ others: [] }),
    });
    let timer: ReturnType<typeof setTimeout> | undefined;
    let said = '';
    const say = (): void => {
      clearTimeout(timer);
      timer = setTimeout(() => {
        const window = stream.window();
        const place = { view: newest.current, cell: together.getState().cell };
        const now = JSON.stringify([window, place]);
        if (!window || now === said) return;
        said = now;
        void send('PUT', `/api/specs/${specId}/presence`, { window, ...place });
      }, SAID_EVERY);
    };
    const unsubscribe = together.subscribe(
      (now, before) => (now.cell !== before.cell || now.view !== before.view) && say(),
    );
    return () => {
      unsubscribe();
      clearTimeout(timer);
      stream.end();
    };
  }, [specId, sync, together]);

  // on the bench, where one is selected is where one is; other sheets say it themselves (`use-cell-sheet.ts`)
  useEffect(() => {
    together.setState({ view: at });
    if (at !== 'bench') return together.getState().lookAt('');
    const look = (): void => together.getState().lookAt(placeKey(view.getState().selected));
    look();
    return view.subscribe(({ selected }, before) => selected !== before.selected && look());
  }, [at, together, view]);
}
