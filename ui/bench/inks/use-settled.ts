import { type RefCallback, useCallback, useEffect, useRef } from 'react';

/**
 * For a field that is dragged, such as a slider: calls back when its value has settled, as the browser's own `change`
 * event says; React's `onChange` speaks for every value on the way.
 */
export function useSettled(onSettled: () => void): RefCallback<HTMLInputElement> {
  const newest = useRef(onSettled);
  useEffect(() => {
    newest.current = onSettled;
  });
  return useCallback((field) => {
    if (!field) return;
    // after React has taken the value over
    const onChange = (): void => void setTimeout(() => newest.current());
    field.addEventListener('change', onChange);
    return () => field.removeEventListener('change', onChange);
  }, []);
}
