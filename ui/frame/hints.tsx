'use client';

import { createContext, type ReactNode, useContext, useState } from 'react';
import type { Hint } from './hint-ids';
import { send } from './send';

type Hints = { seen: readonly string[]; dismiss: (hint: Hint) => void };

/** Outside of a page that knows them, every hint counts as seen. */
const HintsContext = createContext<Hints | null>(null);

/** What is explained once: the hints that this account has not dismissed, on whatever is inside. */
export function HintsProvider({ seen, children }: { seen: readonly string[]; children: ReactNode }) {
  const [dismissed, setDismissed] = useState(seen);
  const dismiss = (hint: Hint): void => {
    setDismissed((before) => [...before, hint]);
    // one that could not be kept is only shown once more
    void send('POST', '/api/account/hints', { hint });
  };
  return <HintsContext.Provider value={{ seen: dismissed, dismiss }}>{children}</HintsContext.Provider>;
}

/** Whether a hint is shown, and how it is dismissed. */
export function useHint(hint: Hint): { isShown: boolean; dismiss: () => void } {
  const hints = useContext(HintsContext);
  return { isShown: hints !== null && !hints.seen.includes(hint), dismiss: () => hints?.dismiss(hint) };
}
