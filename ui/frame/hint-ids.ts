import { VIEWS } from './views';

/** What the interface explains once: what each view answers, and the first steps beside the bench with those that were done. */
export const HINTS = [...VIEWS.map(({ id }) => id), 'first-steps', 'did-screens', 'did-columns', 'did-rows'] as const;

export type Hint = (typeof HINTS)[number];
