'use client';

import { useEffect, useState } from 'react';

/** Has the page's script taken over yet? Until then a button does nothing, and a form would be sent by the browser itself. */
export function useAwake(): boolean {
  const [isAwake, setAwake] = useState(false);
  useEffect(() => setAwake(true), []);
  return isAwake;
}
