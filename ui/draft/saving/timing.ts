/** A save waits for a pause of this length (a shorter one while somebody else is there), but no longer than the last one, in ms. */
export const PAUSE_MS = 500;
const PAUSE_AMONG_OTHERS_MS = 150;
const LONGEST_WAIT_MS = 2_000;

/** A server that does not answer is asked again after so many ms; one whose disk is full now and then. */
export const RETRY_MS = 2_500;
export const FULL_RETRY_MS = 10_000;

/** When a save is due: one at a time, put off by each change, but not for ever. */
export function createTiming(save: () => void, later = afterMs) {
  let callOff = (): void => {};
  let waitsSince: number | null = null;
  let isOver = false;
  const soon = (wait: number): void => {
    callOff();
    if (!isOver) callOff = later(save, wait);
  };
  return {
    soon,
    /** Something was changed: it is saved after a pause. */
    changed: (isAmongOthers: boolean): void => {
      waitsSince ??= Date.now();
      const pause = isAmongOthers ? PAUSE_AMONG_OTHERS_MS : PAUSE_MS;
      soon(Math.max(0, Math.min(pause, waitsSince + LONGEST_WAIT_MS - Date.now())));
    },
    /** A save begins. */
    begins: (): void => {
      callOff();
      waitsSince = null;
    },
    end: (): void => {
      isOver = true;
    },
  };
}

const afterMs = (work: () => void, ms: number): (() => void) => {
  const timer = setTimeout(work, ms);
  return () => clearTimeout(timer);
};
